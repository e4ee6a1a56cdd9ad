// npm run evaluate: hidden units read as the app asks, and how often it names what is wrong. With --write it goes to docs/evaluation-figures.md.
import { writeFileSync, mkdtempSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';

const here = fileURLToPath(import.meta.url);
/** Units in one run; --units N for fewer. */
const UNITS = Number(process.argv[process.argv.indexOf('--units') + 1]) || 2000;
/** The order of the trade is walked on every so many of them. */
const COMPARED_EVERY = 4;

async function main() {
  const { ensureInstalled } = await import('./setup/install.mjs');
  const { importBundled } = await import('./setup/bundle.mjs');
  await ensureInstalled();
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-evaluate-'));
  const { figuresOf } = await importBundled('core/fixtures/evaluate.ts', folder);
  const bundle = path.join(folder, 'evaluate.mjs');
  const threads = Math.max(1, availableParallelism());
  /** Plays units on all cores, a few at a time. */
  const play = async (units, kit, isAdvised) => {
    const piece = Math.max(1, Math.ceil(units / threads / 8));
    const jobs = Array.from({ length: Math.ceil(units / piece) }, (_, i) => [
      1 + i * piece,
      Math.min(piece, units - i * piece),
      kit,
      isAdvised,
    ]);
    const results = new Array(jobs.length);
    let next = 0;
    const run = async () => {
      while (next < jobs.length) {
        const at = next++;
        results[at] = await new Promise((done, fail) => {
          const worker = new Worker(here, { workerData: { bundle, args: jobs[at] }, argv: process.argv.slice(2) });
          worker.once('message', done);
          worker.once('error', fail);
        });
      }
    };
    await Promise.all(Array.from({ length: threads }, run));
    return results.flat();
  };
  const from = Date.now();
  const air = await play(UNITS, 'air', true);
  const all = await play(UNITS, 'all', true);
  const some = Math.ceil(UNITS / COMPARED_EVERY);
  const fixed = await play(some, 'all', false);
  const advised = all.slice(0, fixed.length);
  const text = report({
    air: figuresOf(air),
    all: figuresOf(all),
    fixed: figuresOf(fixed),
    advised: figuresOf(advised),
  });
  console.log(text);
  console.log(`${UNITS} units, ${Math.round((Date.now() - from) / 1000)} s.`);
  if (process.argv.includes('--write')) writeFileSync('docs/evaluation-figures.md', text);
}

const percent = (share) => `${(100 * share).toFixed(1)} %`;
const row = (cells) => `| ${cells.join(' | ')} |`;
const table = (heads, rows) => [row(heads), row(heads.map(() => '---')), ...rows.map(row)].join('\n');

function report({ air, all, fixed, advised }) {
  const lines = [
    ['units', (f) => f.units],
    ['group first', (f) => percent(f.groupFirst)],
    ['cause first', (f) => percent(f.causeFirst)],
    ['cause in the first three', (f) => percent(f.causeInThree)],
    ['both of a pair in the first three', (f) => percent(f.bothOfPair)],
    ['resolved', (f) => percent(f.resolved)],
    ['resolved, and wrong', (f) => percent(f.wrongResolved)],
    ['readings', (f) => f.readings.toFixed(1)],
    ['minutes', (f) => f.minutes.toFixed(1)],
    ['airflow in range once what was named is fixed', (f) => percent(f.inRangeAfter)],
  ];
  const bins = (f) => f.calibration.filter(({ count }) => count > 0);
  return `# Evaluation: figures

Made by \`npm run evaluate -- --write\`. What they mean and where they end is in [evaluation.md](evaluation.md).

${table(
  ['', 'statics, temperatures and looks', 'with gauges and meters'],
  lines.map(([name, of]) => [name, of(air), of(all)]),
)}

## Against the fixed order of the trade

The same units, gauges and meters at hand, both stopped when a cause is resolved.

${table(
  ['', 'as it is advised', 'fixed order'],
  lines.map(([name, of]) => [name, of(advised), of(fixed)]),
)}

## Said and so

The likeliest cause: how likely it was said to be, and how often it was there.

${table(
  ['said', 'was so', 'units'],
  bins(all).map(({ said, was, count }) => [percent(said), percent(was), count]),
)}

## Fault by fault

Units with one fault, gauges and meters at hand; weakest first.

${table(
  ['fault', 'units', 'first', 'in three', 'most often taken for'],
  all.faults.map(({ id, count, first, three, takenFor }) => [
    id,
    count,
    percent(first),
    percent(three),
    takenFor ?? '',
  ]),
)}
`;
}

if (isMainThread) await main();
else {
  const { playMany } = await import(workerData.bundle);
  parentPort.postMessage(playMany(...workerData.args));
}
