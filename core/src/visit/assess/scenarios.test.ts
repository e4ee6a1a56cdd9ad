import { SCENARIOS } from '../../../fixtures/scenarios';

test.each(SCENARIOS.map((scenario) => [scenario.rule, scenario.name, scenario] as const))(
  'rule %d: %s',
  (_rule, _name, { say, settled }) => {
    expect(say()).toBe(settled);
  },
);

test('every rule has two scenarios near its edge, and all of them are told apart by their names', () => {
  for (let rule = 1; rule <= 20; rule += 1)
    expect(SCENARIOS.filter((one) => one.rule === rule).length).toBeGreaterThanOrEqual(2);
  expect(new Set(SCENARIOS.map(({ name }) => name)).size).toBe(SCENARIOS.length);
  expect(SCENARIOS.length).toBeGreaterThanOrEqual(160);
});

test('where something is due, fixing it is the first plan', () => {
  const due = SCENARIOS.map(({ say }) => say()).filter((said) => said.includes('advice mendFirst'));
  expect(due.length).toBeGreaterThan(20);
  for (const said of due) expect(said).toContain('plan fixFirst');
});

test('while something stops, nothing else is said', () => {
  const stopped = SCENARIOS.map(({ say }) => say()).filter((said) => said.startsWith('stop'));
  expect(stopped.length).toBeGreaterThan(20);
  for (const said of stopped) expect(said).toMatch(/^stop: \w+; plan none; next stop$/);
});
