import { EMPTY, entryFor, entryText, keyOf, press, questionOf, staticOf, type Entry, type Key } from './keypadEntry';

const typed = (keys: string, side: 'return' | 'supply' = 'supply'): Entry =>
  [...keys].reduce((entry, key) => press(entry, key as Key, side), EMPTY);

test.each([
  ['0.27', '0.27'],
  ['.27', '0.27'],
  ['007', '7'],
  ['1..2', '1.2'],
  ['123456789', '123456'],
])('%s shows %s', (keys, shown) => expect(entryText(typed(keys), 'supply')).toBe(shown));

test('delete takes the last digit and, at the end, the sign', () => {
  const signed = press(typed('1'), 'sign', 'supply');
  expect(entryText(signed, 'supply')).toBe('−1');
  const emptied = press(signed, 'back', 'supply');
  expect(emptied.digits).toBe('');
  expect(press(emptied, 'back', 'supply')).toEqual(EMPTY);
});

test('the sign comes from the side until it is set by hand', () => {
  expect(staticOf(typed('.3'), 'return')).toBe(-0.3);
  expect(staticOf(press(typed('.3'), 'sign', 'return'), 'return')).toBe(0.3);
  expect(staticOf(EMPTY, 'return')).toBeUndefined();
  expect(Object.is(staticOf(typed('0'), 'return'), 0)).toBe(true);
});

test('keys of a physical keyboard', () => {
  expect(['7', ',', 'Backspace', '-', 'x', 'F5'].map(keyOf)).toEqual(['7', '.', 'back', 'sign', undefined, undefined]);
});

test('an everyday static raises no question; a far-off one says how far', () => {
  expect(questionOf(-0.31, 'return')).toBeUndefined();
  expect(questionOf(3, 'supply')?.sentence).toBe('3 in. w.c. is too high for a duct. 0.03?');
  expect(questionOf(0.2, 'return')?.sentence).toMatch(/^The return side is negative/);
  expect(staticOf(entryFor(-0.3), 'supply')).toBe(-0.3);
});
