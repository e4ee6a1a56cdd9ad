import fc from 'fast-check';
import { NO_PARTS } from '../driveBench';
import { EXAMPLE_A_GOAL, EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { EXAMPLE_D_GOAL, EXAMPLE_D_SYSTEM } from '../../../fixtures/exampleD';
import { awayFrom, isChoked } from '../advise';
import { fanRuns, flowAt } from '../../air/fan';
import { DEFAULT_RULES, targetOf } from '../../judge/verdicts';
import type { Goal } from '../model';
import { applyMoves } from '../moves';
import { pathDropAt, resistanceFromPoint } from '../../air/path';
import type { System } from '../../air/system';
import { chanceOf, sampledOutcomes, oddsOf } from './chance';
import { combinations, searchCombinations, subsets } from './search';
import { dominates } from './front';
import { offeredMoves, planNow, problemOf, type PlanRequest } from './planner';
import { planOf } from './readyPlans';

const system: System = {
  layout: 'airHandler',
  path: [
    { stages: ['returnDuct'], side: 'return', resistance: resistanceFromPoint(0.16, 940.2, 2) },
    { stages: ['filter'], side: 'return', resistance: resistanceFromPoint(0.15, 940.2, 1.3) },
    { stages: ['supplyDuct'], side: 'supply', resistance: resistanceFromPoint(0.27, 940.2, 2) },
  ],
  fan: { motor: 'constantTorque', table: EXAMPLE_A_TABLE, tap: '3' },
};
const goal = EXAMPLE_A_GOAL;
const sure = { flowShare: 0.06, staticInWc: 0.014 };
const request: PlanRequest = {
  system,
  goal,
  looks: [
    { item: 'filter', state: 'loaded' },
    { item: 'dampers', state: 'closed' },
  ],
  typed: {},
  figures: {},
  parts: NO_PARTS,
  sure,
  seed: 7,
};
const answer = planNow(request);
/** The same choked path with nothing seen: what is planned then is searched. */
const unseen = planNow({ ...request, looks: [] });

function searched(of: PlanRequest) {
  const run = searchCombinations(problemOf(of));
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}

describe('the plans of a choked duct with a loaded filter', () => {
  test('each predicted crossing lies on the fan’s curve and on the path', () => {
    expect(answer.ready.length).toBeGreaterThan(0);
    for (const { moves, prediction } of answer.ready) {
      const applied = applyMoves(system, moves);
      if (!applied.ok || prediction.operation.kind === 'offTable') throw new Error('a plan must run');
      const { flowCfm, tespInWc } = prediction.operation;
      const { fan, path } = applied.system;
      expect(flowAt(fan, tespInWc)).toBeCloseTo(flowCfm, 3);
      expect(
        pathDropAt(
          path.map((s) => s.resistance),
          flowCfm,
        ),
      ).toBeCloseTo(tespInWc, 6);
    }
  });

  test('they land in the band within the nameplate, each the best at what it is called', () => {
    const { candidates } = searched(request);
    const good = candidates.filter((c) => c.burden.away <= 1 && c.burden.tespInWc <= 0.5);
    expect(good.length).toBeGreaterThan(3);
    for (const plan of unseen.ready) {
      expect(plan.prediction.airflow).not.toBe('outside');
      expect(plan.prediction.tesp).not.toBe('outside');
      expect(plan.chance).toBeGreaterThanOrEqual(0.03);
    }
    const lowest = unseen.ready.find((plan) => plan.kinds.includes('lowestStatic'))!;
    const cheapest = unseen.ready.find((plan) => plan.kinds.includes('lowestCost'))!;
    const least = unseen.ready.find((plan) => plan.kinds.includes('leastWork'))!;
    for (const plan of unseen.ready) {
      expect(plan.cost).toBeGreaterThanOrEqual(cheapest.cost);
      expect(plan.minutes).toBeGreaterThanOrEqual(least.minutes);
      expect(plan.prediction.marginInWc).toBeLessThanOrEqual(lowest.prediction.marginInWc! + 1e-9);
    }
  });

  test('what was found is fixed first and alone, and measured again; the rest is for afterwards', () => {
    const [first, ...more] = answer.ready;
    expect(first!.kinds).toEqual(['fixFirst']);
    expect(first!.moves.map(({ id }) => id)).toEqual(['newFilter', 'openDamper']);
    expect(first!.explanation).toContain('Then re-measure.');
    for (const plan of more) {
      expect(plan.ifStillOff).toBe(true);
      expect(plan.moves.map(({ id }) => id)).toEqual(expect.arrayContaining(['openDamper']));
      expect(plan.moves.length).toBeGreaterThan(2);
    }
  });

  test('an open question leaves only what is due; without anything due there is no plan, and why is said', () => {
    const held = 'Static was measured on tap 2; the visit says tap 3.';
    const due = planNow({ ...request, held });
    expect(due.ready.map(({ kinds }) => kinds)).toEqual([['fixFirst']]);
    expect(due.notes.join()).toContain(held);
    const none = planNow({ ...request, looks: [], held });
    expect(none.ready).toEqual([]);
    expect(none.notes.join()).toContain(held);
  });

  test('each says what is done, what is predicted, and the chance', () => {
    expect(unseen.ready.length).toBeGreaterThan(0);
    for (const { explanation } of unseen.ready) {
      expect(explanation.split('. Predicted: ')).toHaveLength(2);
      expect(explanation).toMatch(/^[A-Z].*\.$/);
      expect(explanation).toMatch(/\d+ % chance of meeting every target/);
    }
  });

  test('speed is not raised first, unless told to', () => {
    expect(isChoked(system, goal)).toBe(true);
    const alone = (of: PlanRequest) =>
      searched(of).candidates.filter((c) => c.moves.length === 1 && c.moves[0]!.id === 'changeTap' && c.flowCfm > 950);
    const nothingSeen = { ...request, looks: [] };
    expect(alone(nothingSeen)).toEqual([]);
    expect(searched(nothingSeen).refusedSpeed).toBeGreaterThan(0);
    expect(planNow(nothingSeen).notes.join()).toContain('Raising the speed alone is left out');
    expect(alone({ ...nothingSeen, speedFirst: true }).length).toBeGreaterThan(0);
    expect(planNow({ ...nothingSeen, speedFirst: true }).notes.join()).not.toContain('left out');
  });
});

test('the same request gives the same plans', () => expect(planNow(request)).toEqual(answer));

test('it tells how far it is, and can be left half way', () => {
  const run = searchCombinations(problemOf(request), 10);
  const first = run.next();
  if (first.done) throw new Error('too few combinations to be requested progress');
  expect(first.value.done).toBeGreaterThan(0);
  expect(first.value.total).toBeGreaterThan(first.value.done);
  expect(run.return({ candidates: [], evaluated: 0, refusedSpeed: 0, refusedSlower: 0, refusedMotor: 0 }).done).toBe(
    true,
  );
});

describe('what is left of a search', () => {
  const { candidates } = searched(request);
  test('nothing that is kept is dominated by anything else that was kept', () => {
    for (const a of candidates) for (const b of candidates) expect(dominates(a.burden, b.burden)).toBe(false);
  });
  test('nor by any combination there is', () => {
    const problem = problemOf(request);
    const due = problem.moves.filter(({ id }) => problem.due.includes(id));
    expect(due.map(({ id }) => id)).toEqual(['newFilter', 'openDamper']);
    const others = problem.moves.filter(({ id }) => !problem.due.includes(id) && id !== 'deeperMedia');
    for (const set of subsets(others.length, 2)) {
      const moves = [...due, ...set.map((i) => others[i]!)];
      const planned = planOf(problem, moves, sure, 1);
      if (!planned.ok || planned.plan.prediction.operation.kind === 'offTable') continue;
      const { operation } = planned.plan.prediction;
      const { target } = goal;
      const burden = {
        away: awayFrom(operation.flowCfm, target) + 1e-6,
        // The search solves to a millionth of an inch.
        tespInWc: operation.tespInWc + 2e-6,
        minutes: planned.plan.minutes,
        cost: planned.plan.cost,
        heat: 0,
        atEnd: 0,
      };
      for (const kept of candidates) expect(dominates(burden, kept.burden)).toBe(false);
    }
  });
  test('every plan mends what was seen: the loaded filter by one move or another, the closed damper', () => {
    for (const { moves } of candidates) {
      const ids = moves.map(({ id }) => id);
      expect(ids.filter((id) => ['newFilter', 'deeperMedia'].includes(id))).toHaveLength(1);
      expect(ids).toContain('openDamper');
    }
  });
  test('no plan takes more than four moves and a speed', () => {
    for (const { moves } of candidates) expect(moves.length).toBeLessThanOrEqual(5);
  });
});

describe('combinations', () => {
  const touches = ['filter', 'filter', 'coil', 'duct', 'leak', 'flex'];
  const sets = (due: readonly number[]) => [...combinations(touches, due)].map((set) => [...set].sort().join(''));
  test('with nothing due: every set of four at most, no two moves on one thing', () => {
    const found = sets([]);
    expect(found).toContain('');
    expect(found).toContain('0234');
    expect(found.some((set) => set.includes('01'))).toBe(false);
    expect(new Set(found).size).toBe(found.length);
    // 2⁵ sets of the five things less the one of all five; those with the filter come in two ways.
    expect(found).toHaveLength(31 + 15);
  });
  test('what is due is in each, by one move or another', () => {
    for (const set of sets([0])) expect(/[01]/.test(set) && set.length <= 4).toBe(true);
    expect(sets([0])).toContain('1');
  });
  test('many things due are all done, and leave no room for others', () => {
    expect(sets([0, 2, 3, 4, 5])).toEqual(['02345', '12345']);
  });
});

test('subsets: all of them, each once', () => {
  expect([...subsets(4, 2)].map((s) => s.join(''))).toEqual([
    '',
    '0',
    '01',
    '02',
    '03',
    '1',
    '12',
    '13',
    '2',
    '23',
    '3',
  ]);
});

describe('the chance of landing', () => {
  const aim = (flowCfm: number, halfWidth: number, plate = 9): Goal => ({
    ...goal,
    target: { flowCfm, lowCfm: flowCfm - halfWidth, highCfm: flowCfm + halfWidth },
    maxTesp: { value: plate, source: 'nameplate' },
  });
  const filter = [{ id: 'newFilter', inputs: { ratedDropInWc: 0.06, ratedFlowCfm: 940 } }];
  test('of the band grows with its width, of nameplate with the nameplate', () => {
    const outcomes = sampledOutcomes(system, filter, sure, aim(1000, 100), 3);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 400 }), fc.integer({ min: 0, max: 400 }), (a, b) => {
        const [narrow, wide] = [Math.min(a, b), Math.max(a, b)];
        expect(oddsOf(outcomes, aim(1000, narrow)).band).toBeLessThanOrEqual(oddsOf(outcomes, aim(1000, wide)).band);
        expect(oddsOf(outcomes, aim(1000, 100, narrow / 400)).plate).toBeLessThanOrEqual(
          oddsOf(outcomes, aim(1000, 100, wide / 400)).plate,
        );
      }),
    );
    expect(oddsOf(outcomes, aim(1000, 1e6)).all).toBeGreaterThan(0.97);
  });
  test('all of it together is never likelier than any part of it', () => {
    const heated = { ...system, heating: { tap: '3', outputBtuH: 60_000, riseMinF: 30, riseMaxF: 60 } };
    const odds = chanceOf(heated, filter, sure, aim(1000, 80, 0.5), 3);
    for (const part of [odds.band, odds.plate, odds.heat]) expect(odds.all).toBeLessThanOrEqual(part);
    expect(odds.all).toBeLessThan(odds.band * 0.999);
    expect(odds.heat).toBeGreaterThan(0.2);
    expect(odds.heat).toBeLessThan(0.9);
  });
  test('sure readings are surer', () => {
    const share = (flowShare: number) =>
      chanceOf(system, [], { flowShare, staticInWc: 0.005 }, aim(940.2, 94), 11).band;
    // No airflow in the field is known better than 5 %.
    expect(share(0.02)).toBe(share(0.05));
    expect(share(0.05)).toBeGreaterThan(0.9);
    expect(share(0.06)).toBeGreaterThan(0.85);
    expect(share(0.15)).toBeLessThan(share(0.06));
  });
  test('an assumed size of what was seen is one more error', () => {
    const wheel = (assumed: boolean): System => ({
      ...system,
      fan: { ...system.fan, lags: [{ cause: 'wheel', acts: 'speed', factor: 0.85, assumed }] },
    });
    const mended = [{ id: 'cleanWheel', inputs: {} }];
    const spread = (of: System) => {
      const flows = sampledOutcomes(of, mended, sure, goal, 5).flatMap((o) => o.flowCfm ?? []);
      const mean = flows.reduce((sum, q) => sum + q, 0) / flows.length;
      return Math.sqrt(flows.reduce((sum, q) => sum + (q - mean) ** 2, 0) / flows.length);
    };
    expect(spread(wheel(true))).toBeGreaterThan(1.1 * spread(wheel(false)));
  });
  test('is the same for the same seed and not for every seed', () => {
    expect(sampledOutcomes(system, [], sure, goal, 5, 50)).toEqual(sampledOutcomes(system, [], sure, goal, 5, 50));
    expect(sampledOutcomes(system, [], sure, goal, 5, 50)).not.toEqual(sampledOutcomes(system, [], sure, goal, 6, 50));
  });
  test('moves that cannot be done never land', () => {
    const never = { all: 0, band: 0, plate: 0, heat: 0, motor: 0 };
    expect(chanceOf(system, [{ id: 'changeTap', inputs: { tap: '9' } }], sure, goal, 1)).toEqual(never);
  });
});

describe('odd requests are answered', () => {
  test('a fan off its table at the top gets plans that bring it back', () => {
    const tight: System = {
      ...system,
      path: system.path.map((s) => ({
        ...s,
        resistance: { ...s.resistance, coefficient: 2.2 * s.resistance.coefficient },
      })),
      fan: { ...system.fan, tap: '1' },
    };
    const found = planNow({ ...request, system: tight, looks: [] });
    expect(found.evaluated).toBeGreaterThan(0);
    for (const { explanation } of found.ready) expect(explanation).not.toMatch(/NaN|undefined|Infinity/);
  });
  test('a goal out of reach gets no plan, and says why', () => {
    const far = { ...goal, target: targetOf(6, DEFAULT_RULES) };
    const found = planNow({ ...request, goal: far, looks: [] });
    expect(found.ready).toEqual([]);
    expect(found.notes[0]).toMatch(/^No good plan: /);
  });
  test('heating put out of its range is said', () => {
    const hot = { ...system, heating: { tap: '3', outputBtuH: 60_000, riseMinF: 30, riseMaxF: 40 } };
    const found = planNow({ ...request, system: hot });
    expect(found.ready.some((plan) => plan.prediction.heating?.word === 'outside')).toBe(true);
    expect(found.notes.join() + found.ready.map((p) => p.explanation).join()).toMatch(/heating/);
  });
  test('contradicting moves are an answer', () => {
    const problem = problemOf(request);
    const filters = ['newFilter', 'deeperMedia'].map((id) => problem.moves.find((m) => m.id === id)!);
    expect(planOf(problem, filters, sure, 1)).toMatchObject({ ok: false, why: expect.stringContaining('Choose one') });
  });
});

test('a belt drive is searched over its half turns, each with a belt that fits', () => {
  const belt: PlanRequest = { ...request, system: EXAMPLE_D_SYSTEM, goal: EXAMPLE_D_GOAL, looks: [] };
  expect(problemOf(belt).speeds.length).toBeGreaterThan(5);
  const found = planNow(belt);
  const least = found.ready.find((plan) => plan.kinds.includes('leastWork'))!;
  expect(least.moves).toEqual([expect.objectContaining({ id: 'setDrive' })]);
  expect(least.prediction.airflow).not.toBe('outside');
  // Something is left to adjust by.
  expect(least.moves[0]!.inputs.turnsOpen).toBe(0.5);
});

test('moves are offered for a reason, with typed figures before the usual', () => {
  const offered = offeredMoves(
    system,
    { goal, looks: new Map(request.looks.map((l) => [l.item, l])) },
    { newFilter: { ratedDropInWc: 0.03 } },
  );
  const filter = offered.find(({ chosen }) => chosen.id === 'newFilter')!;
  expect(filter.chosen.inputs).toMatchObject({ ratedDropInWc: 0.03, ratedFlowCfm: 1200 });
  expect(offered.map(({ chosen }) => chosen.id)).toContain('openDamper');
  expect(offered.map(({ chosen }) => chosen.id)).not.toContain('cleanWheel');
  expect(fanRuns(system.fan)).toHaveLength(1);
});
