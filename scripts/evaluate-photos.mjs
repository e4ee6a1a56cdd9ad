// npm run evaluate:photos: prints and photographs made-up tables and nameplates, reads them as the app does, and says how right it was.
// --tables N, --plates N for fewer; --tune for the seeds that may be looked at while the reader is worked on; --write for the docs; --show for each.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openEngine } from './photos/engine.mjs';
import { drawPlate } from './photos/plates.mjs';
import { openStudio } from './photos/studio.mjs';
import { drawLook, drawSheet } from './photos/tables.mjs';
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
const FIRST_SEED = has('--tune') ? argument('--tune', 1_000) : 950_000;

await ensureInstalled();
const folder = mkdtempSync(path.join(tmpdir(), 'huff-photos-'));
const photo = await importBundled('core/src/entries/photo.ts', folder);
const studio = await openStudio(await ensureHeadlessChromium());
const engine = await openEngine(photo);
const percent = (part, of) => `${((100 * part) / Math.max(1, of)).toFixed(1)} %`;
const show = has('--show') ? console.log : () => undefined;

const flat = (picture) => photo.straightened(picture, photo.findSheet(picture) ?? photo.wholeSheet(picture), 2000);

const cells = {
  all: 0,
  right: 0,
  afterMarks: 0,
  wrong: 0,
  wrongMarked: 0,
  marks: 0,
  falseMarks: 0,
  atOnce: 0,
  missing: 0,
};
const tables = {
  all: 0,
  found: 0,
  wholeGrid: 0,
  names: 0,
  allNames: 0,
  statics: 0,
  allStatics: 0,
  firstMs: [],
  ms: [],
};

/** The figures of a row in the order of their columns: airflow, or RPM and horsepower. */
const printed = ({ cells: row, bhp = [] }, j) => [row[j], ...(bhp[j] === undefined ? [] : [bhp[j]])];
const asText = (text) => (text === '-' ? '–' : text);

/** Which read row each printed row is: in order, and as many cells the same as can be. A row that was lost does not make the others wrong. */
function rowsOf(truth, read, columnOf) {
  const same = (i, k) =>
    truth.statics.reduce((sum, _, j) => {
      const got = columnOf[j] < 0 ? [] : printed(read.rows[k], columnOf[j]);
      return sum + printed(truth.rows[i], j).filter((text, n) => got[n]?.text === asText(text)).length;
    }, 0);
  const [n, m] = [truth.rows.length, read.rows.length];
  const best = Array.from({ length: n + 1 }, () => Array.from({ length: m + 1 }, () => 0));
  for (let i = n - 1; i >= 0; i -= 1)
    for (let k = m - 1; k >= 0; k -= 1)
      best[i][k] = Math.max(best[i + 1][k], best[i][k + 1], best[i + 1][k + 1] + same(i, k) + 0.5);
  const rows = [];
  for (let i = 0, k = 0; i < n; i += 1) {
    while (k < m && best[i][k] === best[i][k + 1]) k += 1;
    const isPaired = k < m && best[i][k] > best[i + 1][k];
    rows.push(isPaired ? k : -1);
    if (isPaired) k += 1;
  }
  return rows;
}

function countTable(truth, table, first) {
  const faults = [];
  tables.all += 1;
  if (table) tables.found += 1;
  if (table?.rows.length === truth.rows.length && table.statics.length === truth.statics.length) tables.wholeGrid += 1;
  const columnOf = truth.statics.map((text) => table?.statics.findIndex((one) => one.printed === Number(text)) ?? -1);
  tables.allStatics += columnOf.length;
  tables.statics += columnOf.filter((j) => j >= 0).length;
  const rowOf = table ? rowsOf(truth, table, columnOf) : truth.rows.map(() => -1);
  truth.rows.forEach((row, i) => {
    const got = table?.rows[rowOf[i]];
    tables.allNames += 1;
    if (got?.name.replaceAll(' ', '').toLowerCase() === row.name.replaceAll(' ', '').toLowerCase()) tables.names += 1;
    truth.statics.forEach((_, j) =>
      printed(row, j).forEach((text, n) => {
        const want = asText(text);
        const cell = got && columnOf[j] >= 0 ? printed(got, columnOf[j])[n] : undefined;
        const isRight = cell?.text === want;
        cells.all += 1;
        if (first?.rows[i] && printed(first.rows[i], j)[n]?.text === want) cells.atOnce += 1;
        if (isRight) cells.right += 1;
        // Who passes over a marked cell sees the photo: it is right then.
        if (isRight || cell?.doubt) cells.afterMarks += 1;
        if (!cell) cells.missing += 1;
        else if (!isRight) cells.wrong += 1;
        if (cell && !isRight && cell.doubt) cells.wrongMarked += 1;
        if (cell?.doubt) cells.marks += 1;
        if (cell?.doubt && isRight) cells.falseMarks += 1;
        if (!isRight || cell?.doubt)
          faults.push(
            `${want}${isRight ? '' : `→${cell?.text ?? 'MISSING'}`}(${cell?.doubt ?? (cell ? 'NOT MARKED' : '')} ${cell?.others?.join('/') ?? ''})`,
          );
      }),
    );
  });
  return faults;
}

for (let i = 0; i < TABLES; i += 1) {
  const random = randomFrom(FIRST_SEED + i);
  const sheet = drawSheet(random);
  const picture = await studio.photo({ ...sheet, look: drawLook(random) });
  const from = performance.now();
  let first;
  const read = await photo.readTables(flat(picture), engine.read, undefined, (one) => {
    first = one;
    tables.firstMs.push(performance.now() - from);
  });
  tables.ms.push(performance.now() - from);
  sheet.tables.forEach((truth, k) => {
    const table = read.tables[k];
    const faults = countTable(truth, table, first?.tables[k]);
    show(
      `table ${i}${truth.isByRpm ? ' belt' : ''}${sheet.tables.length > 1 ? ` ${k} of 2${sheet.isBeside ? ' beside' : ''}` : ''}: ${table?.rows.length ?? 0}/${truth.rows.length} rows, ${table?.statics.length ?? 0}/${truth.statics.length} statics ${table?.rows.map(({ name }) => name).join('|') ?? ''} :: ${faults.join(' ')}`,
    );
  });
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
  `| Tables found, of ${tables.all} on ${TABLES} photos | ${percent(tables.found, tables.all)} | |`,
  `| With all rows and columns | ${percent(tables.wholeGrid, tables.all)} | |`,
  `| Cells right after one reading | ${percent(cells.atOnce, cells.all)} | |`,
  `| Cells right before confirming, of ${cells.all} | ${percent(cells.right, cells.all)} | 97 % |`,
  `| Cells right after confirming what is marked | ${percent(cells.afterMarks, cells.all)} | 99.7 % |`,
  `| Wrong cells that were marked, of ${cells.wrong} | ${percent(cells.wrongMarked, cells.wrong)} | 99 % |`,
  `| Cells of tables, rows and columns that were not found | ${percent(cells.missing, cells.all)} | |`,
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
