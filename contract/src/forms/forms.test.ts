import { check } from '../check';
import { fromNumberText, UnitSetup } from '.';

test.each([
  ['3', 3],
  [' 2,5 ', 2.5],
  ['.5', 0.5],
  ['-0.31', -0.31],
  ['', null],
  ['three', 'three'],
  ['3t', '3t'],
  ['1e3', '1e3'],
  ['1.2.3', '1.2.3'],
  [7, 7],
])('%p is read as %p', (typed, read) => expect(fromNumberText(typed)).toBe(read));

test('a set-up form: blanks are unknown, words are refused by field', () => {
  const typed = { title: 'Attic', tons: '2,5', maxTespInWc: '', cfmPerTon: '400' };
  const good = check(UnitSetup, typed);
  expect(good).toMatchObject({ ok: true, value: { tons: 2.5, maxTespInWc: null, cfmPerTon: 400 } });
  const bad = check(UnitSetup, { ...typed, tons: 'three', maxTespInWc: '50', cfmPerTon: '' });
  expect(bad).toEqual({
    ok: false,
    errors: [
      { field: 'tons', message: 'Tons must be a number.' },
      { field: 'maxTespInWc', message: 'Nameplate static must be between 0.05 and 5 in. w.c.' },
      { field: 'cfmPerTon', message: 'Target must be a number.' },
    ],
  });
});
