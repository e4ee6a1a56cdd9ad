// npm run review: made-up visits, what was true of them and what was said. With --write it goes to docs/review.md.
import { build } from 'esbuild';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureInstalled } from './setup/install.mjs';

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
const { proofRows, reviewRows } = await import(pathToFileURL(outfile).href);

const cell = (text) => String(text).replaceAll('|', '\\|').replaceAll('\n', ' ');
const line = (cells) => `| ${cells.map(cell).join(' | ')} |`;
const table = (heads, rows) => [line(heads), line(heads.map(() => '---')), ...rows.map(line)].join('\n');

const rows = reviewRows();
const proofs = proofRows();
const count = (of) => rows.filter(of).length;
const text = `# Review: what was true, what was said

Made by \`npm run review -- --write\` from made-up units whose truth is wholly known (\`core/fixtures/truth.ts\`): resistances drawn with
healthy spreads, the book off by 8 %, probes and methods by their errors, one thing wrong. Nothing in here is chosen by hand but which
cause goes to which unit.

- ${rows.length} visits: four layouts × four motors, with and without a table, with and without a second method, at sea level and at 5,000 ft, cooling
  and heating.
- A plain word that is right: ${count((r) => r.fits === 'right')}. Can’t say: ${count((r) => r.fits === 'open')}. A plain word that misses by less than the airflow’s own error: ${count((r) => r.fits === 'near')}.
  By more: ${count((r) => r.fits === 'wrong')}.
- Sick fans of which the air was said to be inside its band while it was not: ${count((r) => r.slowFan && r.said.includes('inside') && r.fits !== 'right')} of ${count((r) => r.slowFan)}.
- Visits in which verdict, advice and best plan contradict each other: ${count((r) => r.contradictions.length > 0)}.

${table(
  ['', 'unit', 'what was true', 'at hand', 'said of the air', 'advice', 'next', 'best plan (chance)', 'fits'],
  rows.map((r, i) => [i + 1, r.unit, r.isTrue, r.atHand, r.said, r.advice, r.next, r.plan, r.fits]),
)}

## Claims

A new filter that was promised and read again: ${proofs.filter((p) => p.right).length} of ${proofs.length} told rightly.

${table(
  ['unit', 'claimed', 'what was true', 'said', 'proven'],
  proofs.map((p) => [p.unit, p.claimed, p.isTrue, p.said, p.proven ? 'yes' : 'no']),
)}
`;
if (process.argv.includes('--write')) writeFileSync('docs/review.md', text);
console.log(text);
