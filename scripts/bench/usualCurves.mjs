import { build } from 'esbuild';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { row } from './median.mjs';

async function load() {
  const outfile = path.join(mkdtempSync(path.join(tmpdir(), 'huff-bench-')), 'usual.mjs');
  await build({
    stdin: {
      contents:
        "export * from './core/fixtures/usualCurveChanges.ts'; export { DEMO_TABLES } from './server/src/demo/tables.ts';",
      resolveDir: process.cwd(),
      loader: 'ts',
    },
    alias: { '@huff/core': './core/src/entries/main.ts' },
    bundle: true,
    format: 'esm',
    platform: 'node',
    outfile,
    logLevel: 'warning',
  });
  return import(pathToFileURL(outfile).href);
}

/** Typical curves against the demo's tables, each left out but for one point: how many changes lie within what was said of them. */
export async function benchUsualCurves() {
  const { DEMO_TABLES, isHeld, usualCurveChanges } = await load();
  for (const motor of ['psc', 'constantTorque', 'constantAirflow', 'beltDrive']) {
    const changes = DEMO_TABLES.filter((table) => table.motor === motor).flatMap((table) =>
      usualCurveChanges(motor, table, table.tons ?? 10),
    );
    const off = Math.sqrt(changes.reduce((sum, one) => sum + (one.gain - one.foretold) ** 2, 0) / changes.length);
    row(
      `typical curve, ${motor}: changes within their spread`,
      (100 * (changes.filter(isHeld).length / changes.length)).toFixed(1),
      '%',
      `aim: at least 90; ${changes.length} changes, rms error ${(100 * off).toFixed(1)} % of the airflow`,
    );
  }
}
