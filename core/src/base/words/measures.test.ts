import {
  currentMeasures,
  fromShown,
  measuresOf,
  measuresText,
  setMeasures,
  SI_MEASURES,
  toShown,
  US_MEASURES,
  type Measures,
  type Quantity,
  withMeasures,
} from './measures';
import { flowText, flowWords, shownWords, staticText, staticWords } from './figures';
import { solveTool, toolText } from '../forms';
import { toolOf } from '../../calculators/catalogue';

afterEach(() => setMeasures(US_MEASURES));

const QUANTITIES: readonly Quantity[] = [
  'inWc',
  'cfm',
  'cfmPerTon',
  'fpm',
  'degF',
  'deltaF',
  'in',
  'ft',
  'sqFt',
  'sqIn',
  'btuH',
  'inWcPer100Ft',
];
const EVERY: readonly Measures[] = (['cfm', 'ls', 'm3h'] as const).flatMap((flow) => [
  { ...US_MEASURES, flow },
  { ...SI_MEASURES, flow },
]);

test('what is typed in any unit comes back as it was typed', () => {
  for (const measures of EVERY) {
    setMeasures(measures);
    for (const quantity of QUANTITIES) {
      for (const typed of [0, 0.07, 1, 21.5, 77, 444, 1036.5, -12.25]) {
        const stored = fromShown(typed, quantity);
        expect(Number(toShown(stored, quantity).toPrecision(7))).toBe(typed);
      }
    }
  }
});

test('known pairs', () => {
  setMeasures(SI_MEASURES);
  expect(toShown(1, 'inWc')).toBeCloseTo(248.84, 2);
  expect(toShown(1000, 'cfm')).toBeCloseTo(471.9, 1);
  expect(toShown(32, 'degF')).toBeCloseTo(0, 9);
  expect(toShown(212, 'degF')).toBeCloseTo(100, 9);
  expect(toShown(18, 'deltaF')).toBeCloseTo(10, 9);
  expect(toShown(12000, 'btuH')).toBeCloseTo(3.517, 3);
  expect(toShown(20, 'in')).toBeCloseTo(508, 9);
  expect(toShown(0.1, 'inWcPer100Ft')).toBeCloseTo(0.816, 3);
  setMeasures({ ...SI_MEASURES, flow: 'm3h' });
  expect(toShown(1000, 'cfm')).toBeCloseTo(1699, 0);
});

test('sentences, tools and their limits speak the person’s units; US is as it was', () => {
  expect([staticText(0.58), staticWords(0.58), flowText(940.2), flowWords(940.2)]).toEqual([
    '0.58',
    '0.58 in. w.c.',
    '940',
    '940 CFM',
  ]);
  expect(shownWords(18, 'deltaF')).toBe('18.0 °F');
  setMeasures(SI_MEASURES);
  expect([staticWords(0.58), staticText(-0.31), flowWords(940.2), toolText(72.5, 'degF')]).toEqual([
    '144 Pa',
    '−77',
    '444 L/s',
    '22.5 °C',
  ]);
  expect(shownWords(18, 'deltaF')).toBe('10.0 K');
  const outcome = solveTool(toolOf('flowPlate')!, {});
  expect(outcome.ok ? '' : outcome.errors[0]!.message).toMatch(/L\/s/);
});

test('what is computed does not follow the units: only its words do', () => {
  const inputs = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  const us = solveTool(toolOf('electricHeat')!, inputs);
  setMeasures(SI_MEASURES);
  expect(currentMeasures().static).toBe('pa');
  const si = solveTool(toolOf('electricHeat')!, inputs);
  expect(us.ok && us.headline.value).toBeCloseTo(983.4, 1);
  expect(si).toEqual(us);
});

test('words for somebody else are in theirs; what stood before stands again, after a fault as well', () => {
  expect(withMeasures(SI_MEASURES, () => staticWords(0.5))).toBe('124 Pa');
  expect(staticWords(0.5)).toBe('0.50 in. w.c.');
  const fails = () =>
    withMeasures(SI_MEASURES, () => {
      throw new Error('no');
    });
  expect(fails).toThrow('no');
  expect(currentMeasures()).toBe(US_MEASURES);
});

test('measures stand in an address and come back from it; in part they are the rest of the US; of others there is none', () => {
  for (const measures of [US_MEASURES, SI_MEASURES, { ...SI_MEASURES, flow: 'm3h' } as const])
    expect(measuresOf(measuresText(measures))).toEqual(measures);
  expect(measuresOf('c,pa')).toEqual({ ...US_MEASURES, static: 'pa', temperature: 'c' });
  for (const text of ['', 'pa,', 'stone', 'PA', 'static', '__proto__']) expect(measuresOf(text)).toBeUndefined();
});
