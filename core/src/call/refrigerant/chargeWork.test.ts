import type { Fact } from '../facts/facts';
import { chargeWorkFaults, chargeWorks, chargeWorkWords, netOunces, type ChargeWork } from './chargeWork';

const on = { circuit: '1', refrigerant: 'R-410A' } as const;
const works: readonly (readonly [ChargeWork, string])[] = [
  [{ ...on, what: 'recovered', ounces: 96, cylinder: '7' }, 'Recovered 96 oz of R-410A into cylinder 7.'],
  [{ ...on, what: 'added', ounces: 12.5, cylinder: '14' }, 'Added 12.5 oz of R-410A from cylinder 14.'],
  [{ ...on, what: 'weighedIn', ounces: 96 }, 'Weighed in 96 oz of R-410A.'],
  [{ ...on, what: 'leakFound', where: 'flare at the service valve' }, 'Found a leak: flare at the service valve.'],
  [{ ...on, what: 'leakFixed', where: 'flare made new' }, 'Repaired a leak: flare made new.'],
  [{ ...on, what: 'held', pressurePsig: 300, minutes: 30 }, 'Held 300 psig for 30 min.'],
  [
    { ...on, what: 'evacuated', microns: 300, minutes: 40, riseMicrons: 420 },
    'Evacuated to 300 microns for 40 min, rose to 420 microns with the valve closed.',
  ],
] as never;

test.each(works)('%j is told in a sentence', (work, words) => {
  expect(chargeWorkFaults(work as never)).toEqual([]);
  expect(chargeWorkWords(work)).toBe(words);
});

test('a refrigerant that nobody entered is not assumed', () => {
  expect(chargeWorkFaults({ what: 'added', circuit: '1', refrigerant: 'unsaid', ounces: 4 })).toMatchObject([
    { field: 'refrigerant' },
  ]);
  expect(chargeWorkFaults({ what: 'added', circuit: '1', ounces: 4 })).toMatchObject([{ field: 'refrigerant' }]);
});

test('a circuit is named where there are several', () => {
  expect(chargeWorkWords({ ...on, circuit: '2', what: 'added', ounces: 4 } as ChargeWork, 2)).toBe(
    'Added 4 oz of R-410A on circuit 2.',
  );
});

test.each([
  ['added', 'ounces'],
  ['recovered', 'ounces'],
  ['leakFound', 'where'],
  ['held', 'pressurePsig'],
  ['evacuated', 'microns'],
])('“%s” without its figure asks for it', (what, field) => {
  expect(chargeWorkFaults({ ...on, what })).toMatchObject([{ field }]);
});

test('what went in less what came out', () => {
  expect(netOunces(works.map(([work]) => work))).toBeCloseTo(12.5, 6);
});

test('works stand in their order; one that was taken back is gone', () => {
  const fact = (id: string, inputs: object): Fact => ({ id, kind: 'charge', inputs: { ...on, ...inputs } });
  const facts = [
    fact('a', { what: 'added', ounces: 4 }),
    fact('b', { what: 'added', ounces: 6 }),
    { id: 'c', kind: 'takenBack', inputs: {}, replacesId: 'a' } as Fact,
  ];
  expect(chargeWorks(facts).map(({ factId, ounces }) => [factId, ounces])).toEqual([['b', 6]]);
});
