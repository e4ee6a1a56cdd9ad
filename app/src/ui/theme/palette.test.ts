import { ATTIC, DAYLIGHT, type Palette } from './palette';

/** WCAG 2.2 relative luminance and contrast ratio. */
const luminance = (hex: string) => {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
const contrast = (a: string, b: string) => {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
};

const text: (keyof Palette)[] = ['ink', 'softInk', 'suction', 'supply', 'action'];

describe.each([DAYLIGHT, ATTIC])('$name', (palette) => {
  test.each(text)('%s is readable on paper and on sheet', (name) => {
    expect(contrast(palette[name], palette.paper)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(palette[name], palette.sheet)).toBeGreaterThanOrEqual(4.5);
  });

  test('secondary text is read in the sun', () => {
    if (palette !== DAYLIGHT) return;
    expect(contrast(palette.softInk, palette.paper)).toBeGreaterThanOrEqual(7);
    expect(contrast(palette.softInk, palette.sheet)).toBeGreaterThanOrEqual(7);
  });

  test('ink is readable on tints, and the words on the action button', () => {
    expect(contrast(palette.ink, palette.edge)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(palette.ink, palette.outside)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(palette.onAction, palette.action)).toBeGreaterThanOrEqual(4.5);
  });
});
