// npm run evaluate:photos: prints and photographs made-up tables and nameplates, reads them as the app does, and says how right it was.
// --tables N, --plates N for fewer; --tune for the seeds that may be looked at while the reader is worked on; --write for the docs; --show for each.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openEngine } from './photos/engine.mjs';
import { drawPlate } from './photos/plates.mjs';
import { openStudio } from './photos/studio.mjs';
import { drawLook, drawTable } from './photos/tables.mjs';
import { importBundled } from './setup/bundle.mjs';
import { ensureHeadlessChromium } from './setup/chromium.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { randomFrom } from './setup/random.mjs';

const argument = (name, usual) => {
  const at = process.argv.indexOf(name);
  return at < 0 ? usual : Number(process.argv[at + 1]);
};
const has = (name) => process.argv.includes(name);
const TABLES = argument('--tables', 200);
const PLATES = argument('--plates', 100);
/** What is measured was never looked at while the reader was worked on. */
const FIRST_SEED = has('--tune') ? 1_000 : 700_000;

await ensureInstalled();
const folder = mkdtempSync(path.join(tmpdir(), 'huff-photos-'));
const photo = await importBundled('core/src/entries/photo.ts', folder);
const studio = await openStudio(await ensureHeadlessChromium());
const engine = await openEngine(photo);
const percent = (part, of) => `${((100 * part) / Math.max(1, of)).toFixed(1)} %`;
const show = has('--show') ? console.log : () => undefined;

const flat = (picture) => photo.straightened(picture, photo.findSheet(picture) ?? photo.wholeSheet(picture), 2000);

const cells = { all: 0, right: 0, afterMarks: 0, wrong: 0, wrongMarked: 0, marks: 0, falseMarks: 0, atOnce: 0 };
const tables = { found: 0, wholeGrid: 0, names: 0, allNames: 0, statics: 0, allStatics: 0, firstMs: [], ms: [] };

function countTable(truth, read, first) {
  const table = read.tables[0];
  const faults = [];
  if (table) tables.found += 1;
  if (table?.rows.length === truth.rows.length && table.statics.length === truth.statics.length) tables.wholeGrid += 1;
  truth.statics.forEach((text, j) => {
    tables.allStatics += 1;
    if (table?.statics[j]?.printed === Number(text)) tables.statics += 1;
  });
  truth.rows.forEach(({ name, cells: row }, i) => {
    tables.allNames += 1;
    if (table?.rows[i]?.name.replaceAll(' ', '').toLowerCase() === name.replaceAll(' ', '').toLowerCase())
      tables.names += 1;
    row.forEach((text, j) => {
      const want = text === '-' ? '–' : text;
      const cell = table?.rows[i]?.cells[j];
      const isRight = cell?.text === want;
      cells.all += 1;
      if (first?.tables[0]?.rows[i]?.cells[j]?.text === want) cells.atOnce += 1;
      if (isRight) cells.right += 1;
      // Who passes over a marked cell sees the photo: it is right then.
      if (isRight || cell?.doubt) cells.afterMarks += 1;
      if (!isRight) cells.wrong += 1;
      if (!isRight && cell?.doubt) cells.wrongMarked += 1;
      if (cell?.doubt) cells.marks += 1;
      if (cell?.doubt && isRight) cells.falseMarks += 1;
      if (!isRight || cell?.doubt)
        faults.push(
          `${want}${isRight ? '' : `→${cell?.text}`}(${cell?.doubt ?? 'NOT MARKED'} ${cell?.others?.join('/') ?? ''})`,
        );
    });
  });
  return faults;
}

for (let i = 0; i < TABLES; i += 1) {
  const random = randomFrom(FIRST_SEED + i);
  const truth = drawTable(random);
  const picture = await studio.photo({ table: truth, look: drawLook(random) });
  const from = performance.now();
  let first;
  const read = await photo.readTables(flat(picture), engine.read, undefined, (one) => {
    first = one;
    tables.firstMs.push(performance.now() - from);
  });
  tables.ms.push(performance.now() - from);
  const faults = countTable(truth, read, first);
  show(
    `table ${i}: ${read.tables[0]?.rows.length ?? 0}/${truth.rows.length} rows, ${read.tables[0]?.statics.length ?? 0}/${truth.statics.length} statics ${read.tables[0]?.rows.map(({ name }) => name).join('|') ?? ''} :: ${faults.join(' ')}`,
  );
}

const fields = {
  all: 0,
  right: 0,
  afterMarks: 0,
  wrong: 0,
  wrongMarked: 0,
  missing: 0,
  marks: 0,
  falseMarks: 0,
  ms: [],
};
for (let i = 0; i < PLATES; i += 1) {
  const random = randomFrom(FIRST_SEED + 50_000 + i);
  const plate = drawPlate(random);
  const picture = await studio.photo({ plate, look: drawLook(random) });
  const from = performance.now();
  const read = await photo.readPlate(flat(picture), engine.read);
  fields.ms.push(performance.now() - from);
  const faults = [];
  for (const [id, want] of Object.entries(plate.truth)) {
    const got = read.fields.find((one) => one.id === id);
    const isRight = got?.value === want;
    fields.all += 1;
    if (isRight) fields.right += 1;
    if (isRight || got?.isDoubted) fields.afterMarks += 1;
    if (!got) fields.missing += 1;
    else if (!isRight) {
      fields.wrong += 1;
      if (got.isDoubted) fields.wrongMarked += 1;
    }
    if (got?.isDoubted) fields.marks += 1;
    if (got?.isDoubted && isRight) fields.falseMarks += 1;
    if (!isRight) faults.push(`${id}: ${want}→${got?.value}${got?.isDoubted ? ' (marked)' : ''}`);
  }
  show(`plate ${i}: ${faults.join(', ')}`);
}
await engine.close();
await studio.close();
rmSync(folder, { recursive: true, force: true });

const middle = (list) => ([...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0) / 1000;
const report = [
  '| | Read | Aim |',
  '| --- | --- | --- |',
  `| Tables found, of ${TABLES} | ${percent(tables.found, TABLES)} | |`,
  `| With all rows and columns | ${percent(tables.wholeGrid, TABLES)} | |`,
  `| Cells right after one reading | ${percent(cells.atOnce, cells.all)} | |`,
  `| Cells right before confirming, of ${cells.all} | ${percent(cells.right, cells.all)} | 97 % |`,
  `| Cells right after confirming what is marked | ${percent(cells.afterMarks, cells.all)} | 99.7 % |`,
  `| Wrong cells that were marked, of ${cells.wrong} | ${percent(cells.wrongMarked, cells.wrong)} | 99 % |`,
  `| Right cells that were marked | ${percent(cells.falseMarks, cells.all)} | 5 % at most |`,
  `| Statics right | ${percent(tables.statics, tables.allStatics)} | |`,
  `| Names of taps right | ${percent(tables.names, tables.allNames)} | |`,
  `| Seconds to the first result, and to the end | ${middle(tables.firstMs).toFixed(1)}, ${middle(tables.ms).toFixed(1)} | |`,
  `| Fields of ${PLATES} nameplates right, of ${fields.all} | ${percent(fields.right, fields.all)} | |`,
  `| Fields left out | ${percent(fields.missing, fields.all)} | |`,
  `| Fields right or marked | ${percent(fields.afterMarks, fields.all)} | |`,
  `| Right fields that were marked | ${percent(fields.falseMarks, fields.all)} | |`,
  `| Seconds a nameplate | ${middle(fields.ms).toFixed(1)} | |`,
  '',
].join('\n');
console.log(report);
if (has('--write'))
  writeFileSync(
    'docs/photo-figures.md',
    `# Figures of reading photos\n\nMade by \`npm run evaluate:photos -- --write\`.\n\n${report}`,
  );
