import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { importBundled } from '../setup/bundle.mjs';
import { median, row } from './median.mjs';

const CONTEXT = { lineVolts: 240, ratedMicrofarads: 10 };
const ROUNDS = 200;

/** How long ranking takes, and how many tests lead to a cause beside the fixed order: for every scheme and every single cause. */
export async function benchPower() {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const { gasFurnace, nextTests, POWER_SCHEMES, SECTION_ORDER, suspects, testsUntilFound } = await importBundled(
    'scripts/bench/powerEntry.ts',
    folder,
  );
  const schemes = [...POWER_SCHEMES, gasFurnace];
  const checks = new Map([['callVolts', { point: 'callVolts', value: 25.6 }]]);
  const times = schemes.flatMap((scheme) => {
    nextTests(scheme, checks, CONTEXT);
    return Array.from({ length: ROUNDS }, () => {
      const begun = performance.now();
      suspects(scheme, checks.values(), CONTEXT);
      nextTests(scheme, checks, CONTEXT);
      return performance.now() - begun;
    });
  });
  row('causes of a dead blower ranked, next test chosen', (1000 * median(times)).toFixed(0), 'µs', 'aim: under 2,000');
  let own = 0;
  let fixed = 0;
  let found = 0;
  let cases = 0;
  for (const scheme of schemes)
    for (const cause of Object.keys(scheme.causes)) {
      const led = testsUntilFound(scheme, cause, CONTEXT);
      own += led.tests;
      fixed += testsUntilFound(scheme, cause, CONTEXT, SECTION_ORDER).tests;
      cases += 1;
      if (led.found === cause) found += 1;
    }
  row('schemes × causes that end at their cause', `${found} of ${cases}`, '');
  row('tests needed, its own next tests', (own / cases).toFixed(1), 'mean');
  row('tests needed, in the fixed order', (fixed / cases).toFixed(1), 'mean');
  row('fewer by', (100 * (1 - own / fixed)).toFixed(0), '%', 'aim: at least 30');
}
