import { pressureReading, unitFacts, visitRules } from '@huff/contract';
import { DEFAULT_RULES, judge, tapAdvice } from '@huff/core';
import { testDb } from '../testing/testServer';
import { loadDemo } from './loadDemo';
import { demoVisits } from './visits';

const now = new Date('2026-05-13T12:00:00Z');

test('the demo loads once, through the same checks as a client’s records', async () => {
  const db = await testDb();
  expect(await loadDemo(db, now)).toBe(true);
  expect(await loadDemo(db, now)).toBe(false);
  const counts = await db.query(
    'SELECT (SELECT count(*) FROM units) AS units, (SELECT count(*) FROM visits) AS visits, (SELECT count(DISTINCT motor) FROM units) AS motors',
  );
  expect(counts[0]).toEqual({ units: 9, visits: 9, motors: 4 });
  await db.close();
}, 60_000);

test('the week shows each kind of answer', () => {
  const kinds = demoVisits(now).map((visit) => {
    const rules = visitRules(visit, DEFAULT_RULES);
    return tapAdvice(judge(unitFacts(visit), visit.readings.map(pressureReading), rules), rules).kind;
  });
  expect(kinds).toEqual([
    'restrictionFirst',
    'change',
    'keep',
    'restrictionFirst',
    'change',
    'restrictionFirst',
    'keep',
    'keep',
    'change',
  ]);
});
