import { EXAMPLE_A_READINGS, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { DEFAULT_RULES } from '../../judge/verdicts';
import type { PressureReading } from '../../air/readings';
import { assessVisit } from './assessVisit';
import type { Fact } from '../../call/facts';

const at = (minute: number) => new Date(Date.parse('2026-05-12T10:00:00Z') + 60_000 * minute).toISOString();
const look = (item: string, state: string, minute: number, outcome?: string): Fact => ({
  id: `${item} ${minute}`,
  kind: 'look',
  inputs: { item, state, ...(outcome ? { outcome } : {}) },
  takenAt: at(minute),
});
const check = (point: string, state: string, minute: number, note?: string): Fact => ({
  id: `${point} ${minute}`,
  kind: 'check',
  inputs: { point, state, ...(note ? { note } : {}) },
  takenAt: at(minute),
});
const readAt = (...minutes: number[]): readonly PressureReading[] =>
  EXAMPLE_A_READINGS.map((reading, i) => ({ ...reading, takenAt: at(minutes[i % minutes.length]!) }));
const assess = (facts: readonly Fact[], readings = readAt(5)) =>
  assessVisit({ unit: EXAMPLE_A_UNIT, mode: 'cooling', readings, facts }, DEFAULT_RULES);
const asked = (facts: readonly Fact[], readings = readAt(5)) =>
  assess(facts, readings).questions.filter(({ id }) => id.startsWith('before '));

const ICED = [look('ice', 'coil', 8), look('ice', 'coil', 40, 'dealtWith')];

describe('statics that were read while the visit was stopped', () => {
  test('hold the verdict once the stop is fixed, with the ports to read again', () => {
    const found = assess(ICED);
    expect(found.stop).toBeUndefined();
    const [question] = found.questions;
    expect(question).toMatchObject({ id: 'before ice', holdsVerdict: true, answer: 'Keep these readings' });
    expect(question!.sentence).toMatch(/^R2, S1 were read while the visit was stopped: .*\. Read them again\.$/);
    expect(found.airflow.word).toBe('cantSay');
    expect(found.held).toContain(question!.sentence);
  });

  test('are requested by themselves: one port may have been read again', () => {
    const [first, second] = readAt(5);
    const [question] = asked(ICED, [first!, { ...second!, takenAt: at(55) }]);
    expect(question!.sentence).toMatch(/^R2 was read .* Read it again\.$/);
  });

  test('are not asked about when they were read after it, or when somebody keeps them', () => {
    expect(asked(ICED, readAt(50))).toEqual([]);
    const kept: Fact = { id: 'k', kind: 'setAside', inputs: { method: 'before ice', reason: 'Keep these readings' } };
    expect(asked([...ICED, kept])).toEqual([]);
  });

  test('are asked about for a check that was fixed as for a look', () => {
    const ids = (facts: readonly Fact[]) => asked(facts).map(({ id }) => id);
    const fixed = [check('afterRotation', 'wrong', 8), check('triage', 'dealtWith', 30, 'check-afterRotation')];
    expect(ids(fixed)).toEqual(['before backwards']);
    expect(ids([look('rotation', 'backwards', 8), look('rotation', 'right', 30)])).toEqual(['before backwards']);
  });

  test('are not asked about where the stop does not touch the air, and where no time was recorded', () => {
    expect(asked([look('smell', 'gas', 8), look('smell', 'gas', 30, 'dealtWith')])).toEqual([]);
    expect(asked(ICED, EXAMPLE_A_READINGS)).toEqual([]);
  });

  test('say nothing while the stop stands: then there is one thing to do', () => {
    const found = assess(ICED.slice(0, 1));
    expect(found.stop?.id).toBe('ice');
    expect(found.questions).toEqual([]);
  });
});
