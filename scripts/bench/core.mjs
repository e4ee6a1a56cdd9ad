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
        "export * from './core/src/index.ts'; export * from './core/src/fix.ts'; export * from './core/fixtures/exampleA.ts'; export * from './core/fixtures/exampleD.ts';",
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
  const judgement = core.judge(core.EXAMPLE_A_UNIT, core.EXAMPLE_A_READINGS, core.DEFAULT_RULES);
  const path = judgement.system.path.map((s) => s.resistance);
  const taps = ['1', '2', '3', '4'];
  const rpms = ['700', '800', '900', '1000'];
  row(
    'one crossing solved',
    microseconds((i) => core.crossing(core.EXAMPLE_A_TABLE, taps[i & 3], path).flowCfm).toFixed(2),
    'µs',
    'aim: under 10',
  );
  row(
    'tap advice for a table of five taps',
    microseconds(() => core.tapAdvice(judgement, core.DEFAULT_RULES).outcomes.length).toFixed(1),
    'µs',
  );
  row(
    'judgement of two readings',
    microseconds(() => core.judge(core.EXAMPLE_A_UNIT, core.EXAMPLE_A_READINGS, core.DEFAULT_RULES).flowCfm).toFixed(1),
    'µs',
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
}
