import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { importBundled } from '../setup/bundle.mjs';
import { median, row } from './median.mjs';

/** Time to the first ranking and to the last one, ms. */
function ranked(explain, request) {
  const from = performance.now();
  let first;
  for (const { answer } of explain(request)) if (answer) first ??= performance.now() - from;
  return { first, all: performance.now() - from };
}

/** How fast a unit is observed, and how fast its readings are explained. */
export async function benchExplain() {
  const { explain, explainedUnit, READING_IDS, UNKNOWNS, unitModel } = await importBundled(
    'scripts/bench/explainEntry.ts',
    mkdtempSync(path.join(tmpdir(), 'huff-bench-')),
  );
  const readings = { R1: -0.08, R2: -0.31, S1: 0.27, S2: 0.1 };
  const cold = ranked(explain, explainedUnit({ ...readings, drop: 24 }));
  row('the first ranking of causes, nothing warm', cold.first.toFixed(0), 'ms', 'aim: under 300');
  row('the same, pairs of causes too', cold.all.toFixed(0), 'ms', 'aim: under 2000');
  const warm = [0, 1, 2, 3, 4].map((i) => ranked(explain, explainedUnit({ ...readings, drop: 24 + i / 10 })));
  row('the first ranking after a further reading', median(warm.map(({ first }) => first)).toFixed(0), 'ms');
  row('the same, pairs of causes too', median(warm.map(({ all }) => all)).toFixed(0), 'ms');
  const { system, conditions } = explainedUnit({});
  const model = unitModel({ ...system, cooling: undefined }, conditions);
  const z = new Float64Array(UNKNOWNS.length);
  const out = new Float64Array(READING_IDS.length);
  const count = 300_000;
  const from = performance.now();
  for (let i = 0; i < count; i++) {
    z[0] = (i % 100) / 1000;
    model.observe(z, out);
  }
  const perSecond = (1000 * count) / (performance.now() - from);
  row('units observed, air side', (perSecond / 1000).toFixed(0), 'thousand/s', 'aim: over 200');
}
