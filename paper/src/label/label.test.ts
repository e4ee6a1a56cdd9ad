import jsQR from 'jsqr';
import { UNIT } from '../testing/visit';
import { qrDrawing } from './qr';
import { LABEL_SIZES, labelDrawing, labelLines } from './unitLabel';

const LINK = 'https://huff.local/units/de300000-0002-4000-8000-000000000001';

/** The modules of a drawn code as pixels, as a camera would see them. */
function pixelsOf(markup: string, side: number): Uint8ClampedArray {
  const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
  for (const [, x, y, w] of markup.matchAll(/M([\d.]+) ([\d.]+)h([\d.]+)v/g)) {
    const [left, top, size] = [Number(x), Number(y), Number(w)];
    for (let row = Math.round(top); row < Math.round(top + size); row += 1)
      for (let column = Math.round(left); column < Math.round(left + size); column += 1)
        pixels.fill(0, (row * side + column) * 4, (row * side + column) * 4 + 3);
  }
  return pixels;
}

test('the code is read back by another reader', () => {
  const side = 410;
  expect(jsQR(pixelsOf(qrDrawing(LINK, side).markup, side), side, side)?.data).toBe(LINK);
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
    Proven: '12 May 2026',
  });
});

test.each(LABEL_SIZES)('$name: every word lies on the label', (size) => {
  const long = { ...UNIT, name: 'Northwest stair hall air handler behind the periodicals, upper' };
  const { markup, width, height } = labelDrawing(
    { unit: long, site: 'Lantern Quay library', link: LINK, zone: 'UTC' },
    size,
  );
  for (const [, x, y] of markup.matchAll(/<text x="([\d.-]+)" y="([\d.-]+)"/g)) {
    expect(Number(x)).toBeGreaterThanOrEqual(0);
    expect(Number(x)).toBeLessThanOrEqual(width);
    expect(Number(y)).toBeGreaterThan(0);
    expect(Number(y)).toBeLessThanOrEqual(height);
  }
  expect(markup).toContain('…');
});
