import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { importBundled } from '../setup/bundle.mjs';
import { median, row } from './median.mjs';

const timed = (work) => {
  const from = performance.now();
  work();
  return performance.now() - from;
};

/** A whole drill of a kind: what was read, named and done. */
const ACTS = [
  ...['R1', 'R2', 'S1', 'drop', 'gauges'].map((what) => ({ kind: 'read', what, minutes: 1 })),
  { kind: 'panel', panel: 'filterDoor', isOpen: true },
  { kind: 'look', item: 'filter' },
  { kind: 'panel', panel: 'filterDoor', isOpen: false },
  { kind: 'answer', causes: ['filterLoaded'] },
].map((act, i) => ({ ...act, atS: 60 * i }));

/** How fast a case is opened, drawn and debriefed. */
export async function benchPractice() {
  const { bestPath, caseRequest, debrief, drawCase, newCase } = await importBundled(
    'scripts/bench/practiceEntry.ts',
    mkdtempSync(path.join(tmpdir(), 'huff-bench-')),
  );
  const seeds = [1, 2, 3, 4, 5].map((i) => 1_000 * i);
  const coded = (seed, level) => newCase('noCooling', level, seed, caseRequest);
  const drawnMs = (level) => median(seeds.map((seed) => timed(() => coded(seed, level))));
  const cases = seeds.map((seed) => coded(seed, 1));
  row('a case code opened', median(cases.map((one) => timed(() => drawCase(one)))).toFixed(1), 'ms', 'aim: under 500');
  row('a new case drawn, one fault', drawnMs(1).toFixed(0), 'ms', 'aim: under 500');
  row('the same, two faults', drawnMs(2).toFixed(0), 'ms', 'aim: under 500');
  const debriefed = (level) =>
    median(
      seeds.map((seed) => {
        const practice = drawCase(coded(seed, level));
        const request = caseRequest(practice);
        const best = bestPath(practice, request);
        return timed(() => debrief(practice, request, ACTS, best));
      }),
    );
  const solvedMs = (level) =>
    median(
      seeds.map((seed) => {
        const practice = drawCase(coded(seed, level));
        return timed(() => bestPath(practice, caseRequest(practice)));
      }),
    );
  row('the shortest good path, while the drill goes on', solvedMs(1).toFixed(0), 'ms');
  row('a debrief, one fault', debriefed(1).toFixed(0), 'ms', 'aim: under 2000');
  row('the same, two faults', debriefed(2).toFixed(0), 'ms', 'aim: under 2000');
}
