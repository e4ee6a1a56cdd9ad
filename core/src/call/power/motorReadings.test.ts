import { checkPoint, outcomeOf, standingChecks, withTold } from '../points';
import type { Check } from '../checks';
import { ampsDrift } from './ampsDrift';
import { windingsApartPercent } from '../electrical/windings';

const told = (...checks: Check[]) => withTold(standingChecks(checks));
const ohms = (prefix: string, ...values: number[]): Check[] =>
  values.map((value, i) => ({ point: `${prefix}Pair${i + 1}`, value }));

test('windings by pair: three that read and none to ground are sound', () => {
  const pairs = ohms('winding', 3.1, 9.4, 12.4);
  expect(told(...pairs).has('windings')).toBe(false);
  expect(told(...pairs, { point: 'windingGround', state: 'open' }).get('windings')).toEqual({
    point: 'windings',
    state: 'sound',
  });
});

test.each([
  ['a pair that is open tells alone', { point: 'windingPair2', state: 'open' }, 'open'],
  ['a path to ground tells alone', { point: 'windingGround', state: 'reads' }, 'ground'],
] as const)('%s', (_, check, state) => {
  expect(told(check).get('windings')).toEqual({ point: 'windings', state });
});

test('the complaint after the pairs stands; pairs read after it go before it', () => {
  const said: Check = { point: 'windings', state: 'openHot' };
  const open: Check = { point: 'windingPair1', state: 'open' };
  expect(told(open, said).get('windings')?.state).toBe('openHot');
  expect(told(said, open).get('windings')?.state).toBe('open');
});

test('windings behind a module are held against their mean', () => {
  const within = told(...ohms('module', 3.1, 3.2, 3.0)).get('moduleWindings')!;
  expect(within.value).toBeCloseTo(3.2, 1);
  expect(outcomeOf(within, {})).toBe('good');
  const apart = told(...ohms('module', 3.1, 3.2, 1.2)).get('moduleWindings')!;
  expect(outcomeOf(apart, {})).toBe('bad');
  expect(told(...ohms('module', 0, 0, 0)).has('moduleWindings')).toBe(false);
  expect(windingsApartPercent([0, 0, 0])).toBeUndefined();
});

test('a capacitor that runs is told from its amps and volts, and held against its rating', () => {
  const { capacitor } = Object.fromEntries(
    told({ point: 'capacitorAmps', value: 4.2 }, { point: 'capacitorVolts', value: 370 }),
  );
  expect(capacitor!.value).toBeCloseTo(30.1, 1);
  expect(outcomeOf(capacitor!, { ratedMicrofarads: 30 })).toBe('good');
  expect(outcomeOf(capacitor!, { ratedMicrofarads: 40 })).toBe('bad');
});

test('amps: up to the nameplate good, up to its service factor an edge, over it bad', () => {
  const plate = { plateAmps: 4, serviceFactor: 1.15 };
  const at = (value: number) => outcomeOf({ point: 'ampsCooling', value }, plate);
  expect([at(3.9), at(4.5), at(4.7)]).toEqual(['good', 'edge', 'bad']);
  expect(outcomeOf({ point: 'ampsDoorOff', value: 9 }, plate)).toBe('good');
  expect(checkPoint('ampsCooling')!.number!.ask!(14, plate)).toMatch(/one wire only/);
});

const MINUTE = 60_000;

test.each([
  [[4, 4.05], 'inside', /steady/],
  [[4, 4.2], 'atTheEdge', /rising/],
  [[4, 4.5], 'outside', /4 to 4.5 A in 10 min: rising/],
  [[4, 3.7], 'atTheEdge', /falling/],
] as const)('amps %p ten minutes apart are %s', ([from, to], word, words) => {
  const drift = ampsDrift([
    { amps: to, atMs: 10 * MINUTE },
    { amps: from, atMs: 0 },
  ])!;
  expect(drift.word).toBe(word);
  expect(drift.sentence).toMatch(words);
});

test('no drift is told by one reading, by two in the same minute, or from nothing', () => {
  expect(ampsDrift([])).toBeUndefined();
  expect(ampsDrift([{ amps: 4, atMs: 0 }])).toBeUndefined();
  expect(ampsDrift([{ amps: 4, atMs: 0 }, { amps: 5, atMs: MINUTE }])).toBeUndefined(); // prettier-ignore
  expect(ampsDrift([{ amps: 0, atMs: 0 }, { amps: 5, atMs: 9 * MINUTE }])).toBeUndefined(); // prettier-ignore
});
