import fc from 'fast-check';
import type { Fact } from '../../call/facts/facts';
import { fits, leftOf, type StockedPart } from './stockedPart';
import { loadList } from './loadList';
import { partFaults, partsUsed } from './partForm';
import { partText, type PartSought } from './partSought';

const belt = (more: Partial<StockedPart> = {}): StockedPart => ({
  key: 'belt:A48',
  kind: 'belt',
  name: 'Belt A48',
  mark: 'A48',
  cost: 14,
  onTruck: true,
  ...more,
});
const MONDAY = '2026-03-02T07:00:00Z';
const taken = (takenAt: string, count = 1, key = 'belt:A48') => ({ key, count, takenAt });

describe('what is left of a count', () => {
  test('what was taken before the count is in it already; what came after goes off; never less than none', () => {
    const count = { counted: 3, countedAt: MONDAY };
    expect(leftOf(count, [taken('2026-03-01T12:00:00Z', 2)])).toBe(3);
    expect(leftOf(count, [taken('2026-03-02T12:00:00Z', 2)])).toBe(1);
    expect(leftOf(count, [taken('2026-03-02T12:00:00Z', 2), taken('2026-03-03T12:00:00Z', 5)])).toBe(0);
    expect(leftOf(undefined, [])).toBeUndefined();
  });
});

describe('whether a part is the one that is looked for', () => {
  const filter = (widthIn: number, heightIn: number) =>
    belt({ kind: 'filter', name: 'Filter', mark: undefined, widthIn, heightIn });
  const capacitor = belt({ kind: 'capacitor', name: 'Run capacitor 7.5', microfarads: 7.5 });
  test.each<[string, StockedPart, PartSought, boolean]>([
    ['a belt by its mark, in any letters', belt(), { kind: 'belt', mark: 'a48' }, true],
    ['a notched one is another belt', belt(), { kind: 'belt', mark: 'AX48' }, false],
    ['a filter on its side', filter(20, 25), { kind: 'filter', widthIn: 25, heightIn: 20 }, true],
    ['a cut size is near its nominal', filter(19.75, 24.75), { kind: 'filter', widthIn: 20, heightIn: 25 }, true],
    ['half an inch off is another', filter(19.5, 25), { kind: 'filter', widthIn: 20, heightIn: 25 }, false],
    ['a capacitor by its rating', capacitor, { kind: 'capacitor', microfarads: 7.5 }, true],
    ['another rating does not', capacitor, { kind: 'capacitor', microfarads: 5 }, false],
    ['of unknown rating none does', capacitor, { kind: 'capacitor' }, false],
    ['any contactor', belt({ kind: 'contactor' }), { kind: 'contactor' }, true],
    ['others by name', belt({ kind: 'other', name: ' Float switch' }), { kind: 'other', name: 'float switch' }, true],
  ])('%s', (_, part, sought, does) => expect(fits(part, sought)).toBe(does));
});

describe('load list', () => {
  const need = (site: string, count: number, sought: PartSought = { kind: 'belt', mark: 'A48' }) => ({
    site,
    sought,
    count,
    why: '',
  });
  test('what several sites need of one part is one line; what is on the truck goes off', () => {
    const stock = [belt({ count: { counted: 2, countedAt: MONDAY } })];
    const [line] = loadList([need('Library', 2), need('Studio', 1)], stock, [taken('2026-03-03T12:00:00Z')]);
    expect(line).toEqual({
      part: 'Belt A48',
      need: 3,
      onTruck: 1,
      isUncounted: false,
      short: 2,
      cost: 14,
      why: ['Library', 'Studio'],
    });
  });
  test('carried and never counted: look before leaving, nothing is said to be short', () => {
    expect(loadList([need('Library', 2)], [belt()], [])[0]).toMatchObject({ isUncounted: true, short: 0 });
  });
  test('to buy, or in no list: all of it is short', () => {
    const bought = belt({ onTruck: false });
    expect(loadList([need('Library', 2)], [bought], [])[0]).toMatchObject({ short: 2, cost: 14 });
    const unknown = loadList([need('Library', 1, { kind: 'contactor' })], [], [])[0]!;
    expect(unknown).toMatchObject({ part: 'Contactor', short: 1 });
    expect(unknown.cost).toBeUndefined();
  });
  test('never short of more than is needed, never of less than none', () => {
    fc.assert(
      fc.property(fc.nat(20), fc.nat(20), fc.array(fc.nat(5), { maxLength: 5 }), (count, counted, takes) => {
        const stock = [belt({ count: { counted, countedAt: MONDAY } })];
        const all = takes.map((one) => taken('2026-03-05T12:00:00Z', one));
        const [line] = loadList([need('Library', count)], stock, all);
        expect(line!.short).toBeGreaterThanOrEqual(0);
        expect(line!.short).toBeLessThanOrEqual(count);
        expect(line!.short + line!.onTruck!).toBeGreaterThanOrEqual(count);
      }),
    );
  });
});

describe('parts used at a visit', () => {
  const fact = (id: string, count: number, replacesId?: string): Fact => ({
    id,
    kind: 'part',
    inputs: { key: 'belt:A48', name: 'Belt A48', count },
    replacesId,
  });
  test('the last word counts; what was put back is not among them', () => {
    expect(partsUsed([fact('a', 1), fact('b', 2, 'a'), fact('c', 1)]).map(({ count }) => count)).toEqual([2, 1]);
    expect(partsUsed([fact('a', 1), fact('b', 0, 'a')])).toEqual([]);
  });
  test.each([
    [{ key: 'belt:A48', name: 'Belt A48', count: 1.5 }, 'count'],
    [{ key: 'belt:A48', name: 'Belt A48', count: -1 }, 'count'],
    [{ key: 'belt:A48', count: 1 }, 'name'],
    [{ name: 'Belt', count: 1 }, 'key'],
  ])('%j is refused at %s', (inputs, field) => expect(partFaults(inputs).map((one) => one.field)).toContain(field));
  test('a sound one is not', () => expect(partFaults({ key: 'belt:A48', name: 'Belt A48', count: 2 })).toEqual([]));
});

test('parts are named as on a list', () => {
  expect(partText({ kind: 'filter', widthIn: 20, heightIn: 24.5, words: 'pleated' })).toBe('Filter 20 × 24.5, pleated');
  expect(partText({ kind: 'capacitor', microfarads: 7.5 })).toBe('Run capacitor 7.5 µF');
  expect(partText({ kind: 'other', name: 'float switch' })).toBe('Float switch');
});
