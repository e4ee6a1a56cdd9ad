import { checkPoint, CHECK_POINTS, checkFault, checkQuestion, outcomeOf, standingChecks } from '../points';
import type { Check, CheckContext } from '../checks';
import { gasFurnace } from '../heat/gasFurnace';
import { stopOf } from '../stop';
import { assessPower, FOUND_FROM } from './assessPower';
import { SECTION_ORDER } from './fixedOrder';
import { likelyOutcome, testsUntilFound } from './practice';
import { POWER_SCHEMES } from './schemes';
import { pscBoard } from './schemes/pscBoard';
import { provedFan } from './schemes/provedFan';
import { pscRelay } from './schemes/pscRelay';
import { threePhase } from './schemes/threePhase';
import { likelihoodsOf, nextTests, suspects } from './suspects';

const context: CheckContext = { lineVolts: 240, ratedMicrofarads: 10 };
const SCHEMES = [...POWER_SCHEMES, gasFurnace];
const cases = SCHEMES.flatMap((scheme) =>
  Object.keys(scheme.causes).map((cause) => ({ scheme, id: scheme.id, cause })),
);
const standing = (...checks: Check[]) => standingChecks(checks);
const of = (checks: ReadonlyMap<string, Check>, staticRead = false, ...repeated: string[]) =>
  assessPower({ scheme: pscBoard, checks, context, staticRead, repeated: new Set(repeated) });

test('every point of every scheme is known, and stands in the fixed order', () => {
  for (const { steps, beside } of SCHEMES)
    for (const { point, from } of [...steps, ...beside]) {
      expect([point, checkPoint(point)?.id]).toEqual([point, point]);
      for (const up of from) expect(steps.some((step) => step.point === up)).toBe(true);
      if (point !== 'flashCode') expect(SECTION_ORDER).toContain(point);
    }
  expect(new Set(CHECK_POINTS.map(({ id }) => id)).size).toBe(CHECK_POINTS.length);
});

test.each(SCHEMES.map((scheme) => ({ id: scheme.id, scheme })))(
  '$id: chances at each point add up to one',
  ({ scheme }) => {
    for (const byClass of likelihoodsOf(scheme).at.values()) {
      const sums = likelihoodsOf(scheme).causes.map((_, i) =>
        [...byClass.values()].reduce((sum, chance) => sum + chance[i]!, 0),
      );
      for (const sum of sums) expect(sum).toBeCloseTo(1, 9);
    }
  },
);

test.each(cases)('$id: following its own next tests ends at $cause', ({ scheme, cause }) => {
  const { found, share } = testsUntilFound(scheme, cause, context);
  expect(found).toBe(cause);
  expect(share).toBeGreaterThan(0.5);
});

test('its own next tests need at least 30 % fewer readings than the fixed order', () => {
  const own = cases.map(({ scheme, cause }) => testsUntilFound(scheme, cause, context).tests);
  const fixed = cases.map(({ scheme, cause }) => testsUntilFound(scheme, cause, context, SECTION_ORDER).tests);
  const sum = (list: number[]) => list.reduce((total, one) => total + one, 0);
  expect(sum(own) / sum(fixed)).toBeLessThan(0.7);
});

test('with nothing read it shows the odds as such, and finds nothing', () => {
  const { sentence, found, next } = of(new Map());
  expect(sentence).toMatch(/^Nothing tested yet\. Before any test: run capacitor 1\d %/);
  expect(found).toBeUndefined();
  expect(next).toBeDefined();
});

test('power is drawn as far as it was shown, and where it stops is said', () => {
  const {
    points,
    stopsAt,
    suspects: ranking,
  } = of(standing({ point: 'callVolts', value: 25.6 }, { point: 'motorVolts', value: 0 }));
  const stand = Object.fromEntries(points.map((point) => [point.id, point.stand]));
  expect(stand).toMatchObject({
    lineVolts: 'implied',
    transformerVolts: 'implied',
    callVolts: 'good',
    motorVolts: 'bad',
  });
  expect(stopsAt).toBe('motorVolts');
  expect(ranking.ranked[0]!.cause.id).toBe('board');
  // One bad reading may be a slip of the leads: it is likely, and no more.
  expect(ranking.ranked[0]!.share).toBeLessThan(0.97);
});

test('relay: 24 V at the coil and no line at the motor leaves coil and contacts, and ohms of the coil part them', () => {
  const checks = standing(
    { point: 'lineVolts', value: 238 },
    { point: 'coilVolts', value: 25.6 },
    { point: 'motorVolts', value: 0 },
  );
  const { suspects: ranking, next } = assessPower({ scheme: pscRelay, checks, context, staticRead: true });
  expect(
    ranking.ranked
      .slice(0, 2)
      .map(({ cause }) => cause.id)
      .sort(),
  ).toEqual(['relayCoil', 'relayContacts']);
  expect(['coilOhms', 'contacts', 'relayTouched']).toContain(next!.point.id);
  expect(next!.parts.join(' ')).toMatch(/Relay/);
});

test('readings that contradict each other make nothing sure', () => {
  const { sentence, found } = of(
    standing(
      { point: 'lineVolts', value: 0 },
      { point: 'motorVolts', value: 240 },
      { point: 'windings', state: 'open' },
      { point: 'capacitor', value: 1 },
      { point: 'wheel', state: 'seized' },
    ),
  );
  expect(found).toBeUndefined();
  expect(sentence).toMatch(/match no cause on the list/);
});

test('a motor is held while no static was read, and where one was replaced before', () => {
  const bad = [
    { point: 'motorVolts', value: 238 },
    { point: 'capacitor', value: 10 },
    { point: 'windings', state: 'open' },
    { point: 'wheel', state: 'free' },
  ] as const;
  // One reading alone names no motor: it is read again first.
  expect(of(standing(...bad))).toMatchObject({ found: undefined, next: { again: true, point: { id: 'windings' } } });
  expect(of(standing(...bad), false, 'windings').found?.cause.id).toBe('windings');
  expect(of(standing(...bad)).motorHold).toMatch(/Do not replace the motor without a static reading/);
  expect(of(standing(...bad), true).motorHold).toBeUndefined();
  expect(of(standing(...bad, { point: 'replacedBefore', state: 'motor' }), true).motorHold).toMatch(
    /replaced here before/,
  );
});

test('live work goes after what tells the same with the power off', () => {
  const [first] = nextTests(pscBoard, new Map(), context);
  expect(first!.perMinute).toBeGreaterThan(0);
  for (const test of nextTests(pscBoard, new Map(), context))
    expect(test.perMinute).toBeCloseTo(test.bits / (test.point.minutes * (test.point.power === 'live' ? 1.4 : 1)), 9);
});

describe('found only with its own reading', () => {
  const look = (scheme: (typeof SCHEMES)[number], ...list: Check[]) =>
    assessPower({ scheme, checks: standing(...list), context, staticRead: true });
  const at = (point: string, value: number) => ({ point, value });

  test('a capacitor 11 % low slows a motor, it does not stop it', () => {
    const humming = [
      at('lineVolts', 240),
      at('callVolts', 26),
      at('motorVolts', 239),
      { point: 'motorTries', state: 'hums' },
    ];
    const weak = look(pscBoard, ...humming, at('capacitor', 8.9));
    const dead = look(pscBoard, ...humming, at('capacitor', 3));
    const share = (one: typeof weak) => one.suspects.ranked.find(({ cause }) => cause.id === 'capacitor')!.share;
    expect(weak.found).toBeUndefined();
    expect(share(weak)).toBeLessThan(0.1);
    expect(dead.found?.cause.id ?? dead.next?.parts[0]).toMatch(/capacitor/i);
    expect(share(dead)).toBeGreaterThan(0.9);
  });

  test('a transformer is not called found while the float, the fuse or the door may be open', () => {
    const noSecondary = [at('lineVolts', 240), at('transformerVolts', 0)];
    const unshown = look(pscBoard, ...noSecondary);
    expect(unshown.found).toBeUndefined();
    expect(unshown.next).toBeDefined();
    const shown = look(
      pscBoard,
      ...noSecondary,
      { point: 'lowFuse', state: 'whole' },
      { point: 'floatSwitch', state: 'closed' },
      { point: 'doorSwitch', state: 'makes' },
    );
    expect(shown.suspects.ranked[0]!.cause.id).toBe('transformer');
  });

  test.each(['hums', 'stops'])('a three-phase motor that %s sends one to the legs before anything else', (state) => {
    const { next } = look(threePhase, { point: 'motorTries', state });
    expect(next!.point.id).toBe('legVoltsLow');
    // A good control transformer proves nothing of the third leg.
    const fed = look(threePhase, { point: 'motorTries', state }, at('transformerVolts', 26));
    expect(fed.next!.point.id).toBe('legVoltsLow');
    expect(fed.points.find(({ id }) => id === 'legVoltsLow')?.stand).not.toBe('implied');
  });

  test('two legs of three are asked about', () => {
    const { points } = look(threePhase, at('legVolts12', 232), at('legVolts23', 231));
    expect(points.find(({ id }) => id === 'legVoltsLow')?.question).toBe(
      'Read L3–L1 too. Two good legs say nothing about the third.',
    );
  });

  test('no test is offered while people are at risk', () => {
    const stop = stopOf({ looks: new Map([['smell', { item: 'smell', state: 'gas' }]]), steps: [] });
    const { next, sentence } = assessPower({ stop, scheme: gasFurnace, checks: new Map(), context, staticRead: true });
    expect(next).toBeUndefined();
    expect(sentence).toMatch(/^Smell of gas\. Touch no switch/);
  });
});

test('a flash code that no list has is asked about, and tells nothing', () => {
  expect(checkQuestion({ point: 'flashMeaning', state: 'other' }, context)).toMatch(/Enter what the door list says/);
  expect(checkQuestion({ point: 'flashMeaning', state: 'other', note: '7 long: vent' }, context)).toBeUndefined();
  const shares = (checks: Check[]) =>
    new Map(suspects(gasFurnace, checks, context).ranked.map(({ cause, share }) => [cause.id, share]));
  const [before, other, limit] = [
    [],
    [{ point: 'flashMeaning', state: 'other' }],
    [{ point: 'flashMeaning', state: 'limit' }],
  ].map(shares);
  expect(other!.get('igniter')! / before!.get('igniter')!).toBeGreaterThan(0.5);
  expect(limit!.get('limitOpen')!).toBeGreaterThan(2 * before!.get('limitOpen')!);
});

test('a blower that never stops is looked for among what keeps it running', () => {
  const said = { point: 'complaint', state: 'neverStops' };
  const [first, second] = suspects(pscRelay, [said], context).ranked;
  expect([first!.cause.id, second!.cause.id].sort()).toEqual(['callStays', 'contactsWelded']);
  const welded = [said, { point: 'callAtRest', value: 0 }, { point: 'motorVoltsAtRest', value: 238 }];
  expect(suspects(pscRelay, welded, context).ranked[0]!.cause.id).toBe('contactsWelded');
});

test('what a shop knows better moves the odds', () => {
  const before = suspects(pscBoard, [], context).ranked.find(({ cause }) => cause.id === 'doorSwitch')!.share;
  const after = suspects(pscBoard, [], context, { doorSwitch: 40 }).ranked.find(
    ({ cause }) => cause.id === 'doorSwitch',
  )!.share;
  expect(after).toBeGreaterThan(2 * before);
});

test.each([
  [{ point: 'lineVolts', value: 24.5 }, /control voltage\. Were the leads on L1 and L2/],
  [{ point: 'callVolts', value: 238 }, /line voltage on a control wire/],
  [{ point: 'capacitor', value: 44 }, /other side of a dual capacitor/],
  [{ point: 'lineVolts', value: 480 }, /nameplate says 240 V/],
  [{ point: 'coilOhms', value: 238 }, /could be volts\. Is power off/],
])('%j is asked about', (check, words) => {
  expect(checkQuestion(check, context)).toMatch(words);
});

test('what cannot be a reading is refused with what would be right', () => {
  expect(checkFault({ point: 'lineVolts', value: -4 })).toBe('Disconnect, door: between 0 and 700 V.');
  expect(checkFault({ point: 'lineVolts', value: NaN })).toMatch(/between 0 and 700/);
  expect(checkFault({ point: 'wheel', value: 3 })).toBe('Wheel takes no figure.');
  expect(checkFault({ point: 'wheel', state: 'blue' })).toMatch(/free, rocks, rubs, seized/);
  expect(checkFault({ point: 'wheel' })).toMatch(/missing/);
  expect(checkFault({ point: 'nowhere', state: 'free' })).toMatch(/knows/);
  expect(checkFault({ point: 'coilOhms', state: 'open' })).toBeUndefined();
});

test('what a truth shows at its own point is what its scheme says', () => {
  expect(likelyOutcome(pscBoard, 'windings', 'windings')).toMatchObject({ state: 'open' });
  expect(likelyOutcome(pscBoard, 'breaker', 'callVolts')).toMatchObject({ value: 0 });
  expect(FOUND_FROM).toBeLessThan(1);
});

test('a proving switch that is closed with the fan off is found by that alone, and its tube is not blamed', () => {
  const stuck = standing({ point: 'provingContact', state: 'stuck' });
  const { suspects: told } = assessPower({ scheme: provedFan, checks: stuck, context, staticRead: false });
  expect(told.ranked[0]?.cause.id).toBe('provingSwitch');
  expect(told.ranked.find(({ cause }) => cause.id === 'provingTube')?.share ?? 0).toBeLessThan(0.15);
});

test.each(['torqueBoard', 'torqueRelay'])('%s: the three windings of its motor can be read, and condemn it', (id) => {
  const scheme = POWER_SCHEMES.find((one) => one.id === id)!;
  expect(scheme.beside.map(({ point }) => point)).toContain('moduleWindings');
  const sound: Check[] = ['lineVolts', 'motorSupply'].map((point) => ({ point, value: 240 }));
  const low: Check[] = ['transformerVolts', 'callVolts', 'tapVolts'].map((point) => ({ point, value: 25 }));
  const checks = standing(...sound, ...low, { point: 'moduleWindings', value: 60 });
  expect(assessPower({ scheme, checks, context, staticRead: false }).suspects.ranked[0]?.cause.id).toBe('ecmWindings');
});

test('a flash code that was read, cleared and stays away takes back that it flashed', () => {
  const flashed = { point: 'flashCode', state: 'flashing' };
  const cleared = { point: 'flashCode', state: 'cleared' };
  expect(outcomeOf(standing(flashed).get('flashCode')!, context)).toBe('edge');
  expect(outcomeOf(standing(flashed, cleared).get('flashCode')!, context)).toBe('good');
});

test('a wheel that was felt to be seized is what is wrong: no door switch is tried before it', () => {
  const { found, next } = of(standing({ point: 'wheel', state: 'seized' }));
  expect(found?.cause.id ?? (next?.again && next.point.id)).toMatch(/^(seized|wheel)$/);
});
