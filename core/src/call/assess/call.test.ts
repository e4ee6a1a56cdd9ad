import { COMPLAINTS } from '../complaint/complaints';
import { CALL_CAUTIONS, ROUTE_STATIONS } from '../complaint';
import type { CarriedItem } from '../wrapUp';
import { findings, lastLooks } from '../../judge/look';
import type { Fact } from '../facts';
import { assessCall } from './assessCall';
import type { CallFacts } from './callInput';

let made = 0;
const fact = (kind: Fact['kind'], inputs: object, takenAt = '2026-05-12T10:00:00Z'): Fact =>
  ({ id: `fact-${(made += 1)}`, kind, inputs, takenAt }) as Fact;
const check = (point: string, read: number | string, more: object = {}) =>
  fact('check', { point, ...(typeof read === 'number' ? { value: read } : { state: read }), ...more });
const SOUND_AIR = { airflow: 'inside', filterIn: true, doorsOn: true, ice: 'none' } as const;
const call = (facts: Fact[], more: Partial<CallFacts> = {}) =>
  assessCall({
    facts,
    motor: 'psc',
    findings: [],
    looks: [],
    context: { lineVolts: 240 },
    airflow: 'cantSay',
    staticRead: false,
    air: [],
    ...more,
  });

test.each(COMPLAINTS)(
  '“$words” sets a run with its first three steps in it, and cautions that exist',
  ({ stations, firstSteps, cautions, id }) => {
    expect(stations[0]).toBe('call');
    expect(stations.slice(-2)).toEqual(['found', 'handOver']);
    expect(new Set(stations).size).toBe(stations.length);
    for (const station of stations) expect(ROUTE_STATIONS).toContain(station);
    for (const { station, why } of firstSteps) {
      expect(stations).toContain(station);
      expect(why.length).toBeGreaterThan(20);
    }
    for (const caution of cautions) expect(CALL_CAUTIONS.map((one) => one.id)).toContain(caution);
    expect(call([check('complaint', id)]).complaint?.id).toBe(id);
  },
);

test('the last complaint counts, a corrected one does not', () => {
  const first = check('complaint', 'noRun');
  const then = { ...check('complaint', 'water'), replacesId: first.id };
  expect(call([first, then]).complaint?.id).toBe('water');
  expect(call([first, check('complaint', 'noHeat')]).complaint?.id).toBe('noHeat');
});

test('a caution is read once a visit', () => {
  const facts = [check('complaint', 'noRun'), check('caution-lockOut', 'read')];
  expect(
    call(facts)
      .unread(['lockOut', 'live'])
      .map(({ id }) => id),
  ).toEqual(['live']);
});

test('everything found stands in the order it is taken, not in the order it was found', () => {
  const looks = findings(
    lastLooks([
      { item: 'filter', state: 'loaded' },
      { item: 'wiring', state: 'burnt' },
      { item: 'belt', state: 'slack' },
    ]),
  );
  const { triage } = call(
    [check('doorsPull', 'pull'), check('drainTrap', 'found'), check('wheel', 'rubs'), check('exchanger', 'crack')],
    { findings: looks, air: [{ id: 'stage-1', area: 'ducts', words: 'Return takes half of it.' }] },
  );
  expect(triage.map(({ area }) => area)).toEqual([
    'safety',
    'power',
    'blower',
    'blower',
    'filter',
    'coil',
    'ducts',
    'building',
  ]);
  expect(triage[0]!.words).toMatch(/shut down, ventilate, refer/);
});

test('what becomes of a finding is kept by its id, and can be opened again', () => {
  const open = call([check('drainTrap', 'found')]).triage[0]!;
  expect(open.outcome).toBe('open');
  const declined = check('triage', 'declined', { note: open.id });
  expect(call([check('drainTrap', 'found'), declined]).triage[0]!.outcome).toBe('declined');
  expect(
    call([check('drainTrap', 'found'), declined, check('triage', 'open', { note: open.id })]).triage[0]!.outcome,
  ).toBe('open');
});

test('a likely cause is listed as likely, a found one by its name, none before a test', () => {
  expect(call([]).triage).toEqual([]);
  const likely = call([check('callVolts', 25.6), check('motorVolts', 0)]).triage;
  expect(likely[0]!.words).toMatch(/^Likely: board output, \d\d %$/);
  const found = call([
    check('callVolts', 25.6),
    check('motorVolts', 0),
    check('transformerVolts', 26),
    check('motorTries', 'nothing'),
    check('relayTouched', 'silent'),
    check('lineVolts', 240),
    check('wheel', 'free'),
    // One reading alone names no board: both it rests on were read again, and alike.
    check('callVolts', 25.4),
    check('motorVolts', 0.2),
  ]);
  expect(found.power.found?.cause.id).toBe('board');
  expect(found.triage[0]!.words).toBe('Board output');
});

test('heat: elements without a blower are made safe first; a late blower is a finding', () => {
  const on = (point: string, seconds: number) =>
    fact('check', { point, state: 'on' }, new Date(Date.UTC(2026, 4, 12, 10, 0, seconds)).toISOString());
  expect(call([on('element', 0)]).triage).toMatchObject([{ area: 'safety' }]);
  expect(call([on('element', 0), on('blowerOnHeat', 40)]).triage).toMatchObject([{ area: 'heat' }]);
  expect(call([on('blowerOnHeat', 0), on('element', 3)]).triage).toEqual([]);
});

const CHARGE = {
  circuit: '1',
  refrigerant: 'R-410A',
  metering: 'valve',
  suctionPsig: 118,
  highPsig: 330,
  suctionLineF: 64,
  liquidLineF: 102,
  outdoorF: 88,
  returnF: 74,
  minutesRunning: 16,
};

test('the refrigerant side is judged only through its gate', () => {
  const shut = call([fact('ladder', CHARGE)]);
  expect(shut.circuits[0]).toMatchObject({ isOpen: false });
  expect(shut.circuits[0]!.patterns).toBeUndefined();
  expect(shut.triage).toEqual([]);
  const open = call([fact('ladder', CHARGE)], SOUND_AIR);
  expect(open.circuits[0]!.patterns?.ranked[0]!.pattern.id).toBe('lowCharge');
  expect(open.triage[0]!.toDo).toMatch(/Find and repair the leak/);
  expect(call([fact('ladder', CHARGE)], { ...SOUND_AIR, ice: 'coil' }).circuits[0]!.isOpen).toBe(false);
});

test('circuits stand by themselves: one short of charge, one sound, and each is named', () => {
  const sound = { ...CHARGE, circuit: '2', suctionLineF: 52, suctionPsig: 121, highPsig: 345, liquidLineF: 96 };
  const both = call([fact('ladder', CHARGE), fact('ladder', sound)], SOUND_AIR);
  expect(both.circuits.map(({ id, patterns }) => [id, patterns?.ranked[0]!.pattern.id])).toEqual([
    ['1', 'lowCharge'],
    ['2', 'sound'],
  ]);
  expect(both.triage.map(({ words }) => words)).toEqual(['Circuit 1: Short of charge']);
});

test('two circuits with the same gauges are asked about', () => {
  const { circuits } = call([fact('ladder', CHARGE), fact('ladder', { ...CHARGE, circuit: '2' })], SOUND_AIR);
  expect(circuits[1]!.errors.at(-1)?.message).toBe('Both gauges read the same as circuit 1: were the hoses moved?');
  expect(call([fact('ladder', CHARGE)], SOUND_AIR).circuits[0]!.errors).toEqual([]);
});

test('a building that is pulled is found', () => {
  const half = [check('exhaustCfm', 2400), check('outdoorAirCfm', 600)];
  // Make-up air that nobody looked at may well run.
  expect(call(half)).toMatchObject({ building: { word: 'cantSay' }, triage: [] });
  const { building, triage } = call([...half, check('makeUpCfm', 0)]);
  expect(building?.netCfm).toBe(-1800);
  expect(triage).toMatchObject([{ id: 'building-net', area: 'building' }]);
});

test('limit trips: little air is what the gas ladder names', () => {
  const rungs = [
    'limitCircuit:closed',
    'inducer:runs',
    'pressureSwitch:closes',
    'igniter:lights',
    'flame:steady',
    'heatBlower:inTime',
    'limitTrips:trips',
  ];
  const { gas, triage } = call(rungs.map((rung) => check(...(rung.split(':') as [string, string]))));
  expect(gas.stopsAt).toBe('limitTrips');
  expect(gas.suspects.ranked[0]!.cause.id).toBe('littleAir');
  expect(triage.find(({ id }) => id === 'cause-littleAir')?.area).toBe('heat');
});

const AT = (minute: number) => `2026-05-12T10:${String(minute).padStart(2, '0')}:00Z`;

test('amps read twice are followed: a motor that draws more and more is found, once', () => {
  const plate = { context: { lineVolts: 240, plateAmps: 5 } };
  const first = fact('check', { point: 'ampsCooling', value: 4.1 }, AT(0));
  const later = fact('check', { point: 'ampsCooling', value: 4.7 }, AT(12));
  expect(call([first], plate).triage).toEqual([]);
  const { triage, amps } = call([first, later], plate);
  expect(amps.map(({ id, word }) => [id, word])).toEqual([
    ['ampsCooling-drift', 'outside'],
    ['ampsCooling-under', 'inside'],
  ]);
  expect(triage.map(({ id, area }) => [id, area])).toEqual([['ampsCooling-drift', 'blower']]);
});

test('what washing an outdoor coil did is told from the high side before and after', () => {
  const ladder = (highPsig: number, minute: number) =>
    fact('ladder', { circuit: '1', refrigerant: 'R-410A', metering: 'valve', highPsig, outdoorF: 90 }, AT(minute));
  const washed = fact('check', { point: 'outdoorWashed', state: 'washed' }, AT(10));
  const only = (facts: Fact[]) => call(facts, SOUND_AIR).circuits[0]!.washed;
  expect(only([ladder(450, 0)])).toBeUndefined();
  expect(only([washed])?.word).toBe('cantSay');
  expect(only([ladder(450, 0), washed])?.sentence).toMatch(/measure the high side again/);
  const fell = only([ladder(450, 0), washed, ladder(340, 20)])!;
  expect(fell.word).toBe('inside');
  expect(fell.beforeF! - fell.afterF!).toBeGreaterThan(15);
  expect(only([ladder(450, 0), washed, ladder(447, 20)])?.word).toBe('atTheEdge');
});

test('a high head is told though nobody looked for ice; ice that was seen tells nothing', () => {
  const high = { refrigerant: 'R-410A', metering: 'valve', highPsig: 470, outdoorF: 95, minutesRunning: 15 };
  const outdoor = (more: object) => call([fact('ladder', { circuit: '1', ...high })], more).circuits[0]!.outdoorSide;
  expect(outdoor({}).map(({ id, word }) => [id, word])).toEqual([['condensingOver', 'outside']]);
  expect(outdoor({ ice: 'coil' })).toEqual([]);
});

test('a coil damp from washing shuts the gate until it has run dry', () => {
  const line = (state?: string) =>
    call(state === undefined ? [] : [check('coilWet', state)], SOUND_AIR).circuits[0]!.gate.find(
      ({ id }) => id === 'coil',
    );
  expect(line()).toBeUndefined();
  expect(line('washed')).toMatchObject({ isOpen: false });
  expect(line('washed')!.why).toMatch(/Run it dry/);
  expect(line('normal')).toMatchObject({ isOpen: true });
});

test('what a point found is not written a second time as the likely cause', () => {
  const { triage, power } = call([check('scheme', 'threePhase'), check('overloadRelay', 'tripped')], {
    motor: 'beltDrive',
    staticRead: true,
  });
  expect(power.suspects.ranked[0]!.cause.id).toBe('overloadTripped');
  expect(triage.filter(({ words }) => /overload/i.test(words))).toHaveLength(1);
});

test('a flash code alone tells the power station nothing, and it does not say that it does', () => {
  const { power } = call([check('flashCode', 'flashing', { note: '3 long' })]);
  expect(power.suspects.told).toBe(0);
  expect(power.sentence).toMatch(/^Nothing tested yet/);
});

test('a make-up unit is held against its set point, its nameplate and its dial', () => {
  const { triage, makeUp } = call([
    check('makeUpSetF', 65),
    check('makeUpSupplyF', 45),
    check('makeUpAmps', 128),
    check('makeUpDial', 'low'),
  ]);
  expect(makeUp.map(({ word }) => word)).toEqual(['outside', 'outside']);
  expect(triage.every(({ area }) => area === 'building')).toBe(true);
  expect(triage).toHaveLength(3);
  expect(call([check('makeUpSetF', 65), check('makeUpSupplyF', 63)]).makeUp[0]!.word).toBe('inside');
});

test('a heater that lacks an element, and a breaker that is too large, stand in what was found', () => {
  const { triage, kit } = call([
    check('kitVolts', 240),
    check('kitAmps1', 41),
    check('kitPlateKw', 15),
    check('kitBreakerA', 80),
    check('kitSharing', 'alone'),
  ]);
  expect(kit?.kitKw).toBe(10);
  expect(triage.map(({ id }) => id)).toEqual(['kit-plate', 'kit-breaker']);
});

describe('what earlier visits left', () => {
  const left = (id: string, more: Partial<CarriedItem> = {}): CarriedItem => ({
    id,
    area: 'coil',
    words: id,
    minutes: 30,
    money: 5,
    outcome: 'open',
    since: '2026-01-05T10:00:00Z',
    ...more,
  });
  const stop = left('heat-sequence', { area: 'safety', measuredBy: 'heat' });

  test('elements without air stand first at every visit until the heat was seen to run right', () => {
    expect(call([], { carried: [stop] }).triage[0]).toMatchObject({ id: 'heat-sequence', since: stop.since });
    const right = [
      fact('check', { point: 'blowerOnHeat', state: 'on' }, AT(0)),
      fact('check', { point: 'element', state: 'on' }, AT(1)),
    ];
    expect(call(right, { carried: [stop] }).triage).toEqual([]);
  });
  test('it is settled here by its id', () => {
    const { triage } = call([check('triage', 'dealtWith', { note: 'heat-sequence' })], { carried: [stop] });
    expect(triage.map(({ outcome }) => outcome)).toEqual(['dealtWith']);
  });
  test('found again, it keeps its quote and its date; said anew, what is said counts', () => {
    const carried = [left('check-drainTrap', { outcome: 'quoted', quoted: 90 })];
    const found = check('drainTrap', 'found');
    expect(call([found], { carried }).triage).toMatchObject([
      { outcome: 'quoted', quoted: 90, since: carried[0]!.since },
    ]);
    const now = check('triage', 'declined', { note: 'check-drainTrap' });
    expect(call([found, now], { carried }).triage[0]).toMatchObject({ outcome: 'declined' });
  });
  test('a static reading takes the place of earlier figures of the air, and of nothing else', () => {
    const carried = [left('air-stage-1', { measuredBy: 'air' }), left('circuit-1-low', { measuredBy: 'circuit-1' })];
    expect(call([], { carried, staticRead: true }).triage.map(({ id }) => id)).toEqual(['circuit-1-low']);
    expect(call([], { carried }).triage).toHaveLength(2);
  });
});

test('a finding in one’s own words stands in its place, settled by its id and carried over', () => {
  const own = fact('finding', { words: 'Unsafe splice by others', concern: 'safety', area: 'power' });
  const nest = fact('finding', { words: 'Mouse nest', concern: 'watch', area: 'blower', minutes: 30, price: 12 });
  const { triage } = call([nest, own]);
  expect(triage.map(({ words, area, concern, outcome }) => [words, area, concern, outcome])).toEqual([
    ['Unsafe splice by others', 'safety', 'safety', 'open'],
    ['Mouse nest', 'blower', 'watch', 'watch'],
  ]);
  const quoted = check('triage', 'quoted', { note: `own-${nest.id}`, value: 90 });
  expect(call([nest, quoted]).triage[0]).toMatchObject({ outcome: 'quoted', quoted: 90, minutes: 30, money: 12 });
  const carried = triage.map((item) => ({ since: '2026-04-01T09:00:00Z', ...item })) as CarriedItem[];
  expect(call([], { carried }).triage.map(({ words }) => words)).toEqual(['Unsafe splice by others', 'Mouse nest']);
});

test('an answer that was taken back tells nothing any more', () => {
  const first = check('wheel', 'free');
  const seized = check('wheel', 'seized');
  const back = { ...fact('takenBack', {}), replacesId: seized.id };
  expect(call([first, seized]).checks.get('wheel')?.state).toBe('seized');
  expect(call([first, seized, back]).checks.get('wheel')?.state).toBe('free');
  expect(call([first, seized, back]).triage).toEqual([]);
});

describe('after a fix', () => {
  const bad = [check('lineVolts', 240), check('callVolts', 26), check('motorVolts', 239), check('windings', 'ground')];
  const fixed = check('triage', 'dealtWith', { note: 'cause-windings' });

  test('the replaced motor’s readings are settled, and make no new suspicion', () => {
    const before = call(bad);
    expect(before.power.suspects.ranked[0]!.cause.id).toBe('windings');
    const { power, triage } = call([...bad, fixed]);
    expect(power.fixed?.id).toBe('windings');
    expect([power.found, power.next, power.keepOff, power.motorHold]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(power.sentence).toMatch(/^Motor winding: fixed\. Start it, then measure amps/);
    expect(triage.map(({ id, outcome }) => [id, outcome])).toEqual([['cause-windings', 'dealtWith']]);
  });

  test('converted to a motor of another kind: what was fixed stays listed, and the new motor is not suspected', () => {
    const old = [
      check('lineVolts', 240),
      check('callVolts', 26),
      check('requestVolts', 14),
      check('motorSupply', 240),
      check('harnessWiggled', 'steady'),
      check('moduleWindings', 3),
      check('wheel', 'free'),
    ];
    const module = check('triage', 'dealtWith', { note: 'cause-module' });
    expect(call(old, { motor: 'constantAirflow' }).power.suspects.ranked[0]!.cause.id).toBe('module');
    const { triage, power } = call([...old, module], { motor: 'constantTorque' });
    expect(triage.map(({ id, outcome }) => [id, outcome])).toEqual([['cause-module', 'dealtWith']]);
    expect(power.motorHold).toBeUndefined();
  });

  test('the same fault found again is open again', () => {
    const again = call([...bad, fixed, check('windings', 'ground'), check('windings', 'ground')]);
    expect(again.triage.find(({ id }) => id === 'cause-windings')?.outcome).toBe('open');
  });

  test('what was fixed and read good since stays on the list as fixed; read bad it is open', () => {
    const trap = [check('drainTrap', 'found'), check('triage', 'dealtWith', { note: 'check-drainTrap' })];
    expect(call([...trap, check('drainTrap', 'done')]).triage).toMatchObject([
      { id: 'check-drainTrap', outcome: 'dealtWith' },
    ]);
    expect(call([...trap, check('drainTrap', 'found')]).triage).toMatchObject([
      { id: 'check-drainTrap', outcome: 'open' },
    ]);
  });
});

test('the way of switching follows a changed motor; what was chosen for another kind gives way', () => {
  const said = check('scheme', 'pscRelay');
  expect(call([said]).power.scheme.id).toBe('pscRelay');
  expect(call([said], { motor: 'constantTorque' }).power.scheme.id).toBe('torqueBoard');
  expect(call([check('scheme', 'torqueRelay')], { motor: 'constantTorque' }).power.scheme.id).toBe('torqueRelay');
});

describe('while the motor runs', () => {
  const three = {
    motor: 'beltDrive',
    context: { lineVolts: 230, plateAmps: 9.6, serviceFactor: 1.15, phases: 3 },
  } as const;
  const legs = (...volts: number[]) =>
    ['legVolts12', 'legVolts23', 'legVolts31'].map((leg, i) => check(leg, volts[i]!));
  const line = (facts: Fact[], id: string) => call(facts, three).amps.find((one) => one.id === id);

  test('three legs tell their imbalance: 226, 229, 233 V are 1.6 % apart, 210 V on one is a stop', () => {
    expect(line(legs(226, 229, 233), 'imbalance-volts')).toMatchObject({ word: 'inside' });
    expect(line(legs(226, 229, 233), 'imbalance-volts')!.sentence).toMatch(/^Legs 1\.6 % apart in volts/);
    expect(line(legs(230, 230, 205), 'imbalance-volts')).toMatchObject({ word: 'outside' });
    expect(line(legs(230, 230), 'imbalance-volts')).toBeUndefined();
  });
  test('amps of the legs typed with the motor’s load are told here too', () => {
    const load = fact('motorLoad', { phases: 'three', volts: 230, amps: 5, legAmps: [4.3, 4.5, 5.6] });
    expect(line([load], 'imbalance-amps')).toMatchObject({ word: 'atTheEdge' });
  });
  test('a low supply raises the amps, and the dial goes by the nameplate', () => {
    expect(line(legs(212, 214, 213), 'low-volts')).toMatchObject({ word: 'atTheEdge' });
    expect(line(legs(230, 231, 229), 'low-volts')).toBeUndefined();
    expect(line([], 'overload-dial')!.sentence).toMatch(/at most 12\.0 A for a nameplate of 9\.6 A/);
    expect(call([], { context: { lineVolts: 240, plateAmps: 4 } }).amps).toEqual([]);
  });
});
