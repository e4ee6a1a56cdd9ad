import { findings, lastLooks } from './findings';
import { LOOK_ITEMS } from './items';
import { tonsInModel } from './modelNumber';

test('everything found is listed in the order faults are taken; a later look takes the earlier one’s place', () => {
  const looks = [
    { item: 'filter', state: 'loaded' },
    { item: 'wiring', state: 'burnt' },
    { item: 'wheel', state: 'caked' },
    { item: 'wheel', state: 'clean' },
  ];
  const last = lastLooks(looks);
  expect(findings(last).map((f) => `${f.name}: ${f.text}`)).toEqual(['Wiring: burnt', 'Filter: loaded']);
  expect(findings(last)[0]!.caution).toContain('verify it is dead');
  expect(last.get('wheel')?.state).toBe('clean');
});

test('each item begins with its good state', () => {
  for (const item of LOOK_ITEMS) {
    expect(item.states[0]!.finding).toBeUndefined();
    expect(item.states.length).toBeGreaterThan(1);
  }
});

test.each([
  ['XA4-036B', [3]],
  ['RT090-K2', [7.5]],
  ['AH24P', [2]],
  ['MX 1860', [1.5, 5]],
  ['ZZ-019', []],
  ['', []],
])('tons that %p may hold: %p', (model, tons) => expect(tonsInModel(model)).toEqual(tons));
