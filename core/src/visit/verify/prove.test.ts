import { keptText } from '../../base/words';
import { EXAMPLE_A_GOAL, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { DEFAULT_RULES } from '../../judge/verdicts';
import { applyMoves } from '../../fix/moves';
import { predict } from '../../fix/model';
import { NO_PARTS } from '../../fix/driveBench';
import { planOf, problemOf, type PlanRequest } from '../../fix/plan';
import type { PressureReading } from '../../air/readings';
import { operate } from '../../air/operate';
import { stageDropAt } from '../../air/system';
import { assessVisit } from '../assess';
import type { Fact } from '../../call/facts';
import { yearlyEnergy } from '../../air/energy';
import { cautionsOf, moveWords, planRecordFault, planRecordOf, promiseOf, type PlanRecord } from './planRecord';
import { flowChange } from './untouched';
import { partVisit } from './partVisit';
import { proofOf } from './proof';

let n = 0;
const read = (
  port: PressureReading['port'],
  staticInWc: number,
  more: Partial<PressureReading['conditions']> = {},
): PressureReading => ({
  id: `r${(n += 1)}`,
  port,
  staticInWc,
  conditions: { door: 'on', filter: 'in', coil: 'wet', minutesRunning: 15, tap: '3', ...more },
});
const assess = (readings: readonly PressureReading[], facts: readonly Fact[] = [], tap = '3') =>
  assessVisit({ unit: { ...EXAMPLE_A_UNIT, tap }, mode: 'cooling', readings, facts }, DEFAULT_RULES);

const before = assess([read('R1', -0.16), read('R2', -0.31), read('S1', 0.27)]);
const request: PlanRequest = {
  system: before.model!.system,
  goal: EXAMPLE_A_GOAL,
  looks: [],
  typed: {},
  figures: {},
  parts: NO_PARTS,
  sure: { flowShare: 0.06, staticInWc: 0.014 },
  seed: 1,
};
const moves = [
  { id: 'newFilter', inputs: { ratedDropInWc: 0.06, ratedFlowCfm: 940.2 } },
  { id: 'changeTap', inputs: { tap: '4' } },
];
const changed = applyMoves(request.system, moves);
if (!changed.ok) throw new Error(changed.why);
const promise = promiseOf(predict(changed.system, request.goal, request.system))!;
const plan: PlanRecord = {
  moves,
  words: moves.map((move) => keptText(moveWords(move, request))),
  from: request,
  promise,
  chance: 0.6,
  minutes: 20,
  cost: 18,
  cautionsRead: [],
};
const drop = (kind: 'returnDuct' | 'filter' | 'supplyDuct') => stageDropAt(changed.system, kind, promise.flowCfm)!;
/** Statics as they would be if the prediction were exactly right. */
const asPromised = [
  read('R1', -drop('returnDuct'), { tap: '4' }),
  read('R2', -drop('returnDuct') - drop('filter'), { tap: '4' }),
  read('S1', drop('supplyDuct'), { tap: '4' }),
];
const lineOf = (proof: ReturnType<typeof proofOf>, id: string) => proof.lines.find((l) => l.id === id);

describe('a prediction that comes out', () => {
  const proof = proofOf(plan, before, assess(asPromised, [], '4'));
  test('has no error, and says so', () => {
    expect(lineOf(proof, 'flow')!.error).toBeCloseTo(0, 6);
    expect(lineOf(proof, 'tesp')!.error).toBeCloseTo(0, 6);
    expect(proof.sentence).toBe('The airflow came out as predicted, the static too. It is not within target yet.');
    expect(proof.changes).toEqual([]);
    expect(proof.lacking).toEqual([]);
  });
  test('the unit’s model becomes what was read: it runs where it was read', () => {
    const now = operate(proof.proven!.system);
    expect(now).toMatchObject({ kind: 'crossing', tap: '4', flowCfm: expect.closeTo(promise.flowCfm, 2) });
    expect(stageDropAt(proof.proven!.system, 'filter', promise.flowCfm)).toBeCloseTo(drop('filter'), 6);
  });
});

describe('a prediction that is off', () => {
  test('a filter that turns out tighter: less air, by the duct nobody touched, and the model is put right by it', () => {
    // The new filter takes 0.10 where 0.06 was promised: 3 % less air.
    const q = 0.97 * promise.flowCfm;
    const ducts = (q / promise.flowCfm) ** 2;
    const after = [
      read('R1', -drop('returnDuct') * ducts, { tap: '4' }),
      read('R2', -drop('returnDuct') * ducts - 0.1, { tap: '4' }),
      read('S1', drop('supplyDuct') * ducts, { tap: '4' }),
    ];
    const proof = proofOf(plan, before, assess(after, [], '4'));
    expect(proof.claim?.found).toBe('asPromised');
    expect(lineOf(proof, 'flow')!.error).toBeCloseTo(-0.03, 3);
    expect(proof.sentence).toMatch(/^The air moves 3 % less than predicted/);
    const { flowCfm, system } = proof.proven!;
    expect(flowCfm).toBeCloseTo(q, 0);
    expect(stageDropAt(system, 'filter', flowCfm)).toBeCloseTo(0.1, 6);
    expect(operate(system)).toMatchObject({ kind: 'crossing', flowCfm: expect.closeTo(q, 0) });
  });

  test('statics all a fifth higher are more air, whatever the table says of a higher static', () => {
    const worse = asPromised.map((r) => ({ ...r, staticInWc: r.staticInWc * 1.2 }));
    const proof = proofOf(plan, before, assess(worse, [], '4'));
    expect(lineOf(proof, 'tesp')!.error).toBeCloseTo(0.2, 6);
    expect(lineOf(proof, 'flow')!.error).toBeCloseTo(Math.sqrt(1.2) - 1, 3);
  });
});

describe('the claim is checked on the untouched section', () => {
  test('a fix that was not done: the statics of before, read again, prove nothing', () => {
    const filterOnly = { ...plan, moves: moves.slice(0, 1), promise: { ...promise, flowCfm: 1000, tespInWc: 0.49 } };
    const again = [read('R1', -0.16), read('R2', -0.31), read('S1', 0.271)];
    const proof = proofOf(filterOnly, before, assess(again));
    expect(proof.claim).toMatchObject({ found: 'notChanged', promisedRatio: expect.closeTo(1000 / 940.2, 3) });
    expect(proof.claim!.sentence).toBe(
      'The filter has the same pressure drop as before (0.15 then, 0.15 now); 0.06 was predicted. Was the work done?',
    );
    expect(proof.proven).toBeUndefined();
    expect(proof.sentence).toBe(proof.claim!.sentence);
  });
  test('a tap that gave far less than the table promised is told, and nothing is proven', () => {
    // Promised +13 %; the ducts say + 3 %.
    const little = [read('R1', -0.17, { tap: '4' }), read('R2', -0.24, { tap: '4' }), read('S1', 0.286, { tap: '4' })];
    const proof = proofOf(plan, before, assess(little, [], '4'));
    expect(proof.claim?.found).toBe('otherwise');
    expect(proof.proven).toBeUndefined();
  });
  test('its σ is that of the same hole read twice: 1.4 % for 0.25 in. w.c. of duct', () => {
    const was = assess([read('R2', -0.31), read('S1', 0.25)]);
    const is = assess([read('R2', -0.31), read('S1', 0.25)]);
    const change = flowChange(was.model!.system, [{ id: 'cleanCoil', inputs: {} }], was, is)!;
    const supply = change.sections.find((s) => s.stages[0] === 'supplyDuct')!;
    expect(supply.ratio).toBe(1);
    expect(supply.sigma).toBeCloseTo(0.01414, 4);
  });
  test('a section that the plan changes says nothing of the airflow', () => {
    const enlarged = [{ id: 'enlargeSupply', inputs: { nowIn: 12, newIn: 14, takesPercent: 60 } }];
    const change = flowChange(request.system, enlarged, before, before)!;
    expect(change.sections.map((s) => s.stages.join())).toEqual(['returnDuct']);
  });
  test('the error that before and after share is named', () => {
    const { flow } = proofOf(plan, before, assess(asPromised, [], '4'));
    expect(flow!.says).toContain('share the ± 10 % of the airflow before');
    expect(flow!.sigmaCfm / flow!.flowCfm).toBeCloseTo(Math.hypot(0.1, flowSigma()), 3);
    function flowSigma() {
      const change = flowChange(request.system, moves, before, assess(asPromised, [], '4'))!;
      return change.sigma / change.ratio;
    }
  });
});

describe('the section nobody touched is trusted first', () => {
  const traverse = (id: string, fpm: number, beforeIn: number): Fact => ({
    id,
    kind: 'traverse',
    inputs: {
      shape: 'rectangle',
      widthIn: 20,
      heightIn: 12,
      plan: 'sweep',
      instrument: 'velocity',
      readings: [fpm, fpm, fpm],
      beforeIn,
      afterIn: 90,
    },
  });
  const plain = proofOf(plan, before, assess(asPromised, [], '4')).flow!;

  test('a method taken only after, with a wide error, overrules nothing', () => {
    // Two diameters from a fitting, and a third less air than the section says.
    const wide = proofOf(plan, before, assess(asPromised, [traverse('t', 420, 20)], '4')).flow!;
    expect(wide.flowCfm).toBeCloseTo(plain.flowCfm, 6);
    expect(wide.says).not.toContain('taken after');
  });

  test('a surer one speaks for itself', () => {
    const sure = proofOf(plan, before, assess(asPromised, [traverse('t', 640, 400)], '4')).flow!;
    expect(sure.says).toContain('taken after');
    expect(sure.sigmaCfm).toBeLessThan(plain.sigmaCfm);
  });

  test('a method repeated that contradicts it is left out', () => {
    const first = traverse('a', 560, 400);
    const then = assess([read('R1', -0.16), read('R2', -0.31), read('S1', 0.27)], [first]);
    const repeated = proofOf(plan, then, assess(asPromised, [traverse('b', 400, 400)], '4')).flow!;
    expect(repeated.says).toMatch(/^The change is from the untouched section, to/);
  });
});

test('a stop on either side verifies nothing, and says what to do', () => {
  const iced: Fact = { id: 'i', kind: 'look', inputs: { item: 'ice', state: 'coil' } };
  const proof = proofOf(plan, before, assess(asPromised, [iced], '4'));
  expect(proof.proven).toBeUndefined();
  expect(proof.sentence).toMatch(/^Not verified: ice on the coil\./);
});

describe('what cannot be proof', () => {
  test('another tap than the plan’s', () => {
    const onThree = asPromised.map((r) => ({ ...r, conditions: { ...r.conditions, tap: '3' } }));
    const proof = proofOf(plan, before, assess(onThree, [], '4'));
    expect(proof.contradictions[0]).toContain('Re-measured on tap 3, but the plan is for 4');
    expect(proof.proven).toBeUndefined();
  });
  test('readings with the door off or the filter out', () => {
    const open = asPromised.map((r) => ({ ...r, conditions: { ...r.conditions, door: 'off' as const } }));
    const proof = proofOf(plan, before, assess(open, [], '4'));
    expect(proof.contradictions[0]).toContain('door off or the filter out');
    expect(proof.proven).toBeUndefined();
  });
});

describe('reading again', () => {
  test('what was not re-measured is named, and nothing is claimed before', () => {
    const proof = proofOf(plan, before, assess(asPromised.slice(0, 1), [], '4'));
    expect(proof.lacking).toEqual(['R2', 'S1']);
    expect(proof.proven).toBeUndefined();
    expect(proof.sentence).toBeUndefined();
    expect(lineOf(proof, 'flow')).toMatchObject({ after: undefined, word: 'cantSay' });
  });
  test('other conditions are flagged, the tap that the plan changed is not', () => {
    const dry = asPromised.map((r) => ({
      ...r,
      conditions: { ...r.conditions, coil: 'dry' as const, minutesRunning: 3 },
    }));
    const proof = proofOf(plan, before, assess(dry, [], '4'));
    expect(proof.changes.map((c) => c.port)).toEqual(['R1', 'R2', 'S1']);
    expect(proof.changes[0]!.sentence).toContain('coil wet then, dry now; 15 minutes running then, 3 now');
    const withoutTap = { ...plan, moves: moves.slice(0, 1) };
    expect(proofOf(withoutTap, before, assess(asPromised)).changes[0]!.sentence).toContain('tap 3 then, 4 now');
  });
  test('drop and amps are compared where they were measured', () => {
    const facts: Fact[] = [
      {
        id: 'd',
        kind: 'measuredDrop',
        inputs: { tons: 3, returnF: 75, moisture: 'wetBulb', returnWetF: 62.5, outdoorF: 95, supplyF: 52, minutes: 15 },
      },
      { id: 'm', kind: 'motorLoad', inputs: { phases: 'one', volts: 230, amps: 2.1, watts: 330, plateAmps: 4 } },
    ];
    const was = assess([read('R1', -0.16), read('R2', -0.31), read('S1', 0.27)], facts);
    const proof = proofOf(
      { ...plan, promise: { ...promise, dropF: 21, amps: 2.4, watts: 350 } },
      was,
      assess(asPromised, facts, '4'),
    );
    expect(lineOf(proof, 'drop')).toMatchObject({ before: 23, promised: 21, after: 23 });
    expect(lineOf(proof, 'amps')).toMatchObject({ before: 2.1, promised: 2.4, after: 2.1 });
    expect(lineOf(proof, 'watts')).toMatchObject({ promised: 350, after: 330 });
  });
});

test('a record holds when its moves can be done to its system', () => {
  const kept = JSON.parse(JSON.stringify(plan)) as Record<string, unknown>;
  expect(planRecordFault(kept)).toBeUndefined();
  expect(planRecordFault({ withdrawn: true })).toBeUndefined();
  expect(planRecordFault({ ...kept, moves: [] })).toContain('names its fixes');
  expect(planRecordFault({ ...kept, from: { system: null } })).toContain('stores the system');
  expect(planRecordFault({ ...kept, words: [{}] })).toContain('in words');
  expect(planRecordFault({ ...kept, promise: { flowCfm: 900, tespInWc: 0.5, watts: {} } })).toContain('are numbers');
  expect(planRecordFault({ ...kept, cautionsRead: ['lockOut', {}] })).toContain('cautions that were read');
});

test('cautions come once each, words say what exactly', () => {
  expect(cautionsOf(moves)).toEqual(['lockOut', 'unusedLeads']);
  expect(moveWords(moves[1]!, request)).toBe('Blower speed: 3 to 4');
  expect(moveWords({ id: 'gone', inputs: {} }, request)).toBe('gone');
});

test('energy a year from watts, hours and tariff', () => {
  expect(yearlyEnergy(-120, { hoursAYear: 2000, tariffPerKwh: 0.2 })).toEqual({ kwh: -240, money: -48 });
  expect(yearlyEnergy(50, { hoursAYear: 1000 })).toEqual({ kwh: 50, money: undefined });
});

describe('the record of a plan that is begun', () => {
  const planned = planOf(problemOf(request), moves, request.sure, request.seed);
  if (!planned.ok) throw new Error(planned.why);
  const cautions = cautionsOf(moves);
  const kept = planRecordOf(planned.plan, request, cautions)!;

  test('holds what the server asks of it, and comes back over the wire as it was', () => {
    expect(planRecordFault({ ...kept })).toBeUndefined();
    expect(JSON.parse(JSON.stringify(kept))).toEqual(kept);
    expect(kept).toMatchObject({ moves, cautionsRead: cautions, chance: planned.plan.chance });
    expect(kept.words).toHaveLength(moves.length);
  });
  test('promises what was worked out, no more', () => {
    const { operation } = planned.plan.prediction;
    expect(operation.kind === 'crossing' && kept.promise.flowCfm).toBe(
      operation.kind === 'crossing' && operation.flowCfm,
    );
  });
  test('of a plan off the curve there is none: nothing could be promised', () => {
    const choked = {
      ...request.system,
      path: request.system.path.map((one) => ({
        ...one,
        resistance: { ...one.resistance, coefficient: 40 * one.resistance.coefficient },
      })),
    };
    const off = { ...planned.plan, prediction: predict(choked, request.goal) };
    expect(off.prediction.operation.kind).toBe('offTable');
    expect(planRecordOf(off, request, cautions)).toBeUndefined();
  });
});

test('what was checked before the plan still stands after it, but what the plan mends', () => {
  const check = (id: string, point: string, state: string) =>
    ({ id, kind: 'check', inputs: { point, state }, takenAt: '2026-05-12T10:00:00Z' }) as const;
  const fact = { id: 'p', kind: 'plan', inputs: { ...plan } as never, takenAt: '2026-05-12T11:00:00Z' } as const;
  const facts = [check('a', 'upkeepFilter', 'done'), check('b', 'upkeepWheel', 'found'), fact];
  const { after } = partVisit({ readings: [], facts }, (whole) => whole);
  expect(after!.facts.map(({ id }) => id)).toEqual(['b']);
});

test('what was taken before the plan stays before it, whatever the clock of the phone said', () => {
  const at = (takenAt: string, clockOffsetMs?: number) => ({ id: takenAt, takenAt, clockOffsetMs });
  const fact = { id: 'p', kind: 'plan' as const, inputs: { ...plan }, takenAt: '2026-05-12T10:00:00Z' };
  const readings = [at('2026-05-13T09:00:00Z', -86_400_000), at('2026-05-11T11:00:00Z', 86_400_000)];
  const { before, after } = partVisit({ readings, facts: [fact] }, (whole) => whole);
  expect(before.readings.map(({ id }) => id)).toEqual(['2026-05-13T09:00:00Z']);
  expect(after?.readings.map(({ id }) => id)).toEqual(['2026-05-11T11:00:00Z']);
});
