import { type CarriedItem, type KeptItem, keptItem } from '@huff/core/call';
import { siteNeeds, unitPartsOf } from './call';
import { check } from './check';
import { plainShop, ShopDto, stockOf, withCounts } from './fix';
import { SiteDto } from './site';
import { StopDto } from './stop';
import type { UnitDto } from './unit';

const id = (n: number) => `88880000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const unit = (name: string, more: Partial<UnitDto> = {}): UnitDto => ({
  id: id(1),
  siteId: id(2),
  name,
  layout: 'packaged',
  motor: 'beltDrive',
  cfmPerTon: 400,
  setup: { filterCount: 2, filterWidthIn: 20, filterHeightIn: 25, drive: { beltMark: 'A48' } },
  ...more,
});
const found = (point: string, outcome: CarriedItem['outcome'] = 'open'): KeptItem =>
  keptItem({
    id: `check-${point}`,
    area: 'power',
    words: point,
    minutes: 5,
    money: 5,
    outcome,
    since: '2026-03-01T10:00:00.000Z',
  });

describe('what a site needs', () => {
  const needs = (...units: Parameters<typeof siteNeeds>[1]) =>
    siteNeeds('Library', units).map(({ sought, count }) => [sought.kind, count]);
  test('a spare belt always; a filter where it is due or was found loaded', () => {
    expect(needs({ unit: unit('Roof 1') })).toEqual([['belt', 1]]);
    expect(needs({ unit: unit('Roof 1'), filterDue: true })).toEqual([
      ['belt', 1],
      ['filter', 2],
    ]);
    expect(needs({ unit: unit('Roof 1'), last: { found: [], marks: { filter: 'outside', belt: 'outside' } } })).toEqual(
      [
        ['belt', 2],
        ['filter', 2],
      ],
    );
  });
  test('what findings ask for, unless it was fixed or declined', () => {
    const last = {
      found: [found('upkeepContactor'), found('upkeepCapacitor', 'quoted'), found('floatTipped', 'declined')],
      marks: {},
    };
    expect(needs({ unit: unit('Roof 1', { setup: {} }), last })).toEqual([
      ['contactor', 1],
      ['capacitor', 1],
    ]);
  });
  test('a unit of which nothing is known needs nothing', () => {
    expect(needs({ unit: unit('Roof 1', { setup: null }) })).toEqual([]);
    expect(unitPartsOf({ setup: null })).toEqual({ filters: [], filterWords: undefined, belt: undefined });
  });
});

describe('stock of a shop', () => {
  const shop: ShopDto = {
    ...plainShop(id(9)),
    belts: [{ mark: 'A48', onTruck: true, cost: 14 }],
    sheaves: [{ id: id(3), name: 'Fixed 3.7', fits: 'motor', pitchIn: 3.7, grooves: 1, onTruck: false, cost: 18 }],
    parts: [{ id: id(4), kind: 'capacitor', name: 'Run capacitor', microfarads: 7.5, onTruck: true, cost: 12 }],
  };
  test('every part has a key of its own, and only what was counted a count', () => {
    const at = '2026-05-01T07:00:00.000Z';
    const stock = stockOf(withCounts(shop, new Map([['belt:A48', 3]]), at));
    expect(stock.map(({ key }) => key)).toEqual(['belt:A48', `sheave:${id(3)}`, `part:${id(4)}`]);
    expect(stock.map(({ count }) => count)).toEqual([{ counted: 3, countedAt: at }, undefined, undefined]);
    expect(stock[2]).toMatchObject({ kind: 'capacitor', microfarads: 7.5 });
  });
  test.each([
    [{ counted: 2.5, countedAt: '2026-05-01T07:00:00.000Z' }, /whole/],
    [{ counted: -1, countedAt: '2026-05-01T07:00:00.000Z' }, /count/i],
    [{ counted: 2 }, /needs its date/],
    [{ counted: 2, countedAt: 'yesterday' }, /date and time/],
  ])('a count as %j is refused', (count, words) => {
    const checked = check(ShopDto, { ...shop, belts: [{ ...shop.belts[0], ...count }] });
    expect(checked.ok ? '' : checked.errors.map(({ message }) => message).join(' ')).toMatch(words);
  });
  test('a shop of before, without other parts, is sound', () => {
    expect(check(ShopDto, { ...shop, parts: undefined }).ok).toBe(true);
  });
});

describe('a stop', () => {
  const stop: StopDto = { id: id(5), day: '2028-02-29', place: 1, siteId: id(2), why: 'Filter' };
  test('says where, when, what for; whose and which unit may stay open', () =>
    expect(check(StopDto, stop).ok).toBe(true));
  test.each([
    ['day', '2026-02-29'],
    ['day', '29.2.2028'],
    ['place', -1],
    ['why', '   '],
    ['person', 'x'.repeat(81)],
    ['unitId', 'roof'],
  ])('%s as %j is refused', (field, value) => {
    const checked = check(StopDto, { ...stop, [field]: value });
    expect(checked.ok ? [] : checked.errors.map((one) => one.field)).toEqual([field]);
  });
});

test.each([
  ['desk@quay.example', true],
  ['desk@quay', false],
  ['desk quay@example.com', false],
  ['a@b.c, d@e.f', false],
  ['<desk@quay.example>', false],
])('%s is a mail address: %p', (email, is) => {
  expect(check(SiteDto, { id: id(2), name: 'Quay', email }).ok).toBe(is);
});
