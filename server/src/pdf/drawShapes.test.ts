import { inflateSync } from 'node:zlib';
import { drawShapes } from './drawShapes';
import { bytesOf, newSheet } from './sheet';
import type { Shape } from '@huff/paper';

/** What a page of shapes holds, as a PDF writes it. */
async function written(shapes: readonly Shape[]): Promise<string> {
  const sheet = newSheet('Shapes', [300, 200], 0);
  sheet.addPage();
  drawShapes(sheet, shapes, { x: 10, y: 20, scale: 0.5 });
  const file = Buffer.from(await bytesOf(sheet)).toString('latin1');
  const streams = [...file.matchAll(/stream\n([\s\S]*?)\nendstream/g)].map(([, bytes]) =>
    Buffer.from(bytes!, 'latin1'),
  );
  const page = streams.flatMap((bytes) => {
    try {
      return inflateSync(bytes).toString('latin1');
    } catch {
      return [];
    }
  });
  return page.find((text) => text.includes('0.5 0 0 0.5')) ?? '';
}

const AREA = 'M0 0L40 0L40 20Z';

test('lines and areas are drawn at their place, as wide, dashed and faint as they are', async () => {
  const page = await written([
    { kind: 'line', x1: 0, y1: 5, x2: 90, y2: 5, stroke: 'action', strokeWidth: 2, dash: [7, 5] },
    { kind: 'path', d: AREA, fill: 'supply', fillOpacity: 0.24 },
  ]);
  expect(page).toMatch(/1 0 0 1 10 20 cm\s+0\.5 0 0 0\.5 0 0 cm/);
  expect(page).toMatch(/2 w\n.*\n?0\.65\d* 0\.27\d* 0\.10\d* SCN[\s\S]*\[7 5\] 0 d\n0 5 m\n90 5 l\nS/);
  expect(page).toMatch(/0 0 m\n40 0 l\n40 20 l\nh\nf/);
});

test('what is hatched is drawn as lines seen through its outline', async () => {
  const page = await written([{ kind: 'path', d: AREA, fill: 'suction', fillOpacity: 0.5, hatched: true }]);
  expect(page).toMatch(/40 20 l\nh\nW n/);
  expect(page.match(/ m\n/g)!.length).toBeGreaterThan(50);
});

test('of what lies in a box only the box is seen', async () => {
  const page = await written([
    { kind: 'clip', x: 1, y: 2, width: 30, height: 40, shapes: [{ kind: 'path', d: AREA, fill: 'ink' }] },
  ]);
  expect(page).toMatch(/1 2 30 40 re\nW n[\s\S]*40 20 l\nh\nf\nQ/);
});

test('words end where they are to end, and are as dark as ink after a faint area', async () => {
  const words = { kind: 'text', y: 50, text: 'read', size: 12 } as const;
  const xOf = (page: string) => Number(/1 0 0 1 ([\d.]+) [\d.]+ Tm/.exec(page)![1]);
  const [start, middle, end] = await Promise.all(
    (['start', 'middle', 'end'] as const).map(async (anchor) => xOf(await written([{ ...words, x: 100, anchor }]))),
  );
  expect(start).toBe(100);
  expect(middle! - end!).toBeCloseTo(start! - middle!, 3);
  const page = await written([
    { kind: 'path', d: AREA, fill: 'edge', fillOpacity: 0.75 },
    { ...words, x: 0, halo: 4 },
  ]);
  const faint = /(\/Gs\d+) gs\n0 0 m/.exec(page)![1];
  const last = page.slice(page.lastIndexOf('scn'));
  expect(last).not.toContain(`${faint} gs`);
  expect(page).toContain('2 Tr');
});
