import { findings, holdOf, lastLooks, LOOK_ITEMS, tonsInModel } from '.';

test('everything found is listed in the order faults are taken; a later look takes the earlier one’s place', () => {
  const looks = [
    { item: 'filter', state: 'loaded' },
    { item: 'wiring', state: 'burnt' },
    { item: 'wheel', state: 'caked' },
    { item: 'wheel', state: 'clean' },
  ];
  expect(findings(looks).map((f) => `${f.name}: ${f.text}`)).toEqual(['Wiring: burnt', 'Filter: loaded']);
  expect(findings(looks)[0]!.caution).toContain('verify dead');
  expect(lastLooks(looks).get('wheel')?.state).toBe('clean');
});

test.each([
  ['ice', 'coil', 'fan only until the coil is clear'],
  ['belt', 'broken', 'fit the belt'],
  ['air', 'none', 'why the blower does not run'],
  ['elements', 'yes', 'Kill power at the disconnect now'],
])('%s %s holds the readings and says what comes first', (item, state, first) => {
  expect(holdOf([{ item, state }])?.first).toContain(first);
  expect(
    holdOf([
      { item, state },
      { item, state, outcome: 'dealtWith' },
    ]),
  ).toBeUndefined();
  // Declining a hold does not make readings true.
  expect(holdOf([{ item, state, outcome: 'declined' }])).toBeDefined();
});

test('fire goes before everything else', () => {
  expect(
    holdOf([
      { item: 'ice', state: 'coil' },
      { item: 'elements', state: 'yes' },
    ])?.item,
  ).toBe('elements');
  expect(holdOf([{ item: 'filter', state: 'loaded' }])).toBeUndefined();
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
