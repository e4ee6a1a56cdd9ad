import { checkPoint } from '../points';
import type { Step } from '../facts';
import { lookItem, type Look } from '../../judge/look';
import { STOPS } from './stops';
import { stopOf } from './stop';

const T0 = Date.parse('2026-05-12T10:00:00Z');
const looks = (...list: readonly Look[]) => new Map(list.map((look) => [look.item, look]));
const byLooks = (...list: readonly Look[]) => stopOf({ looks: looks(...list), steps: [] });
const byChecks = (steps: readonly Step[], lineVolts?: number) => stopOf({ looks: new Map(), steps, lineVolts });
const touch = (point: string, state: string, minute: number) => ({
  point,
  state,
  takenAt: new Date(T0 + 60_000 * minute).toISOString(),
});

const lookSigns = STOPS.flatMap(({ id, looks: signs = [] }) =>
  signs.flatMap(({ item, states }) => states.map((state) => [id, item, state] as const)),
);
const checkSigns = STOPS.flatMap(({ id, checks: signs = [] }) =>
  signs.flatMap(({ point, states = [] }) => states.map((state) => [id, point, state] as const)),
);

test.each(lookSigns)('%s: a look at %s that finds %s stops the visit until it is fixed', (id, item, state) => {
  expect(lookItem(item)!.states.map((one) => one.id)).toContain(state);
  expect(byLooks({ item, state })).toMatchObject({ id, item });
  expect(byLooks({ item, state, outcome: 'dealtWith' })).toBeUndefined();
  // Declining the work does not make readings true.
  expect(byLooks({ item, state, outcome: 'declined' })?.id).toBe(id);
  expect(byLooks({ item, state: lookItem(item)!.states[0]!.id })).toBeUndefined();
});

test.each(checkSigns)('%s: %s read as %s stops the visit until it reads otherwise or is fixed', (id, point, state) => {
  const known = checkPoint(point)!;
  expect(known.states!.map((one) => one.id)).toContain(state);
  expect(byChecks([{ point, state }])).toMatchObject({ id, point });
  const good = known.states!.find(({ outcome }) => outcome === 'good')!.id;
  expect(
    byChecks([
      { point, state },
      { point, state: good },
    ]),
  ).toBeUndefined();
  expect(
    byChecks([
      { point, state },
      { finding: `check-${point}`, state: 'dealtWith' },
    ]),
  ).toBeUndefined();
  // It came back after the repair.
  expect(
    byChecks([
      { finding: `check-${point}`, state: 'dealtWith' },
      { point, state },
    ])?.id,
  ).toBe(id);
});

test.each(['legVoltsLow', 'legVolts12', 'legVolts23', 'legVolts31'])('a lost leg read at %s stops', (point) => {
  expect(checkPoint(point)!.number!.unit).toBe('volts');
  expect(byChecks([{ point, value: 98 }], 230)?.id).toBe('lostLeg');
  // Low is not lost: it runs, at its risk.
  expect(byChecks([{ point, value: 190 }], 230)).toBeUndefined();
  expect(
    byChecks(
      [
        { point, value: 98 },
        { point, value: 229 },
      ],
      230,
    ),
  ).toBeUndefined();
});

test('elements without the blower stop; the run after the repair is judged by itself', () => {
  const alone = [touch('element', 'on', 0), touch('element', 'off', 2)];
  expect(stopOf({ looks: new Map(), steps: alone })).toMatchObject({ id: 'elements', isDanger: true });
  const repaired = [...alone, touch('blowerOnHeat', 'on', 30), touch('element', 'on', 31)];
  expect(stopOf({ looks: new Map(), steps: repaired })).toBeUndefined();
});

test('people go before air, and air before readings', () => {
  const ice = { item: 'ice', state: 'coil' };
  expect(byLooks(ice, { item: 'smell', state: 'gas' })?.id).toBe('gas');
  expect(byLooks(ice, { item: 'elements', state: 'yes' })?.id).toBe('elements');
  expect(byLooks(ice, { item: 'filter', state: 'missing' })?.id).toBe('ice');
  expect(byLooks({ item: 'filter', state: 'loaded' })).toBeUndefined();
});

test('each says what it is, why, and the one thing to do, in short sentences', () => {
  for (const { name, why, first } of STOPS) {
    expect(name).toMatch(/^[a-z]/);
    for (const sentence of `${why} ${first}`.split(/(?<=[.:]) /)) expect(sentence.split(' ').length).toBeLessThan(21);
  }
});
