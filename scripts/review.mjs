// npm run review: made-up visits, what was true of them and what was said. With --write it goes to docs/review.md.
import { build } from 'esbuild';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureInstalled } from './setup/install.mjs';
import { run } from './setup/run.mjs';

await ensureInstalled();
const outfile = path.join(mkdtempSync(path.join(tmpdir(), 'huff-review-')), 'review.mjs');
await build({
  entryPoints: ['core/fixtures/review.ts'],
  bundle: true,
  format: 'esm',
  platform: 'node',
  outfile,
  logLevel: 'warning',
});
const { proofRows, randomContradictions, reviewRows, scenarioRows } = await import(pathToFileURL(outfile).href);

const cell = (text) => String(text).replaceAll('|', '\\|').replaceAll('\n', ' ');
const line = (cells) => `| ${cells.map(cell).join(' | ')} |`;
const table = (heads, rows) => [line(heads), line(heads.map(() => '---')), ...rows.map(line)].join('\n');

/** Visits at random in the large run. */
const RANDOM_VISITS = 5000;

const rows = reviewRows();
const proofs = proofRows();
const scenarios = scenarioRows();
const changed = scenarios.filter((one) => one.said !== one.settled);
const due = scenarios.filter((one) => one.said.includes('advice mendFirst'));
const random = randomContradictions(1, RANDOM_VISITS);
const count = (of) => rows.filter(of).length;
const text = `# Review: what Huff says

Made by \`npm run review -- --write\`. It fails when a scenario that is settled changes its word, or when a visit at random contradicts itself.

- ${scenarios.length + rows.length} situations: ${scenarios.length} near the edge of a rule, each with what a master technician would say, and ${rows.length} units whose truth is wholly known.
- Settled scenarios that changed their word: ${changed.length}.
- Scenarios with a fix that is due: ${due.length}. The first plan is that fix in ${due.filter((one) => one.said.includes('plan fixFirst')).length} of them.
- Visits at random of every mode, stage and kind: ${random.visits}. Contradictions between verdict, advice, next step, plans and the refrigerant side: ${random.said.length}.

## Near the edge of a rule

The numbers are those of the rules in \`docs/judgement-rules.md\`.

${table(
  ['rule', 'situation', 'a master technician', 'Huff'],
  scenarios.map((one) => [one.rule, one.name, one.expert, one.said]),
)}

## Units whose truth is known

Made-up units (\`core/fixtures/truth.ts\`): resistances drawn with healthy spreads, the table off by 8 %, probes and methods by their errors, one
thing wrong. Nothing here is chosen by hand but which cause goes to which unit.

- ${rows.length} visits: four layouts × four motors, with and without a table, with and without a second method, at sea level and at 5,000 ft, cooling
  and heating.
- A plain word that is right: ${count((r) => r.fits === 'right')}. Not enough data: ${count((r) => r.fits === 'open')}. A plain word that misses by less than the airflow’s own error: ${count((r) => r.fits === 'near')}.
  By more: ${count((r) => r.fits === 'wrong')}.
- Slow fans of which the air was said to be in range while it was not: ${count((r) => r.slowFan && r.said.includes('in range') && r.fits !== 'right')} of ${count((r) => r.slowFan)}.
- Visits that contradict themselves: ${count((r) => r.contradictions.length > 0)}.

${table(
  ['', 'unit', 'what was true', 'at hand', 'said of the air', 'advice', 'next', 'first plan (chance)', 'fits'],
  rows.map((r, i) => [i + 1, r.unit, r.isTrue, r.atHand, r.said, r.advice, r.next, r.plan, r.fits]),
)}

## Claims

A new filter that was promised and measured again: ${proofs.filter((p) => p.right).length} of ${proofs.length} told rightly.

${table(
  ['unit', 'claimed', 'what was true', 'said', 'proven'],
  proofs.map((p) => [p.unit, p.claimed, p.isTrue, p.said, p.proven ? 'yes' : 'no']),
)}
`;
if (process.argv.includes('--write')) writeFileSync('docs/review.md', text);
console.log(text);
for (const one of changed) console.error(`Changed: ${one.name}. Settled “${one.settled}”, now “${one.said}”.`);
for (const words of random.said) console.error(`Contradiction: ${words}.`);
// The tests at random, with all their cases: `npm test` takes a part of them, others each day.
const allCases = await run(
  process.execPath,
  [
    ...['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js', '--silent'],
    ...['--selectProjects', 'core', 'paper', '--', 'randomVisits', 'calibration', 'walks', 'document.test'],
  ],
  { env: { HUFF_LONG: '1' } },
);
if (changed.length > 0 || random.said.length > 0 || allCases !== 0) process.exitCode = 1;
