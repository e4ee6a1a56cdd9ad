import { assess, currentPart } from '@huff/contract';
import { keepFigures, readKept, SI_MEASURES, withMeasures, type KeptText } from '@huff/core';
import { readItem, type KeptItem } from '@huff/core/call';
import type { Db } from '../db/db';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { judgeAll } from '../testing/judging';
import { testDb } from '../testing/testDb';
import { wholeVisits } from './wholeVisit';

const { shopId } = DEMO_AUTHOR;
interface Row {
  readonly id: string;
  readonly headline: KeptText;
  readonly worst: KeptText | null;
  readonly next: KeptText | null;
  readonly found: KeptItem[];
}
let db: Db;
let rows: Row[];
beforeAll(async () => {
  db = await testDb();
  await loadDemo(db, new Date('2026-05-13T12:00:00Z'));
  await judgeAll(db, shopId);
  rows = await db.query<Row & Record<string, unknown>>(
    'SELECT visit_id AS id, headline, worst_finding AS worst, next_step AS next, found FROM results',
  );
}, 120_000);
afterAll(() => db.close());

const textsOf = ({ headline, worst, next, found }: Row): string[] => [
  ...[headline, worst, next].flatMap((text) => (text === null ? [] : readKept(text))),
  ...found.map(readItem).flatMap(({ words, toDo = '', evidence = [] }) => [words, toDo, ...evidence]),
];

test('stored results are read in the units of the reader', () => {
  const us = rows.flatMap(textsOf);
  const si = withMeasures(SI_MEASURES, () => rows.flatMap(textsOf));
  const figures = /\d (in\. w\.c\.|CFM|°F|fpm|Pa|L\/s|°C|K|m\/s)/;
  expect(us.filter((text) => figures.test(text)).length).toBeGreaterThan(20);
  expect(us.filter((text) => /⟦|\d (Pa|L\/s|°C|m\/s)\b/.test(text))).toEqual([]);
  expect(si.filter((text) => /⟦|\d (in\. w\.c\.|CFM|°F|fpm)/.test(text))).toEqual([]);
});

test('they say in US units what the visit itself says', async () => {
  const visits = await wholeVisits(
    db.query,
    shopId,
    rows.map(({ id }) => id),
  );
  const worst = new Map(rows.map((row) => [row.id, row.worst && readKept(row.worst)]));
  const said = visits.map(({ record }) => [record.id, assess(currentPart(record)).findings[0]?.text ?? null] as const);
  expect(said.length).toBe(rows.length);
  for (const [id, text] of said) expect(worst.get(id)).toBe(text);
  expect(said.some(([, text]) => text !== null)).toBe(true);
  // Read and stored again, nothing is lost.
  expect(keepFigures(() => readKept(rows[0]!.headline))).toBe(rows[0]!.headline);
});
