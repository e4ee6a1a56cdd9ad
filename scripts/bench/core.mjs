import { build } from 'esbuild';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { microseconds, row } from './median.mjs';
import { benchPlan } from './plan.mjs';

/** Core and its worked examples as one module, as the app's bundler makes it. */
export async function loadCore() {
  const outfile = path.join(mkdtempSync(path.join(tmpdir(), 'huff-bench-')), 'core.mjs');
  await build({
    stdin: {
      contents:
        "export * from './core/src/entries/main.ts'; export * from './core/src/entries/fix.ts'; export * from './core/fixtures/exampleA.ts'; export * from './core/fixtures/exampleD.ts'; export * from './core/fixtures/calibration.ts'; export * from './core/fixtures/randomWish.ts'; export * from './core/fixtures/truth.ts';",
      resolveDir: process.cwd(),
      loader: 'ts',
    },
    bundle: true,
    format: 'esm',
    platform: 'node',
    outfile,
    logLevel: 'warning',
  });
  return import(pathToFileURL(outfile).href);
}

export async function benchCore() {
  const core = await loadCore();
  const visit = { unit: core.EXAMPLE_A_UNIT, mode: 'cooling', readings: core.EXAMPLE_A_READINGS, facts: [] };
  const { judgement, model, airflow, flow } = core.assessVisit(visit, core.DEFAULT_RULES);
  const path = model.system.path.map((s) => s.resistance);
  const taps = ['1', '2', '3', '4'];
  const rpms = ['700', '800', '900', '1000'];
  row(
    'one crossing solved',
    microseconds((i) => core.crossing(core.EXAMPLE_A_TABLE, taps[i & 3], path).flowCfm).toFixed(2),
    'µs',
    'aim: under 10',
  );
  const usual = {
    motor: 'psc',
    tap: 'as found',
    usual: { anchorFlowCfm: 940, anchorStaticInWc: 0.58, tap: 'as found', cfmPerTon: 313 },
    lags: [{ cause: 'wheel', acts: 'speed', factor: 0.93 }],
  };
  const usualRuns = core.fanRuns(usual);
  row(
    'one crossing on a typical curve with a lag',
    microseconds((i) => core.crossingOf('as found', usualRuns, [path[i & 1], path[0]]).kind.length).toFixed(2),
    'µs',
    'aim: under 10',
  );
  row('a typical curve made', microseconds(() => core.fanRuns(usual).length).toFixed(2), 'µs');
  const goal = { target: judgement.target, maxTesp: judgement.maxTesp, rules: core.DEFAULT_RULES, flowShare: 0.1 };
  const advised = { system: model.system, goal, tespInWc: judgement.tespInWc, airflow, due: [] };
  row('advice for a table of five taps', microseconds(() => core.advise(advised).outcomes.length).toFixed(1), 'µs');
  row(
    'judgement of two readings',
    microseconds(() => core.assessVisit(visit, core.DEFAULT_RULES).flow.flowCfm - flow.flowCfm).toFixed(0),
    'µs',
    'aim: under 1,000',
  );
  const made = [];
  for (let seed = 1; made.length < 200; seed += 1) made.push(core.truth(core.randomWish(seed)));
  const visits = made.filter((one) => one !== undefined).map((one) => one.visit);
  row(
    'a visit assessed, the mean of 200 made up at random',
    microseconds((i) => core.assessVisit(visits[i % visits.length], core.DEFAULT_RULES).standing.length).toFixed(0),
    'µs',
    'aim: under 1,000',
  );
  const ten = Array.from({ length: 10 }, (_, i) => ({
    id: String(i),
    name: `method ${i}`,
    flowCfm: 900 + 40 * i,
    sigmaShare: 0.06,
    doubts: i % 3 ? [] : ['a doubt'],
  }));
  row('ten methods reconciled', microseconds(() => core.reconcile(ten).flowCfm).toFixed(1), 'µs', 'aim: under 1,000');
  const coil = { tons: 3, entering: core.moistAir(75, { wetBulbF: 62.5 }), outdoorF: 95 };
  row('airflow from a temperature drop', microseconds((i) => core.flowFromDrop(coil, 19 + (i & 3))).toFixed(0), 'µs');
  row(
    'one crossing of a two-part path',
    microseconds((i) => {
      const found = core.operate(core.onTap(core.EXAMPLE_D_SYSTEM, rpms[i & 3]));
      return found.flowCfm ?? found.edgeFlowCfm;
    }).toFixed(2),
    'µs',
    'aim: under 10',
  );
  benchPlan(core);
  benchCalibration(core);
}

/** Units in each group of the calibration. */
const TRUTHS = 1200;

/** What was promised against what landed, on hidden truths, group by group. */
function benchCalibration({ binned, calibration, GROUPS }) {
  for (const group of GROUPS) {
    const promised = calibration(group, TRUTHS);
    console.log(`\nPromised against landed, ${group.name}: ${TRUTHS} hidden truths, ${promised.length} plans`);
    for (const { from, cases, promised: said, landed, sigma } of binned(promised)) {
      if (cases === 0) continue;
      const off = 100 * (landed - said);
      const aim = group.undecidable ? 'no reading tells it' : 'aim: within 5 points';
      row(
        `  promised ${Math.round(100 * from)} to ${Math.round(100 * from) + 10} %: ${cases} plans`,
        `${(100 * said).toFixed(1)} → ${(100 * landed).toFixed(1)}`,
        '%',
        `${off >= 0 ? '+' : '−'}${Math.abs(off).toFixed(1)}, known to ± ${(100 * sigma).toFixed(1)}; ${aim}`,
      );
    }
  }
}
