// npm run practice: draws cases of each level and lets them be solved as the app advises, and by guessing. --cases N for fewer; --write for the docs.
import { mkdtempSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';

const here = fileURLToPath(import.meta.url);
const argument = (name) => Number(process.argv[process.argv.indexOf(name) + 1]);
/** Cases of each level. */
const CASES = argument('--cases') || 500;
const THREADS = argument('--threads') || availableParallelism();
/** Far from the seeds of the named drills, and of one another. */
const seedOf = (level, i) => 100_000 * level + 61 * i;

/** Draws one case and solves it. */
function solved(practice, level, i) {
  const { DRILL_KINDS, DRILL_PLANS, newCase, drawCase, bestPath, isRight, causesOfCase, caseRequest, seededRandom } =
    practice;
  const kind = DRILL_KINDS[i % DRILL_KINDS.length];
  const from = performance.now();
  const coded = newCase(kind, level, seedOf(level, i), caseRequest);
  const drawnMs = performance.now() - from;
  const openFrom = performance.now();
  const one = drawCase(coded);
  const openedMs = performance.now() - openFrom;
  const { named, minutes } = bestPath(one, caseRequest(one), coded.seed + 7);
  const random = seededRandom(coded.seed + 11);
  const all = causesOfCase(one).flatMap(({ ids }) => ids);
  const guess = Array.from({ length: level === 2 && !one.power ? 2 : 1 }, () => all[Math.floor(random() * all.length)]);
  return {
    kind,
    level,
    difficulty: coded.difficulty,
    isRight: isRight(one, named) && minutes <= DRILL_PLANS[kind].minutes,
    isInTime: minutes <= DRILL_PLANS[kind].minutes,
    isGuessed: isRight(one, guess),
    minutes,
    drawnMs,
    openedMs,
  };
}

const percent = (share) => `${(100 * share).toFixed(1)} %`;
const mean = (list, of) => list.reduce((sum, one) => sum + of(one), 0) / Math.max(1, list.length);
const shareOf = (list, of) => mean(list, (one) => (of(one) ? 1 : 0));

function report(results) {
  const { kinds, levels } = results.reduce(
    (sets, { kind, level }) => ({ kinds: sets.kinds.add(kind), levels: sets.levels.add(level) }),
    { kinds: new Set(), levels: new Set() },
  );
  const row = (name, of) =>
    `| ${name} | ${of.length} | ${percent(shareOf(of, (one) => one.isRight))} | ${percent(shareOf(of, (one) => one.isGuessed))} | ${mean(of, (one) => one.minutes).toFixed(1)} | ${percent(shareOf(of, (one) => !one.isInTime))} |`;
  return [
    '| Cases | Drawn | Solved as advised, in time | By guessing | Minutes | Over time |',
    '| --- | --- | --- | --- | --- | --- |',
    ...[...levels].map((level) =>
      row(
        `level ${level}`,
        results.filter((one) => one.level === level),
      ),
    ),
    ...[...kinds].map((kind) =>
      row(
        kind,
        results.filter((one) => one.kind === kind),
      ),
    ),
    '',
  ].join('\n');
}

async function main() {
  const { ensureInstalled } = await import('./setup/install.mjs');
  const { importBundled } = await import('./setup/bundle.mjs');
  await ensureInstalled();
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-practice-'));
  await importBundled('scripts/bench/practiceEntry.ts', folder);
  const bundle = path.join(folder, 'practiceEntry.mjs');
  const jobs = [1, 2, 3].flatMap((level) => Array.from({ length: CASES }, (_, i) => [level, i]));
  const piece = 25;
  const results = [];
  let next = 0;
  const run = async () => {
    while (next < jobs.length) {
      const some = jobs.slice(next, (next += piece));
      results.push(
        ...(await new Promise((done, fail) => {
          const worker = new Worker(here, { workerData: { bundle, some }, argv: process.argv.slice(2) });
          worker.once('message', done);
          worker.once('error', fail);
        })),
      );
    }
  };
  const from = Date.now();
  await Promise.all(Array.from({ length: THREADS }, run));
  results.sort((a, b) => a.level - b.level);
  const text = report(results);
  console.log(text);
  const slowest = Math.max(...results.map(({ openedMs }) => openedMs));
  console.log(
    `A code opens in ${slowest.toFixed(1)} ms at most; a case is drawn in ${mean(results, (one) => one.drawnMs).toFixed(0)} ms.`,
  );
  console.log(`${results.length} cases, ${Math.round((Date.now() - from) / 1000)} s.`);
  if (process.argv.includes('--write'))
    writeFileSync(
      'docs/practice-figures.md',
      `# Practice: figures\n\nMade by \`npm run practice -- --write\`.\n\n${text}`,
    );
}

if (isMainThread) await main();
else {
  const practice = await import(workerData.bundle);
  parentPort.postMessage(workerData.some.map(([level, i]) => solved(practice, level, i)));
}
