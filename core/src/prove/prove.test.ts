import { EXAMPLE_A_GOAL, EXAMPLE_A_UNIT } from '../examples/exampleA';
import { DEFAULT_RULES } from '../judge';
import { applyMoves } from '../moves';
import { predict } from '../model';
import { NO_PARTS } from '../driveBench';
import type { PlanRequest } from '../plan';
import type { PressureReading } from '../readings';
import { operate } from '../operate';
import { stageDropAt } from '../moves';
import { assessVisit, type Fact } from '../visit';
import { yearlyEnergy } from '../energy';
import { cautionsOf, moveWords, planRecordFault, promiseOf, proofOf, type PlanRecord } from '.';

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
  words: moves.map((move) => moveWords(move, request)),
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
    expect(proof.sentence).toBe('The airflow came out as predicted, the static too. It is not in the band yet.');
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
  const worse = asPromised.map((r) => ({ ...r, staticInWc: r.staticInWc * 1.2 }));
  const proof = proofOf(plan, before, assess(worse, [], '4'));
  test('the error is after against predicted, and the model is put right by it', () => {
    expect(lineOf(proof, 'tesp')!.error).toBeCloseTo(0.2, 6);
    expect(lineOf(proof, 'flow')!.error).toBeLessThan(0);
    expect(proof.sentence).toMatch(/^The air moves \d+ % less than predicted, the static is 0.12 higher\./);
    const { flowCfm, system } = proof.proven!;
    expect(stageDropAt(system, 'supplyDuct', flowCfm)).toBeCloseTo(1.2 * drop('supplyDuct'), 6);
  });
});

describe('reading again', () => {
  test('what was not read again is named, and nothing is claimed before', () => {
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
  expect(planRecordFault({ ...kept, moves: [] })).toContain('names its moves');
  expect(planRecordFault({ ...kept, from: { system: null } })).toContain('keeps the system');
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
