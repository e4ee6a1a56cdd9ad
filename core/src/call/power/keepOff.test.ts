import { standingChecks } from '../points';
import type { Check } from '../checks';
import { gasFurnace } from '../heat';
import { stopOf } from '../stop';
import { assessPower, type PowerFacts } from './assessPower';
import { needsPower } from './keepOff';
import { POWER_SCHEMES } from './schemes';
import { torqueBoard } from './schemes/torqueBoard';

const assess = (scheme: PowerFacts['scheme'], checks: Check[], more: Partial<PowerFacts> = {}) => {
  const looks = new Map((more.looks ?? []).map((look) => [look.item, look]));
  return assessPower({
    scheme,
    checks: standingChecks(checks),
    context: { lineVolts: 240 },
    staticRead: false,
    stop: stopOf({ looks, steps: checks }),
    ...more,
  });
};
const at = (point: string, read: number | string): Check =>
  typeof read === 'number' ? { point, value: read } : { point, state: read };

describe.each(POWER_SCHEMES)('$name', (scheme) => {
  const has = (point: string) => [...scheme.steps, ...scheme.beside].some((step) => step.point === point);
  test.each([
    ['a seized wheel', at('wheel', 'seized')],
    ['a winding to ground', at('windings', 'ground')],
    ['a winding of the module to ground', at('moduleWindings', 'ground')],
  ])('%s: nothing that needs power comes next, however far one goes on', (_, seen) => {
    if (!has(seen.point)) return;
    const checks = [at('lineVolts', 240), at('motorTries', 'hums'), seen];
    for (let steps = 0; steps < 12; steps += 1) {
      const { next, keepOff } = assess(scheme, checks);
      expect(keepOff).toMatch(/^Keep the power off/);
      if (!next || checks.some(({ point }) => point === next.point.id)) break;
      expect([next.point.id, needsPower(next.point.id)]).toEqual([next.point.id, false]);
      checks.push(next.point.number ? at(next.point.id, 1) : at(next.point.id, next.point.states![0]!.id));
    }
  });
});

test('a burning smell: no test at all is offered', () => {
  const { next, keepOff } = assess(torqueBoard, [at('lineVolts', 240)], { looks: [{ item: 'smell', state: 'hot' }] });
  expect(next).toBeUndefined();
  expect(keepOff).toMatch(/^Keep the power off/);
});

test('a strong suspicion of the harness is proved unplugged and dead, not by a motor on a call', () => {
  const { suspects, next } = assess(torqueBoard, [
    at('lineVolts', 240),
    at('transformerVolts', 26),
    at('callVolts', 25.8),
    at('tapVolts', 0),
    at('tester', 'runs'),
    at('harnessOhms', 6),
  ]);
  expect(suspects.ranked[0]!.cause.id).toBe('harness');
  expect(next?.point.id ?? 'found').toMatch(/harnessWiggled|harnessOhms|found/);
  expect(next ? needsPower(next.point.id) : false).toBe(false);
});

test('an open limit with a loaded filter and a slack belt: those two, not the inducer', () => {
  const looks = [
    { item: 'filter', state: 'loaded' },
    { item: 'belt', state: 'slack' },
  ];
  const checks = [at('heatCall', 26), at('limitCircuit', 'limit')];
  const { found, next, sentence } = assess(gasFurnace, checks, { looks });
  expect(found?.cause.id).toBe('limitOpen');
  expect(next).toBeUndefined();
  expect(sentence).toMatch(
    /filter, static and heating speed.*Found here: loaded filter, slack or worn belt\. Fix that first/,
  );
  // Without them it is read once more before anything is named.
  expect(assess(gasFurnace, checks).found).toBeUndefined();
});

test('what was seen moves the odds, and what was fixed does not', () => {
  const share = (looks: PowerFacts['looks']) =>
    assess(gasFurnace, [], { looks }).suspects.ranked.find(({ cause }) => cause.id === 'littleAir')!.share;
  expect(share([{ item: 'filter', state: 'loaded' }])).toBeGreaterThan(1.5 * share([]));
  expect(share([{ item: 'filter', state: 'loaded', outcome: 'dealtWith' }])).toBe(share([]));
});
