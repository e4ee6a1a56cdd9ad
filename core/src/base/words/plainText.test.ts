import fc from 'fast-check';
import { cutText, lineFault, plainText, seenLength } from './plainText';

const FAMILY = '👨‍👩‍👧‍👦';
const fault = (text: unknown, max = 80) => lineFault(text, { min: 1, max }, 'The site');

describe('what may stand on a line', () => {
  test.each([
    'Quay reading room',
    'Zürich No. 5',
    'مدرسة',
    '学校の屋上',
    FAMILY.repeat(80),
    '<b>not markup</b>',
    '=SUM(A1)',
    'é'.repeat(80),
  ])('%s', (text) => expect(fault(text)).toBeUndefined());

  test.each([
    ['', 'The site must not be blank.'],
    ['   ', 'The site must not be blank.'],
    ['\u200b\u200c\u2060', 'The site must not be blank.'],
    ['\ufeff', 'The site must not be blank.'],
    ['\u00ad', 'The site must not be blank.'],
    ['\u3164', 'The site must not be blank.'],
    ['\u2800', 'The site must not be blank.'],
    ['\u0301', 'The site must not be blank.'],
    ['a\ud800', 'The site has a broken character. Type it again.'],
    [7, 'The site must be text.'],
    ['x'.repeat(81), 'The site must have 1 to 80 characters.'],
    [FAMILY.repeat(81), 'The site must have 1 to 80 characters.'],
    [`Z${'\u0351'.repeat(2000)}`, 'The site must have 1 to 80 characters.'],
  ])('%j is refused: %s', (text, words) => expect(fault(text)).toBe(words));

  test.each([
    'a\u0000b',
    'a\u0007',
    'two\nlines',
    'tab\there',
    '\u202egnp.exe',
    '\u2066isolate\u2069',
    'a\u2028b',
    'a\u009bb',
  ])('%j misleads, and it is said so', (text) => expect(fault(text)).toMatch(/^The site has a hidden character/));
});

test('what looks alike is kept alike', () => {
  expect(plainText('  Cafe\u0301 ')).toBe('Café');
  expect(plainText('\u00a0Quay\u3000')).toBe('Quay');
});

test('a character is what a person sees', () => {
  expect(seenLength(`A${FAMILY}e\u0301`)).toBe(3);
  expect(cutText(`A${FAMILY}e\u0301z`, 3)).toBe(`A${FAMILY}e\u0301`);
  expect(cutText('Quay reading room', 5)).toBe('Quay');
});

test('what is cut to a length is never too long for it', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 120 }), fc.integer({ min: 1, max: 60 }), (text, most) => {
      const cut = cutText(text, most);
      expect(seenLength(cut)).toBeLessThanOrEqual(most);
      expect(text).toContain(cut);
      expect(lineFault(cut, { min: 0, max: most }, 'It') ?? 'may stand').not.toMatch(/characters/);
    }),
  );
});
