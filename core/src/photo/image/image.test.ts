import * as fc from 'fast-check';
import {
  blankImage,
  cropped,
  fansOf,
  findSheet,
  flattened,
  inkFacts,
  inkOnly,
  leveled,
  resized,
  straightened,
  toGray,
  turned,
  wholeSheet,
  withoutLines,
  type Corners,
  type GrayImage,
} from '.';

/** A picture from a rule. */
function drawn(width: number, height: number, gray: (x: number, y: number) => number): GrayImage {
  const image = blankImage(width, height);
  for (let y = 0; y < height; y += 1) for (let x = 0; x < width; x += 1) image.data[y * width + x] = gray(x, y);
  return image;
}
const at = ({ width, data }: GrayImage, x: number, y: number) => data[Math.round(y) * width + Math.round(x)]!;

/** Lines of small blocks, like print, each turned by a slope. */
const print = (slope: number) =>
  drawn(420, 240, (x, y) => {
    const level = y - (x - 210) * slope;
    const inLine = ((level % 30) + 30) % 30 < 9;
    return inLine && x % 14 < 8 && x > 30 && x < 390 && y > 24 && y < 216 ? 30 : 240;
  });

describe('a gray picture', () => {
  test('each color counts as the eye sees it', () => {
    const rgba = [255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255];
    expect([...toGray(3, 1, rgba).data]).toEqual([76, 149, 29]);
  });
  test('a picture without pixels is refused', () => {
    expect(() => blankImage(0, 4)).toThrow(RangeError);
    expect(() => blankImage(3, 2.5)).toThrow(RangeError);
  });
  test('four quarter turns are none, and one of them moves the corners', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 }), (width, height) => {
        const image = drawn(width, height, (x, y) => (31 * x + 7 * y) % 256);
        expect(turned(turned(turned(turned(image, 1), 1), 1), 1)).toEqual(image);
        expect(turned(image, 2)).toEqual(turned(turned(image, 1), 1));
        const quarter = turned(image, 1);
        expect(at(quarter, height - 1, 0)).toBe(at(image, 0, 0));
      }),
    );
  });
  test('what is cut out beyond the edge is white', () => {
    const part = cropped(
      drawn(4, 4, () => 0),
      { x: 2, y: -1, width: 4, height: 3 },
    );
    expect([...part.data]).toEqual([255, 255, 255, 255, 0, 0, 255, 255, 0, 0, 255, 255]);
  });
  test('a flat gray stays the same in every size', () => {
    const flat = drawn(20, 10, () => 117);
    for (const [w, h] of [
      [7, 3],
      [20, 10],
      [41, 30],
    ] as const)
      expect(new Set(resized(flat, w, h).data)).toEqual(new Set([117]));
  });
});

describe('ink', () => {
  test('shade goes, print stays', () => {
    const shaded = drawn(200, 100, (x, y) => {
      const paper = 90 + 0.7 * x;
      return x % 20 < 4 && y % 20 < 10 ? paper * 0.4 : paper;
    });
    const flat = flattened(shaded, 15);
    expect(at(flat, 30, 15)).toBeGreaterThan(220);
    expect(at(flat, 170, 15)).toBeGreaterThan(220);
    expect(at(flat, 42, 45)).toBeLessThan(110);
    expect(at(flat, 162, 45)).toBeLessThan(110);
  });
  test('a black photo, an empty one and print are told apart', () => {
    expect(inkFacts(drawn(60, 60, () => 3)).mean).toBeLessThan(10);
    expect(inkFacts(drawn(60, 60, () => 200))).toMatchObject({ share: 0, contrast: 0 });
    const facts = inkFacts(print(0));
    expect(facts.share).toBeGreaterThan(0.05);
    expect(facts.contrast).toBeGreaterThan(40);
  });
  test('ruled lines go, and the letters between them stay', () => {
    const ruled = drawn(300, 120, (x, y) => {
      if (y === 60 || y === 61 || x === 150) return 20;
      return y > 20 && y < 40 && x % 30 < 6 ? 20 : 250;
    });
    const clean = withoutLines(ruled, inkOnly(ruled, 10), 80);
    expect(at(clean, 100, 60)).toBe(255);
    expect(at(clean, 150, 90)).toBe(255);
    expect(at(clean, 32, 30)).toBe(20);
  });
});

describe('a sheet that was held askew', () => {
  const corners: Corners = [
    { x: 80, y: 60 },
    { x: 520, y: 90 },
    { x: 500, y: 340 },
    { x: 60, y: 300 },
  ];
  const isInside = (x: number, y: number) =>
    corners.every((a, i) => {
      const b = corners[(i + 1) % 4]!;
      return (b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x) > 0;
    });
  const photo = drawn(600, 400, (x, y) => (isInside(x, y) ? 230 : 60));

  test('its corners are found within some pixels', () => {
    const found = findSheet(photo)!;
    corners.forEach((corner, i) => {
      expect(Math.hypot(found[i]!.x - corner.x, found[i]!.y - corner.y)).toBeLessThan(8);
    });
  });
  test('half in the shade they are found as well', () => {
    // The far end is darker than the ground is at the near end.
    const shaded = drawn(600, 400, (x, y) => (isInside(x, y) ? 230 : 120) * (1 - (0.65 * x) / 600));
    const found = findSheet(shaded)!;
    corners.forEach((corner, i) => {
      expect(Math.hypot(found[i]!.x - corner.x, found[i]!.y - corner.y)).toBeLessThan(10);
    });
  });
  test('with print up to its edge and glare across one of them they are found as well', () => {
    const glare = (x: number, y: number) => 130 * Math.max(0, 1 - ((x - 470) ** 2 + (y - 90) ** 2) / 120 ** 2);
    const printed = drawn(600, 400, (x, y) => {
      const isInk = x % 24 < 3 && y % 30 < 14;
      const gray = isInside(x, y) ? (isInk ? 40 : 210) : 100;
      return Math.min(255, gray + glare(x, y));
    });
    const found = findSheet(printed)!;
    corners.forEach((corner, i) => {
      expect(Math.hypot(found[i]!.x - corner.x, found[i]!.y - corner.y)).toBeLessThan(12);
    });
  });
  test('where no sheet is brighter than its ground, none is found', () => {
    expect(findSheet(drawn(400, 300, (x, y) => (x * 7 + y * 13) % 255))).toBeUndefined();
  });
  test('seen from above it fills the picture', () => {
    const flat = straightened(photo, corners);
    for (const [x, y] of [
      [0.02, 0.05],
      [0.97, 0.05],
      [0.97, 0.93],
      [0.03, 0.93],
      [0.5, 0.5],
    ] as const)
      expect(at(flat, x * (flat.width - 1), y * (flat.height - 1))).toBeGreaterThan(220);
    expect(straightened(photo, wholeSheet(photo), 300).width).toBe(300);
  });
  test('corners in one line are refused', () => {
    const [a] = corners;
    expect(() => straightened(photo, [a, a, a, a])).toThrow(RangeError);
  });
  test.each([-0.08, 0, 0.04])('print turned by a slope of %s is found to be, and made level', (slope) => {
    expect(fansOf(print(slope)).rows.turn).toBeCloseTo(slope, 2);
    expect(Math.abs(fansOf(leveled(print(slope))).rows.turn)).toBeLessThan(0.006);
  });
});
