import { standingChecks, withTold } from '../points';
import type { Check } from '../checks';
import { assessPower } from '../power';
import { outdoorUnit } from './scheme';

const at = (point: string, read: number | string): Check =>
  typeof read === 'number' ? { point, value: read } : { point, state: read };
const assess = (...all: Check[]) => {
  const checks = withTold(standingChecks(all));
  return {
    checks,
    ...assessPower({ scheme: outdoorUnit, isOutdoors: true, checks, context: { lineVolts: 240 }, staticRead: true }),
  };
};
const fed = [at('outLineVolts', 240), at('outCallVolts', 26), at('outLoadVolts', 239)];
const herm = (read: number, rated?: number) => [
  at('outHermRead', read),
  ...(rated === undefined ? [] : [at('outHermRated', rated)]),
];

test('a capacitor side is judged against its own rating, and never without it', () => {
  expect(assess(...herm(21, 40)).checks.get('outHerm')?.state).toBe('weak');
  expect(assess(...herm(39, 40)).checks.get('outHerm')?.state).toBe('fine');
  const { checks, points } = assess(...herm(39));
  expect(checks.has('outHerm')).toBe(false);
  expect(points.find(({ id }) => id === 'outHerm')?.question).toMatch(/rating printed for this side/);
});

test.each([
  ['hums, HERM side dead', [...fed, at('outTries', 'hums'), ...herm(2, 40)], 'outHermCapacitor'],
  [
    'fan still, FAN side dead',
    [...fed, at('outTries', 'compressorOnly'), at('outFanSideRead', 0.6), at('outFanSideRated', 5)],
    'outFanCapacitor',
  ],
  [
    'nothing, 24 V there, coil open',
    [
      at('outLineVolts', 240),
      at('outCallVolts', 26),
      at('outLoadVolts', 0),
      at('outTries', 'nothing'),
      at('outCoilOhms', 'open'),
    ],
    'outContactorCoil',
  ],
  [
    'nothing, insects in the contactor',
    [at('outLineVolts', 240), at('outCallVolts', 26), at('outLoadVolts', 0), at('outContacts', 'insects')],
    'outContactorFaces',
  ],
  [
    'nothing, low pressure open',
    [at('outLineVolts', 240), at('outCallVolts', 0), at('outSwitches', 'low')],
    'outSwitchOpen',
  ],
  [
    'hot, C open to both, closed again',
    [...fed, at('compWindings', 'openCommon'), at('compOverload', 'closed')],
    'compHot',
  ],
] as const)('%s', (_, checks, cause) => {
  expect(assess(...checks).suspects.ranked[0]!.cause.id).toBe(cause);
});

test('compressor windings by pair: C–S and C–R add up to S–R, or a terminal reads to ground', () => {
  const pairs = (cs: number, cr: number, sr: number, ground: number) =>
    assess(at('compCS', cs), at('compCR', cr), at('compSR', sr), at('compGround', ground)).checks.get('compWindings')
      ?.state;
  expect(pairs(2.4, 0.9, 3.3, 500)).toBe('sound');
  expect(pairs(2.4, 0.9, 5, 500)).toBe('off');
  expect(pairs(2.4, 0.9, 3.3, 0.2)).toBe('ground');
});

test('a grounded compressor keeps the unit off: nothing live is offered any more', () => {
  const { keepOff, next } = assess(at('outTries', 'trips'), at('compWindings', 'ground'));
  expect(keepOff).toMatch(/^Keep the outdoor unit off/);
  expect(next === undefined || next.point.power === 'dead' || next.point.power === 'seen').toBe(true);
});

test('over 5 V across closed contacts asks for a contactor', () => {
  const { points } = assess(...fed, at('outContactDrop', 6.5));
  expect(points.find(({ id }) => id === 'outContactDrop')?.stand).toBe('bad');
});
