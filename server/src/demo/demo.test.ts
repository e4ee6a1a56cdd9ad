import { assess, partVisit } from '@huff/contract';
import { assessCallOf } from '@huff/contract/call';
import { proofOf } from '@huff/core/fix';
import type { Db } from '../db/db';
import { DEMO_AUTHOR } from '../http/author';
import { doOperation } from '../sync/doOperation';
import { testDb } from '../testing/testDb';
import { demoId } from './ids';
import { DEMO_DEVICE, loadDemo, operationsOf } from './loadDemo';
import { demoVisits } from './visits';

const now = new Date('2026-05-13T12:00:00Z');

/** Operations one by one, as an earlier release loaded them, cut off after `upTo`. */
async function halfLoad(db: Db, upTo: number): Promise<void> {
  const sender = { author: DEMO_AUTHOR, device: DEMO_DEVICE, clockOffsetMs: 0 };
  for (const operation of operationsOf(now).slice(0, upTo)) await doOperation(db, sender, operation);
}

test('the demo loads once, through the same checks as a client’s records', async () => {
  const db = await testDb();
  expect(await loadDemo(db, now)).toBe(true);
  expect(await loadDemo(db, now)).toBe(false);
  const counts = await db.query(
    'SELECT (SELECT count(*) FROM units) AS units, (SELECT count(*) FROM visits) AS visits, (SELECT count(DISTINCT motor) FROM units) AS motors',
  );
  expect(counts[0]).toEqual({ units: 18, visits: 30, motors: 4 });
  // One unit keeps what was proven at it: labels and unit pages of the demo show it.
  const [proven, ...others] = await db.query<{ name: string; proven: { flowCfm: number; visitId: string } }>(
    'SELECT name, proven FROM units WHERE proven IS NOT NULL',
  );
  expect(others).toEqual([]);
  expect(proven).toMatchObject({ name: 'Office air handler', proven: { visitId: demoId('visit', 14) } });
  expect(proven!.proven.flowCfm).toBeCloseTo(at('Office air handler').proof!.proven!.flowCfm, 6);
  await db.close();
}, 60_000);

test('a start that is cut off in the middle leaves nothing of the demo, and the next one loads all of it', async () => {
  const db = await testDb();
  let statements = 0;
  const cutOff: Db = {
    ...db,
    transaction: (work) =>
      db.transaction((query) =>
        work((sql, params) => {
          statements += 1;
          if (statements > 400) throw new Error('cut off');
          return query(sql, params);
        }),
      ),
  };
  await expect(loadDemo(cutOff, now)).rejects.toThrow('cut off');
  expect(await db.query('SELECT (SELECT count(*) FROM visits) + (SELECT count(*) FROM operations) AS left')).toEqual([
    { left: 0 },
  ]);
  expect(await loadDemo(db, now)).toBe(true);
  await db.close();
}, 60_000);

test('a demo that an earlier release left half loaded is completed on another day', async () => {
  const db = await testDb();
  const whole = await testDb();
  await loadDemo(whole, now);
  await halfLoad(db, Math.floor(operationsOf(now).length * 0.6));
  const later = new Date(now.getTime() + 3 * 86_400_000 + 5_000_000);
  expect(await loadDemo(db, later)).toBe(true);
  const count = `SELECT (SELECT count(*) FROM units) AS units, (SELECT count(*) FROM visits) AS visits,
    (SELECT count(*) FROM readings) AS readings, (SELECT count(*) FROM facts) AS facts`;
  expect(await db.query(count)).toEqual(await whole.query(count));
  // Readings of a visit belong to one day.
  const span = `SELECT visit_id, max(taken_at) - min(taken_at) > interval '12 hours' AS long FROM readings GROUP BY 1 ORDER BY 1`;
  expect(await db.query(span)).toEqual(await whole.query(span));
  await db.close();
  await whole.close();
}, 120_000);

const WEEK_MS = 7 * 86_400_000;
const week = demoVisits(now).filter(({ startedAt }) => Date.parse(startedAt) > now.getTime() - WEEK_MS);
const found = week.map((visit) => {
  const parted = partVisit(visit);
  const before = assess(parted.before);
  const after = parted.after && assess(parted.after);
  return {
    title: visit.title.split(', ')[1],
    before,
    proof: parted.plan && after && proofOf(parted.plan.record, before, after),
  };
});
const at = (title: string) => found.find((one) => one.title === title)!;

test('the week shows each kind of advice', () => {
  expect(found.map(({ title, before }) => [title, before.advice.kind])).toEqual([
    ['Reading room air handler', 'mendFirst'],
    ['Glaze room furnace', 'change'],
    ['Upstairs air handler', 'keep'],
    ['Closet air handler', 'restrictionFirst'],
    ['Office packaged unit', 'change'],
    ['Reading room air handler', 'restrictionFirst'],
    ['Hall air handler', 'keep'],
    ['Make-up air unit', 'mendFirst'],
    ['Roof 2 stacks', 'change'],
    ['Attic air handler', 'cantSay'],
    ['Showroom air handler', 'mendFirst'],
    ['Loft air handler', 'keep'],
    ['Map room air handler', 'mendFirst'],
    ['Office air handler', 'mendFirst'],
    ['Sail loft air handler', 'stop'],
    ['Drying room electric heat', 'stop'],
    ['Kiln room furnace', 'mendFirst'],
    ['Roof 1 entrance', 'mendFirst'],
    ['Hallway air handler', 'keep'],
    ['Make-up air unit', 'cantSay'],
    ['Upstairs air handler', 'mendFirst'],
  ]);
});

describe('what the week tells', () => {
  test('a caked wheel that nobody looked at: never said to be fine, a slower tap never advised', () => {
    const { airflow, doubt, noSlower, settle, advice, next } = at('Attic air handler').before;
    expect(airflow.word).toBe('cantSay');
    // By the table it would stand above the band.
    expect(airflow.value).toBeGreaterThan(880);
    expect(doubt.signs.join(' ')).toMatch(/is low for the .*temperature drop fits/s);
    expect(noSlower).toContain('fan is in doubt');
    expect(settle).toContain('would resolve it');
    expect(advice.tap).toBeUndefined();
    expect(next?.words).toBe('Next: inspect the blower');
    expect(next?.why).toContain('a caked blower wheel');
  });
  test('a matted coil inside: mend it first, no word on the air', () => {
    const { airflow, advice } = at('Showroom air handler').before;
    expect([airflow.word, advice.kind]).toEqual(['cantSay', 'mendFirst']);
    expect(advice.reason).toContain('Clean the coil');
  });
  test('low charge: the air is in its band by two methods, the drop is too small', () => {
    const { airflow, drop, flow } = at('Loft air handler').before;
    expect(flow?.measured).toBe(true);
    expect(['inside', 'atTheEdge']).toContain(airflow.word);
    expect(drop).toMatchObject({ word: 'outside', sentence: expect.stringContaining('refrigerant side') });
  });
  test('a claimed fix that was not done is not proven', () => {
    const { proof } = at('Map room air handler');
    expect(proof?.claim?.found).toBe('notChanged');
    expect(proof?.proven).toBeUndefined();
  });
  test('a unit without a table is fixed and proven', () => {
    const { before, proof } = at('Office air handler');
    expect(before.model?.system.fan.table).toBeUndefined();
    expect(before.model?.system.fan.usual).toMatchObject({ tap: 'as found' });
    expect(proof?.claim?.found).toBe('asPromised');
    expect(proof?.proven?.flowCfm).toBeGreaterThan(before.flow!.flowCfm);
  });
});

describe('the rest of the call', () => {
  const visits = demoVisits(now);
  const call = (unit: string, complaint: string) => {
    const visit = visits.find(
      ({ title, facts = [] }) => title.endsWith(unit) && facts.some(({ inputs }) => inputs.state === complaint),
    )!;
    return assessCallOf(visit);
  };

  test('a blower that does not run: coil and contacts are left, and one test parts them', () => {
    const { power, triage } = call('Sail loft air handler', 'noRun');
    expect(power.stopsAt).toBe('motorVolts');
    expect(
      power.suspects.ranked
        .slice(0, 2)
        .map(({ cause }) => cause.id)
        .sort(),
    ).toEqual(['relayCoil', 'relayContacts']);
    expect(power.next?.parts).toHaveLength(2);
    expect(triage[0]!.words).toBe('Air: none');
  });
  test('electric heat whose blower comes late is a finding, not a stop', () => {
    const { heat } = call('Drying room electric heat', 'hotSmell');
    expect(heat).toMatchObject({ word: 'outside' });
    expect(heat.isStop).toBeUndefined();
    expect(heat.sentence).toMatch(/Blower 120 s after the first element/);
  });
  test('a gas furnace that trips on its limit wants air', () => {
    const { gas } = call('Kiln room furnace', 'noHeat');
    expect(gas.suspects.ranked[0]!.cause.id).toBe('littleAir');
  });
  test('a neglected rooftop unit: everything in order, the refrigerant side waits for airflow', () => {
    const { circuits, triage } = call('Roof 1 entrance', 'maintenance');
    expect(circuits.map(({ id, isOpen }) => [id, isOpen])).toEqual([
      ['1', false],
      ['2', false],
    ]);
    expect(circuits[1]!.errors[0]?.message ?? circuits[1]!.ladder!.pressureRatio).toBeDefined();
    expect(triage.length).toBeGreaterThanOrEqual(8);
  });
  test('a hallway unit that freezes in the cold: the outdoor fan is held by nothing', () => {
    const { circuits } = call('Hallway air handler', 'freezing');
    expect(circuits[0]!.gate.filter(({ isOpen }) => !isOpen).map(({ id }) => id)).toEqual(['outdoor']);
    expect(circuits[0]).toMatchObject({ tooColdToJudge: true });
    expect(circuits[0]!.patterns).toBeUndefined();
    expect(circuits[0]!.cold[0]).toMatch(/The outdoor fan runs at 59 °F condensing.*failed or is missing/);
  });
  test('a building that is pulled while its make-up unit trips', () => {
    const { building, triage } = call('Make-up air unit', 'buildingPulls');
    expect(building).toMatchObject({ netCfm: -4300, word: 'outside' });
    expect(triage.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['check-makeUpBurner', 'check-doorsPull', 'building-net']),
    );
  });
});
