import { row } from './median.mjs';

/** A request of more than 50,000 combinations: thirteen moves, fifty speeds. Plain data, as it goes to the worker. */
export function largeRequest(core) {
  const taps = core.roundRpmRows(core.EXAMPLE_D_TABLE, core.EXAMPLE_D_FIGURES, 9).slice(0, 50);
  const point = core.resistanceFromPoint;
  const part = (kind, side, drop, n) => ({ stages: [kind], side, resistance: point(drop, 2540, n) });
  const system = {
    layout: 'airHandler',
    filterPlace: 'both',
    path: [
      part('filter', 'return', 0.1, 1.3),
      part('returnDuct', 'return', 0.16, 2),
      part('filter', 'return', 0.1, 1.3),
      part('coil', 'supply', 0.2, 1.8),
      part('supplyDuct', 'supply', 0.25, 2),
    ],
    filters: { count: 2, widthIn: 20, heightIn: 25, collarIn: 14 },
    fan: { motor: 'psc', table: { staticsInWc: core.EXAMPLE_D_TABLE.staticsInWc, taps }, tap: taps[20].tap },
  };
  const moves = [
    'singleFilter',
    'newFilter',
    'deeperMedia',
    'cleanCoil',
    'openDamper',
    'replaceFlex',
    'grilleBox',
    'sealLeak',
    'enlargeReturn',
    'enlargeSupply',
    'addSupplyRun',
    'secondReturn',
    'otherMotor',
  ];
  return {
    system,
    goal: { ...core.EXAMPLE_D_GOAL, maxTesp: { value: 0.6, source: 'nameplate' } },
    looks: [],
    typed: Object.fromEntries(moves.map((id) => [id, {}])),
    figures: {},
    parts: core.NO_PARTS,
    sure: { flowShare: 0.05, staticInWc: 0.014 },
    seed: 1,
    speedFirst: true,
  };
}

function search(core, problem) {
  const run = core.searchCombinations(problem);
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}

/**
 * The same work as one plain loop over numbers, as it would be written in C: for each combination the crossing by bisection on the
 * curve's pieces, the burden, and the list of what nothing dominates.
 */
function plainLoop(core, problem) {
  const { system, moves, speeds, goal } = problem;
  const touches = moves.map(({ id }) => core.moveOf(id).touches);
  const sets = [...core.subsets(moves.length, core.MOST_MOVES)].filter(
    (set) => new Set(set.map((i) => touches[i])).size === set.length,
  );
  const paths = [];
  for (const set of sets) {
    const applied = core.applyMoves(
      system,
      set.map((i) => moves[i]),
    );
    if (!applied.ok) continue;
    const effort = core.effortOf(set.map((i) => moves[i].id));
    const { speed, flow } = core.lagFactors(applied.system.fan);
    const r = core.merged(core.resistancesOf(applied.system));
    paths.push({
      a: Float64Array.from(r, (x) => x.coefficient),
      n: Float64Array.from(r, (x) => x.exponent),
      speed,
      flow,
      ...effort,
    });
  }
  const curves = speeds.map(({ fan, minutes, cost }) => {
    const [run] = core.fanRuns({ ...fan, lags: [] });
    return { p: Float64Array.from(run.staticsInWc), q: Float64Array.from(run.flowsCfm), minutes, cost };
  });
  const aim = goal.target.flowCfm;
  const begin = performance.now();
  const front = [];
  let count = 0;
  for (let i = 0; i < paths.length; i += 1) {
    const { a, n, speed, flow } = paths[i];
    for (let s = 0; s < curves.length; s += 1) {
      const { p, q } = curves[s];
      count += 1;
      const ps = speed * speed;
      const qs = speed * flow;
      const asked = (flowCfm) => {
        let sum = 0;
        for (let k = 0; k < a.length; k += 1) sum += a[k] * Math.pow(flowCfm, n[k]);
        return sum;
      };
      const last = p.length - 1;
      if (asked(q[0] * qs) < p[0] * ps || asked(q[last] * qs) > p[last] * ps) continue;
      let j = 0;
      while (j < last - 1 && asked(q[j + 1] * qs) > p[j + 1] * ps) j += 1;
      let low = 0;
      let high = 1;
      for (let k = 0; k < 40; k += 1) {
        const u = (low + high) / 2;
        if (asked((q[j] + u * (q[j + 1] - q[j])) * qs) > (p[j] + u * (p[j + 1] - p[j])) * ps) low = u;
        else high = u;
      }
      const found = (q[j] + low * (q[j + 1] - q[j])) * qs;
      const tesp = (p[j] + low * (p[j + 1] - p[j])) * ps;
      const away = Math.abs(found - aim) / aim;
      const minutes = paths[i].minutes + curves[s].minutes;
      const cost = paths[i].cost + curves[s].cost;
      let beaten = false;
      for (let k = 0; k < front.length && !beaten; k += 1) {
        const f = front[k];
        beaten = f[0] <= away && f[1] <= tesp && f[2] <= minutes && f[3] <= cost;
      }
      if (beaten) continue;
      for (let k = front.length - 1; k >= 0; k -= 1) {
        const f = front[k];
        if (away <= f[0] && tesp <= f[1] && minutes <= f[2] && cost <= f[3]) front.splice(k, 1);
      }
      front.push([away, tesp, minutes, cost]);
    }
  }
  return { milliseconds: performance.now() - begin, count, kept: front.length };
}

/** The search for a plan against a plain loop of the same work, in one run. */
export function benchPlan(core) {
  const problem = core.problemOf(largeRequest(core));
  search(core, problem);
  const begin = performance.now();
  const found = search(core, problem);
  const milliseconds = performance.now() - begin;
  const plain = plainLoop(core, problem);
  row(
    `plan: ${found.evaluated.toLocaleString('en-US')} combinations searched`,
    milliseconds.toFixed(0),
    'ms',
    'aim: under 1,000',
  );
  row(
    `the same as one plain loop over numbers, ${plain.count.toLocaleString('en-US')} of them`,
    plain.milliseconds.toFixed(0),
    'ms',
  );
  row('plan search ÷ plain loop', (milliseconds / plain.milliseconds).toFixed(2), '×');
  return { found, plain };
}
