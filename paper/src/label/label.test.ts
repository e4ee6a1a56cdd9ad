import { AS_FOUND } from '@huff/core';
import jsQR from 'jsqr';
import type { Drawing } from '../shapes';
import { shapesOf, expectOnPaper, wordsOn } from '../testing/drawn';
import { UNIT } from '../testing/visit';
import { qrDrawing } from './qr';
import { LABEL_SIZES, labelDrawing, labelLines } from './unitLabel';

const LINK = 'https://huff.local/units/de300000-0002-4000-8000-000000000001';

/** The modules of a drawn code as pixels, as a camera would see them. */
function pixelsOf({ shapes, width: side }: Drawing): Uint8ClampedArray {
  const { d } = shapesOf(shapes, 'path')[0]!;
  const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
  for (const [, x, y, w] of d.matchAll(/M([\d.]+) ([\d.]+)h([\d.]+)v/g)) {
    const [left, top, size] = [Number(x), Number(y), Number(w)];
    for (let row = Math.round(top); row < Math.round(top + size); row += 1)
      for (let column = Math.round(left); column < Math.round(left + size); column += 1)
        pixels.fill(0, (row * side + column) * 4, (row * side + column) * 4 + 3);
  }
  return pixels;
}

test('the code is read back by another reader', () => {
  const side = 410;
  expect(jsQR(pixelsOf(qrDrawing(LINK, side)), side, side)?.data).toBe(LINK);
});

test('a label says what is known of the unit, and nothing else', () => {
  expect(labelLines(UNIT, 'UTC')).toEqual([
    ['Nominal', '3 t'],
    ['Tap', '3'],
  ]);
  const belted = {
    ...UNIT,
    motor: 'beltDrive' as const,
    setup: { drive: { beltMark: 'A44', turnsOpen: 2.5 }, filterWidthIn: 20, filterHeightIn: 25, filterCount: 4 },
    proven: { visitId: UNIT.id, at: '2026-05-12T10:00:00Z', flowCfm: 1135, tespInWc: 0.44, system: {} as never },
  };
  expect(Object.fromEntries(labelLines(belted, 'UTC', 10))).toEqual({
    Nominal: '3 t',
    'Turns open': '2.5',
    Belt: 'A44',
    Filter: '4 × 20 × 25',
    'Heat kit': '10 kW',
    Static: '0.44 in. w.c.',
    Airflow: '1,135 CFM',
    Verified: '5/12/2026',
  });
});

test.each(LABEL_SIZES)('$name: every word lies on the label', (size) => {
  const long = { ...UNIT, name: 'Northwest stair hall air handler behind the periodicals, upper' };
  const drawing = labelDrawing({ unit: long, site: 'Lantern Quay library', link: LINK, zone: 'UTC' }, size);
  expectOnPaper(drawing);
  expect(wordsOn(drawing).join()).toContain('…');
});

test.each(LABEL_SIZES)('$name: no name runs into its value', (size) => {
  const unit = {
    ...UNIT,
    tap: AS_FOUND,
    proven: { visitId: UNIT.id, at: '2026-09-24T10:00:00Z', flowCfm: 12_917, tespInWc: 1.47, system: {} as never },
  };
  const { shapes } = labelDrawing({ unit, site: 'Quern seed warehouse', link: LINK, zone: 'UTC' }, size);
  const words = shapesOf(shapes, 'text').map(({ x, y, size: letters, text, anchor }) => {
    const width = text.length * letters * 0.6;
    return anchor === 'end' ? { y, from: x - width, to: x, text } : { y, from: x, to: x + width, text };
  });
  const values = words.filter(({ text }) => /^(9\/24\/2026|12,917 CFM|1\.47 in\. w\.c\.)$/.test(text));
  expect(values).toHaveLength(3);
  for (const { y, from } of values)
    for (const name of words.filter((one) => one.y === y && one.from < from)) expect(name.to).toBeLessThanOrEqual(from);
  // A speed that nobody named is none.
  expect(labelLines(unit, 'UTC').map(([name]) => name)).not.toContain('Tap');
});
