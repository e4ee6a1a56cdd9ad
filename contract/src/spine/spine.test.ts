import fc from 'fast-check';
import { plainShop } from '../shop';
import type { UnitDto } from '../unit';
import type { VisitDto } from '../visit';
import {
  changedFields,
  clockOffsetMs,
  fieldsOf,
  headOf,
  isField,
  isNoChange,
  isListItem,
  isSyncAnswer,
  mergedItem,
  type Operation,
  orderKey,
  photosWith,
  recordWith,
  sameValue,
  valuesOf,
  visitChange,
  visitWith,
  withFields,
  withVisitChange,
} from '.';

const id = (n: number) => `11110000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const at = '2026-05-12T10:00:00.000Z';
const reading = (n: number) => ({
  id: id(n),
  quantity: 'staticPressure' as const,
  port: 'R2' as const,
  value: -0.31,
  unit: 'inWc' as const,
  origin: 'typed' as const,
  conditions: { door: 'on' as const, filter: 'in' as const, coil: 'wet' as const },
  takenAt: at,
  replacesId: null,
});
const visit: VisitDto = {
  id: id(1),
  title: 'Reading room',
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  tap: '3',
  mode: 'cooling',
  startedAt: at,
  setup: { altitudeFt: 620 },
  readings: [reading(2)],
  facts: [],
};
const unit: UnitDto = { ...headOf(visit), siteId: id(8), name: 'Roof 1' };
const made = { madeAt: at, recordId: visit.id };
const adding = (n: number, record: number): Operation => ({
  ...made,
  id: id(n),
  kind: 'add',
  of: 'reading',
  record: reading(record),
});
const setting = (n: number, fields: object): Operation => ({
  ...made,
  id: id(n),
  kind: 'patch',
  of: 'visit',
  base: 1,
  fields: { ...fields },
});

describe('fields of a record', () => {
  test('are told by path, those that say nothing are not', () => {
    expect(fieldsOf('visit', visit)).toMatchObject({ tap: '3', 'setup.altitudeFt': 620 });
    expect(fieldsOf('visit', visit)).not.toHaveProperty('tons');
    expect(fieldsOf('shop', { ...plainShop(id(3)), belts: [{ mark: 'A48', onTruck: true, cost: 14 }] })).toMatchObject({
      'belts.A48': { cost: 14 },
    });
  });
  test('absent, undefined and null are one; a blank cell in a list is not', () => {
    expect(sameValue({ a: 1, b: undefined }, { b: null, a: 1 })).toBe(true);
    expect(sameValue(undefined, null)).toBe(true);
    expect(sameValue([1, null], [1])).toBe(false);
    expect(sameValue([1, null], [1, 2])).toBe(false);
  });
  test('names that a record does not have are no fields', () => {
    for (const path of ['tap', 'setup.altitudeFt', 'table']) expect(isField('visit', path)).toBe(true);
    expect(isField('shop', 'belts.A48')).toBe(true);
    for (const path of [
      '',
      'wings',
      'setup',
      'setup.',
      'setup.wings',
      '__proto__',
      'constructor',
      'toString.call',
      'readings',
    ])
      expect(isField('visit', path)).toBe(false);
    expect(isField('shop', 'belts.')).toBe(false);
  });
  test('a list’s item is set in its place, added at the end, and taken off', () => {
    const belt = (mark: string, cost: number) => ({ mark, onTruck: true, cost });
    const shop = { ...plainShop(id(3)), belts: [belt('A47', 1), belt('A48', 2)] };
    const set = withFields('shop', shop, {
      'belts.A47': belt('A47', 9),
      'belts.B60': belt('B60', 3),
      'belts.A48': null,
    });
    expect(set.belts).toEqual([belt('A47', 9), belt('B60', 3)]);
    expect(shop.belts).toHaveLength(2);
  });
  test('what changed, laid over the first, is the second; laid over it with the old values, it is undone', () => {
    const value = fc.record({
      tap: fc.option(fc.string({ minLength: 1, maxLength: 3 })),
      tons: fc.option(fc.integer({ min: 1, max: 5 })),
      setup: fc.option(
        fc.record({
          altitudeFt: fc.option(fc.integer({ min: 0, max: 900 })),
          school: fc.constantFrom('shareOfPlate', null),
        }),
      ),
    });
    fc.assert(
      fc.property(value, value, (a, b) => {
        const [from, to] = [
          { ...visit, ...a },
          { ...visit, ...b },
        ] as [VisitDto, VisitDto];
        const changed = changedFields('visit', from, to);
        const there = withFields('visit', from, changed);
        expect(fieldsOf('visit', there)).toEqual(fieldsOf('visit', to));
        const undone = withFields('visit', there, valuesOf('visit', from, Object.keys(changed)));
        expect(fieldsOf('visit', undone)).toEqual(fieldsOf('visit', from));
      }),
    );
  });
});

describe('a change made to one version of a visit', () => {
  test('takes over only what was changed: a stale drawing puts nothing back', () => {
    const drawn = visit;
    const now = { ...visit, tap: '5', readings: [...visit.readings, reading(3)] };
    const chosen = { ...drawn, tons: 3, readings: [...drawn.readings, reading(4)] };
    const next = withVisitChange(now, visitChange(drawn, chosen));
    expect(next).toMatchObject({ tap: '5', tons: 3 });
    expect(next.readings.map((one) => one.id)).toEqual([id(2), id(3), id(4)]);
  });
  test('nothing is nothing, and the same twice is once', () => {
    expect(isNoChange(visitChange(visit, { ...visit, tons: null }))).toBe(true);
    const change = visitChange(visit, { ...visit, readings: [...visit.readings, reading(4)] });
    expect(withVisitChange(withVisitChange(visit, change), change).readings).toHaveLength(2);
  });
});

describe('laid over what the server told', () => {
  test('a visit nobody told of begins with its making; before that there is none', () => {
    const making: Operation = { ...made, id: id(20), kind: 'create', of: 'visit', record: headOf(visit) };
    expect(visitWith(undefined, [adding(21, 5)])).toBeUndefined();
    expect(visitWith(undefined, [making, adding(21, 5), setting(22, { tap: '4' })])).toMatchObject({
      tap: '4',
      readings: [{ id: id(5) }],
    });
  });
  test('in the order they were made; what the server has meanwhile is not there twice', () => {
    const laid = visitWith(visit, [setting(20, { tap: '4' }), adding(21, 2), setting(22, { tap: '5' })])!;
    expect(laid.tap).toBe('5');
    expect(laid.readings).toHaveLength(1);
  });
  test('operations of other kinds leave a record alone', () => {
    const patch: Operation = {
      ...made,
      id: id(20),
      recordId: unit.id,
      kind: 'patch',
      of: 'unit',
      base: 1,
      fields: { tap: '9' },
    };
    expect(recordWith('unit', unit, [patch, setting(21, { tap: '1' })])?.tap).toBe('9');
    expect(recordWith('unit', undefined, [patch])).toBeUndefined();
  });
  test('photos that wait stand with those that arrived, each once', () => {
    const photo = (n: number) => ({ id: id(n), visitId: visit.id, item: 'filter', savedAt: at });
    const waiting: Operation = { ...made, id: id(20), kind: 'add', of: 'photo', record: { ...photo(31), jpeg: 'x' } };
    expect(photosWith([photo(30), photo(31)], [waiting, adding(21, 5)]).map((one) => [one.id, one.jpeg])).toEqual([
      [id(30), undefined],
      [id(31), 'x'],
    ]);
  });
});

test('a picture waits for itself alone; everything else of a visit keeps its order', () => {
  const photo: Operation = { ...made, id: id(20), kind: 'add', of: 'photo', record: { id: id(9) } as never };
  expect(orderKey(photo)).toBe(`photo/${id(9)}`);
  expect(orderKey(adding(1, 2))).toBe(orderKey(setting(3, { tap: '1' })));
});

test('a network’s sign-in page is no answer, whatever it answers', () => {
  const answer = { serverTime: at, results: [], changes: [], cursor: 'x.1', more: false };
  expect(isSyncAnswer(answer)).toBe(true);
  for (const wrong of [undefined, null, '<html>', [], {}, { ...answer, results: [7] }, { ...answer, cursor: 5 }])
    expect(isSyncAnswer(wrong)).toBe(false);
});

test('a clock an hour ahead is an hour off', () => {
  expect(clockOffsetMs('2026-05-12T11:00:00Z', '2026-05-12T10:00:00Z')).toBe(-3_600_000);
});

describe('an item of a list that two changed', () => {
  const base = { mark: 'A48', onTruck: true, cost: 14, counted: 6, countedAt: '2026-05-01T07:00:00.000Z' };
  const count = (counted: number, day: number) => ({ counted, countedAt: `2026-05-0${day}T07:00:00.000Z` });
  test('each entry comes from the one that changed it', () => {
    const item = mergedItem(base, { ...base, cost: 15 }, { ...base, ...count(2, 3) })!;
    expect(item).toEqual({ merged: { ...base, cost: 15, ...count(2, 3) }, yours: item.merged, differ: [] });
  });
  test('of two counts the later one counts, with its time, in either order of sending', () => {
    const [earlier, later] = [
      { ...base, ...count(9, 3) },
      { ...base, ...count(4, 5) },
    ];
    expect(mergedItem(base, earlier, later)!.merged).toEqual(later);
    expect(mergedItem(base, later, earlier)!.merged).toEqual(later);
  });
  test('of two prices the first stands; all else is merged, and only the price is told as different', () => {
    const item = mergedItem(base, { ...base, cost: 15 }, { ...base, cost: 16, ...count(2, 3) })!;
    expect(item.differ).toEqual(['cost']);
    expect(item.merged).toEqual({ ...base, cost: 15, ...count(2, 3) });
    expect(item.yours).toEqual({ ...base, cost: 16, ...count(2, 3) });
  });
  test('added on both it is merged too; taken off by one there is nothing to merge', () => {
    expect(mergedItem(null, { mark: 'B60', cost: 20 }, { mark: 'B60', cost: 20, ...count(1, 2) })!.merged).toEqual({
      mark: 'B60',
      cost: 20,
      ...count(1, 2),
    });
    expect(mergedItem(base, null, base)).toBeUndefined();
    expect(mergedItem(base, base, null)).toBeUndefined();
    expect([
      isListItem('shop', 'belts.A48'),
      isListItem('shop', 'currency'),
      isListItem('visit', 'setup.lineVolts'),
    ]).toEqual([true, false, false]);
  });
  test('what nobody changed stays, and merging one’s own change into itself changes nothing', () => {
    const entry = fc.record({
      onTruck: fc.boolean(),
      cost: fc.integer({ min: 1, max: 3 }),
      counted: fc.integer({ min: 0, max: 3 }),
      countedAt: fc.integer({ min: 1, max: 9 }).map((day) => count(0, day).countedAt),
    });
    fc.assert(
      fc.property(entry, entry, (from, to) => {
        expect(mergedItem(from, from, to)!.merged).toEqual(to);
        expect(mergedItem(from, to, from)!.merged).toEqual(to);
        expect(mergedItem(from, to, to)).toEqual({ merged: to, yours: to, differ: [] });
      }),
    );
  });
});
