import { ended, flowText, inSentence, oddsText, percentText, sentenceCase, staticText, tonsText } from './figures';

test('figures read as a technician writes them', () => {
  expect([0.58, -0.312, 0, -0.001, 1].map(staticText)).toEqual(['0.58', '−0.31', '0.00', '0.00', '1.00']);
  expect([940.2, 1035.5, 12].map(flowText)).toEqual(['940', '1,036', '12']);
  expect(percentText(0.345)).toBe('35 %');
  expect([3, 2.5, 7.5].map(tonsText)).toEqual(['3', '2.5', '7.5']);
});

test('odds are never surer than one in a hundred either way', () => {
  expect([0, 0.004, 0.01, 0.5, 0.994, 1].map(oddsText)).toEqual([
    'under 1 %',
    'under 1 %',
    '1 %',
    '50 %',
    '99 %',
    'over 99 %',
  ]);
});

test('a sentence begins with a capital, and keeps what follows as it is', () => {
  expect(['a caked wheel', 'R2 reads low', ''].map(sentenceCase)).toEqual(['A caked wheel', 'R2 reads low', '']);
});

test('a sentence ends with one period, also after a unit that has one', () => {
  expect(['between 0 and 5 in. w.c.', 'between 0 and 700 V'].map(ended)).toEqual([
    'between 0 and 5 in. w.c.',
    'between 0 and 700 V.',
  ]);
});

test('a name within a sentence begins small, but not an abbreviation or a terminal', () => {
  expect(['Capacitor, HERM side', 'R to G by hand', 'CO alarm', 'G–C, jumpered', ''].map(inSentence)).toEqual([
    'capacitor, HERM side',
    'R to G by hand',
    'CO alarm',
    'G–C, jumpered',
    '',
  ]);
});
