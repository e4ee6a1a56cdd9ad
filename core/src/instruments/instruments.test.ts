import { explainedUnit } from '../../fixtures/explained';
import { inputFaults } from '../base/forms';
import { explainNow } from '../fix/explain';
import { readingSigma } from '../fix/explain';
import type { ReadingId } from '../fix/observe';
import { CHANNELS, liveFault, liveState, PLACE_IDS, placesFor, type LiveValue, type Sample } from './live';
import { hiddenTruth, SIMULATED_PROBES, simulatedSet } from './simulated';
import { MOST_SECONDS, TRACE_FORM, traceOf } from './trace';

const NOW = 1_780_000_000_000;
const sound: LiveValue = { probe: 'Manometer A', channel: 'static', value: -0.31, atMs: NOW };

describe('a value from a bridge', () => {
  test('sound ones are taken', () => {
    expect(liveFault(sound, NOW)).toBeUndefined();
    expect(liveFault({ ...sound, battery: 0.4 }, NOW + 2_000)).toBeUndefined();
  });
  test.each([
    ['no object', 7],
    ['nothing', null],
    ['a list', [sound]],
    ['no probe', { ...sound, probe: ' ' }],
    ['a name without end', { ...sound, probe: 'x'.repeat(61) }],
    ['an unknown channel', { ...sound, channel: 'toString' }],
    ['NaN', { ...sound, value: NaN }],
    ['a text', { ...sound, value: '0.31' }],
    ['Infinity', { ...sound, value: Infinity }],
    ['out of range', { ...sound, value: 31 }],
    ['from the future', { ...sound, atMs: NOW + 60_000 }],
    ['from before', { ...sound, atMs: NOW - 60_000 }],
    ['no time', { ...sound, atMs: 'now' }],
    ['a battery over full', { ...sound, battery: 2 }],
  ])('%s is refused with a sentence', (_, value) => {
    expect(liveFault(value, NOW)).toMatch(/\.$/);
  });
});

/** Samples at five a second. */
const samples = (seconds: number, valueAt: (second: number) => number): Sample[] =>
  Array.from({ length: seconds * 5 }, (_, i) => ({
    atMs: NOW - seconds * 1000 + (i + 1) * 200,
    value: valueAt(i / 5),
  }));

describe('whether a value has come to rest', () => {
  test('level with little noise: steady, by its mean', () => {
    const state = liveState(
      'static',
      samples(8, (s) => -0.31 + 0.002 * Math.sin(9 * s)),
      NOW,
    );
    expect(state.kind).toBe('steady');
    expect(state.mean).toBeCloseTo(-0.31, 3);
  });
  test('a drift is seen though single values stay close', () => {
    const state = liveState(
      'dryBulb',
      samples(25, (s) => 75 - 0.1 * s),
      NOW,
    );
    expect(state.kind).toBe('settling');
    expect(state.drift).toBeCloseTo(-2, 1);
  });
  test('a value that jumps about is not steady', () => {
    const state = liveState(
      'static',
      samples(8, (s) => -0.3 + (Math.floor(5 * s) % 2 === 0 ? 0.05 : -0.05)),
      NOW,
    );
    expect(state.kind).toBe('settling');
  });
  test('too short a look is waited for, and says how far it is', () => {
    const state = liveState(
      'dryBulb',
      samples(5, () => 75),
      NOW,
    );
    expect(state.kind).toBe('waiting');
    expect(state.share).toBeGreaterThan(0.2);
    expect(state.share).toBeLessThan(1);
    expect(liveState('static', [], NOW).kind).toBe('waiting');
  });
});

test('each place has a channel, and each channel of the set a place', () => {
  for (const channel of Object.keys(CHANNELS) as (keyof typeof CHANNELS)[])
    for (const place of placesFor(channel)) expect(PLACE_IDS).toContain(place);
  expect(new Set(SIMULATED_PROBES.map(({ place }) => place)).size).toBe(SIMULATED_PROBES.length);
});

describe('the simulated set', () => {
  const truthAt = (place: string) =>
    place === 'R2' ? -0.31 : place === 'S1' ? 0.27 : place === 'supplyDry' ? 55 : undefined;
  /** What a probe shows at the end of so many seconds. */
  const after = (seconds: number, set = simulatedSet(truthAt, 5)) => {
    let values: LiveValue[] = [];
    for (let ms = 0; ms <= seconds * 1000; ms += 200) values = set.valuesAt(NOW + ms);
    return new Map(values.map((one) => [one.probe, one]));
  };
  test('gets to what is true, and sends only sound values', () => {
    const set = simulatedSet(truthAt, 5);
    for (let ms = 0; ms < 30_000; ms += 200)
      for (const value of set.valuesAt(NOW + ms)) expect(liveFault(value, NOW + ms)).toBeUndefined();
    const values = after(60);
    expect(values.get('Manometer A')!.value).toBeCloseTo(-0.31, 1);
    expect(values.get('Psychrometer 2')!.value).toBeCloseTo(55, 0);
    expect(values.has('Clamp meter')).toBe(false);
  });
  test('a thermometer takes its time', () => {
    expect(after(2).get('Psychrometer 2')!.value).toBeGreaterThan(60);
  });
  test('is the same for the same seed', () => {
    expect([...after(4)]).toEqual([...after(4)]);
  });
  test('may go quiet, lose its hose, sit on the wrong port, and come back', () => {
    const set = simulatedSet(truthAt, 5);
    set.trouble('Manometer A', 'quiet');
    expect(after(2, set).has('Manometer A')).toBe(false);
    const loose = simulatedSet(truthAt, 5);
    loose.trouble('Manometer A', 'hoseOff');
    expect(after(20, loose).get('Manometer A')!.value).toBeCloseTo(0, 1);
    const swapped = simulatedSet(truthAt, 5);
    swapped.trouble('Manometer A', 'wrongPort');
    expect(after(20, swapped).get('Manometer A')!.value).toBeCloseTo(0.27, 1);
    const moved = simulatedSet(truthAt, 5);
    moved.move('Manometer A', 'S1');
    expect(after(20, moved).get('Manometer A')!.value).toBeCloseTo(0.27, 1);
  });
  test('its battery falls', () => {
    const set = simulatedSet(truthAt, 5);
    const [first] = set.valuesAt(NOW);
    const [later] = set.valuesAt(NOW + 3 * 3_600_000);
    expect(later!.battery).toBeLessThan(first!.battery!);
  });
});

test('a call is solved by what simulated instruments show of a hidden unit', () => {
  let first = 0;
  const seeds = [1, 2, 3];
  for (const seed of seeds) {
    const plain = explainedUnit({});
    const { cause, truthAt } = hiddenTruth(plain, seed);
    const read = Object.fromEntries(
      (['R1', 'R2', 'S1', 'S2'] as const).map((place): [ReadingId, number] => [place, truthAt(place)!]),
    );
    const drop = truthAt('returnDry')! - truthAt('supplyDry')!;
    const answer = explainNow(explainedUnit({ ...read, drop }));
    if (answer.causes.slice(0, 3).some(({ id }) => id === cause)) first += 1;
    expect(readingSigma('drop', drop)).toBeGreaterThan(0);
  }
  expect(first).toBeGreaterThanOrEqual(2);
});

describe('a trace', () => {
  test('keeps the mean of each second', () => {
    const trace = traceOf([
      { atMs: 10_000, value: 1 },
      { atMs: 10_500, value: 3 },
      { atMs: 12_000, value: 5 },
    ])!;
    expect(trace).toEqual({ beganAtMs: 10_000, seconds: [0, 2], values: [2, 5] });
    expect(traceOf([])).toBeUndefined();
  });
  test('is never long, and is sound as it is kept', () => {
    const trace = traceOf(samples(900, (s) => s))!;
    expect(trace.values).toHaveLength(MOST_SECONDS);
    const { seconds, values } = trace;
    expect(inputFaults(TRACE_FORM, { place: 'R2', probe: 'Manometer A', seconds, values })).toEqual([]);
  });
});
