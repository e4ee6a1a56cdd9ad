import { EXAMPLE_D_DRIVE, EXAMPLE_D_GOAL, EXAMPLE_D_SYSTEM } from '../../../fixtures/exampleD';
import { ruleText, SI_MEASURES, withMeasures } from '../../base/words';
import { MOVES } from '../moves';
import { driveSolutions } from './driveSolutions';
import { NO_PARTS } from './parts';

const US_LENGTH = /\d (in|ft)\.?(?=\W|$)/;
const solve = (system = EXAMPLE_D_SYSTEM) => driveSolutions(system, EXAMPLE_D_GOAL, NO_PARTS);

test('a rule is read to the sixteenth, or in whole millimeters', () => {
  expect(ruleText(0.34)).toBe('5/16 in.');
  expect(withMeasures(SI_MEASURES, () => ruleText(-0.34))).toBe('9 mm');
});

test('a drive speaks the units of whoever reads it', () => {
  const textsOf = () => {
    const { solutions, reasons } = solve();
    const noFit = solve({
      ...EXAMPLE_D_SYSTEM,
      drive: { ...EXAMPLE_D_DRIVE, leastCentresIn: 30, mostCentresIn: 31 },
    });
    return [
      ...solutions.flatMap(({ words, checks }) => [words, ...checks.map(({ sentence }) => sentence)]),
      ...reasons,
      ...noFit.reasons,
    ];
  };
  expect(textsOf().filter((text) => US_LENGTH.test(text)).length).toBeGreaterThan(2);
  const metric = withMeasures(SI_MEASURES, textsOf);
  expect(metric.filter((text) => US_LENGTH.test(text))).toEqual([]);
  expect(metric.some((text) => /\d mm/.test(text))).toBe(true);
});

test.each(MOVES.map((move) => [move.id, move] as const))(
  'the fix %s says no US length to a metric reader',
  (_, move) => {
    const inputs = move.defaults(EXAMPLE_D_SYSTEM, { goal: EXAMPLE_D_GOAL, looks: new Map() });
    const says = withMeasures(SI_MEASURES, () => move.says(inputs as never, EXAMPLE_D_SYSTEM));
    expect(says).not.toMatch(US_LENGTH);
    expect(says).not.toBe('');
  },
);
