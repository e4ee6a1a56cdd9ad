import type { FactDto } from '@huff/contract';
import { plainShop, type BeltPartDto, type ShopDto } from '@huff/contract/fix';
import type { Operation } from '@huff/contract/spine';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { DEMO_AUTHOR } from '../http/author';
import { changed, creating, fresh, syncServer } from '../testing/syncFixtures';
import type { StockLine } from './stock';

const { http, phone } = syncServer();
const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;
const SHOP = DEMO_AUTHOR.shopId;
const RIGHT = 0;

const leftOf = async (mark: string) =>
  ((await http().get('/api/stock').expect(200)).body as { parts: StockLine[] }).parts.find(
    ({ key }) => key === `belt:${mark}`,
  )?.left;
const beltIn = (shop: ShopDto, mark: string) => shop.belts.find((belt) => belt.mark === mark)!;

/** A phone that works on one belt of the truck, by a clock that may be off; it sends when it has a signal. */
function truckPhone(mark: string, visitId: string, aheadMs: number) {
  const sender = phone({ aheadMs });
  let waiting: Operation[] = [];
  let belt: BeltPartDto | undefined;
  let base = 0;
  const byClock = (ms: number) => new Date(ms + aheadMs).toISOString();
  return {
    async sync() {
      const { results, changes } = await sender.sync(waiting);
      waiting = [];
      const told = changed(changes, SHOP);
      if (told?.of === 'shop') [belt, base] = [beltIn(told.record, mark), told.revision];
      return results;
    },
    set(more: Partial<BeltPartDto>) {
      belt = { ...belt!, ...more };
      const fields = { [`belts.${mark}`]: belt };
      waiting.push(sender.operation({ kind: 'patch', of: 'shop', recordId: SHOP, base, fields }));
    },
    count(counted: number, atMs: number) {
      this.set({ counted, countedAt: byClock(atMs) });
    },
    take(count: number, atMs: number) {
      const inputs = { key: `belt:${mark}`, name: mark, count };
      const record: FactDto = { id: randomUUID(), kind: 'part', inputs, takenAt: byClock(atMs), replacesId: null };
      waiting.push(sender.operation({ kind: 'add', of: 'fact', recordId: visitId, record }));
    },
  };
}

/** A belt on the truck, twenty of it an hour before all else, and a visit at which parts are taken. */
async function truck(mark: string) {
  const visit = fresh();
  const desk = phone();
  await desk.do(creating(visit));
  const startMs = Date.now() - 180 * MINUTE_MS;
  const belt = {
    mark,
    onTruck: true,
    cost: 14,
    counted: 20,
    countedAt: new Date(startMs - 60 * MINUTE_MS).toISOString(),
  };
  const made = await desk.do({
    kind: 'create',
    of: 'shop',
    recordId: SHOP,
    record: { ...plainShop(SHOP), belts: [belt] },
  });
  expect(made.status).not.toBe('refused');
  const phones = async (aheadMs: readonly number[]) => {
    const all = aheadMs.map((ms) => truckPhone(mark, visit.id, ms));
    for (const one of all) await one.sync();
    return all;
  };
  return { phones, startMs };
}

test('a price set on one phone and a count made on another are both kept, without a question', async () => {
  const { phones, startMs } = await truck('A30');
  const [desk, van] = (await phones([RIGHT, RIGHT])) as [ReturnType<typeof truckPhone>, ReturnType<typeof truckPhone>];
  desk.set({ cost: 15 });
  van.count(8, startMs);
  await desk.sync();
  expect((await van.sync()).map(({ status }) => status)).toEqual(['merged']);
  const { body } = await http().get(`/api/shop/${SHOP}`).expect(200);
  expect(beltIn(body as ShopDto, 'A30')).toMatchObject({ cost: 15, counted: 8 });
});

test('two prices are told with what differs alone; the count that came with one is kept all the same', async () => {
  const { phones, startMs } = await truck('A31');
  const [desk, van] = (await phones([RIGHT, RIGHT])) as [ReturnType<typeof truckPhone>, ReturnType<typeof truckPhone>];
  desk.set({ cost: 15 });
  van.count(8, startMs);
  van.set({ cost: 16 });
  await desk.sync();
  const [, second] = await van.sync();
  expect(second).toMatchObject({
    status: 'conflict',
    fields: [{ yours: { cost: 16, counted: 8 }, theirs: { cost: 15, counted: 8 } }],
  });
  expect(await leftOf('A31')).toBe(8);
});

test('a count by a clock 400 days ahead holds until the next count, not for 400 days', async () => {
  const { phones, startMs } = await truck('A32');
  const [ahead, right] = (await phones([400 * DAY_MS, RIGHT])) as [
    ReturnType<typeof truckPhone>,
    ReturnType<typeof truckPhone>,
  ];
  ahead.count(9, startMs);
  await ahead.sync();
  right.take(2, startMs + 5 * MINUTE_MS);
  await right.sync();
  expect(await leftOf('A32')).toBe(7);
  right.count(3, startMs + 10 * MINUTE_MS);
  await right.sync();
  expect(await leftOf('A32')).toBe(3);
});

const step = fc.record({
  of: fc.constantFrom('count' as const, 'take' as const, 'take' as const, 'sync' as const),
  phone: fc.integer({ min: 0, max: 1 }),
  parts: fc.integer({ min: 0, max: 4 }),
});
const clock = fc.constantFrom(RIGHT, 400 * DAY_MS, -400 * DAY_MS);

test('two phones counting and taking at once, with and without a signal, by any clock, end at what is there', async () => {
  let marks = 40;
  await fc.assert(
    fc.asyncProperty(fc.tuple(clock, clock), fc.array(step, { minLength: 3, maxLength: 9 }), async (clocks, steps) => {
      const mark = `A${(marks += 1)}`;
      const { phones, startMs } = await truck(mark);
      const two = await phones(clocks);
      let there = 20;
      for (const [i, { of, phone: which, parts }] of steps.entries()) {
        const one = two[which]!;
        const atMs = startMs + i * MINUTE_MS;
        if (of === 'sync') await one.sync();
        else if (of === 'take') one.take(parts, atMs);
        else one.count(10 + parts, atMs);
        there = of === 'count' ? 10 + parts : of === 'take' ? Math.max(0, there - parts) : there;
      }
      for (const one of [...two].reverse()) await one.sync();
      expect(await leftOf(mark)).toBe(there);
    }),
    { numRuns: 25 },
  );
}, 120_000);
