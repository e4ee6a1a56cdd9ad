import { check } from '../check';
import { fromNumberText, UnitSetup } from '.';

test.each([
  ['3', 3],
  [' 2,5 ', 2.5],
  ['.5', 0.5],
  ['1,250', 1250],
  ['-12,500.5', -12500.5],
  ['1,234,567', 1234567],
  ['0,125', 0.125],
  ['12,50', 12.5],
  ['1,2,3', '1,2,3'],
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

test('what measuring needs to know: each blank is unknown, each wrong figure is named by its field', () => {
  const blank = Object.fromEntries(
    [
      'designCfm',
      'filterCount',
      'filterWidthIn',
      'filterHeightIn',
      'bareGrilleCollarIn',
      'altitudeFt',
      'lineVolts',
    ].map((id) => [id, '']),
  );
  const typed = { title: 'Attic', tons: '3', maxTespInWc: '', cfmPerTon: '400', ...blank };
  expect(check(UnitSetup, typed)).toMatchObject({ ok: true, value: { altitudeFt: null, filterCount: null } });
  const wrong = {
    ...typed,
    altitudeFt: '40000',
    filterWidthIn: '0',
    riseMinF: 'low',
    lineVolts: '24',
    tableVolts: '230',
  };
  const bad = check(UnitSetup, wrong);
  expect(bad.ok ? [] : bad.errors.map((e) => `${e.field}: ${e.message}`).sort()).toEqual([
    'altitudeFt: Altitude must be between −1,000 and 15,000 ft.',
    'filterWidthIn: Filter width must be between 4 and 60 in.',
    'lineVolts: Line volts must be between 90 and 600 V.',
    'riseMinF: Lowest rise must be a number.',
  ]);
});
