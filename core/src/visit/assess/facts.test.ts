import { EXAMPLE_A_READINGS, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { DEFAULT_RULES } from '../../judge/verdicts';
import { asideReasons, standingFacts, type Fact, type FactKind } from '../../call/facts';
import { assessVisit } from './assessVisit';

const fact = (id: string, kind: FactKind, inputs: Fact['inputs'] = {}, replacesId: string | null = null): Fact => ({
  id,
  kind,
  inputs,
  replacesId,
});

test('of each kind the last fact that nothing has replaced stands', () => {
  const facts = [
    fact('a', 'electricHeat', { amps: 40 }),
    fact('b', 'electricHeat', { amps: 41 }, 'a'),
    fact('c', 'traverse'),
    // Arrived before what it corrects: the order does not matter.
    fact('e', 'flowPlate', { plateCfm: 2 }, 'd'),
    fact('d', 'flowPlate', { plateCfm: 1 }),
  ];
  const standing = standingFacts(facts);
  expect(standing.get('electricHeat')!.id).toBe('b');
  expect(standing.get('traverse')!.id).toBe('c');
  expect(standing.get('flowPlate')!.id).toBe('e');
  expect(standing.has('gasHeat')).toBe(false);
});

test('a method is set aside by its last word', () => {
  const aside = (id: string, reason: string) => fact(id, 'setAside', { method: 'traverse', reason });
  expect(asideReasons([aside('a', 'elbow')]).get('traverse')).toBe('elbow');
  expect(asideReasons([aside('a', 'elbow'), aside('b', 'dirt')]).get('traverse')).toBe('dirt');
  expect(asideReasons([aside('a', 'elbow'), aside('b', '')]).size).toBe(0);
  expect(asideReasons([fact('c', 'setAside', { reason: 'of nothing' })]).size).toBe(0);
});

test('facts that cannot be solved, or of a strange shape, take nothing else with them', () => {
  const facts = [
    fact('a', 'electricHeat', { volts: 'many' }),
    fact('b', 'measuredDrop', { returnF: null }),
    fact('c', 'look', { item: 'moon', state: 'full' }),
    fact('d', 'setAside', {}),
    fact('e', 'traverse', { widthIn: 20, heightIn: 10, readings: [] }),
  ];
  const assessment = assessVisit(
    { unit: EXAMPLE_A_UNIT, mode: 'cooling', readings: EXAMPLE_A_READINGS, facts },
    DEFAULT_RULES,
  );
  expect(assessment.estimates.map((e) => e.id)).toEqual(['blowerTable']);
  expect(assessment.drop.word).toBe('cantSay');
  expect(assessment.findings).toEqual([]);
  expect(assessment.flow!.flowCfm).toBeCloseTo(940.2, 1);
});

test('the same visit always gives the same assessment', () => {
  const visit = {
    unit: EXAMPLE_A_UNIT,
    mode: 'cooling' as const,
    readings: EXAMPLE_A_READINGS,
    facts: [fact('a', 'flowPlate', { plateCfm: 900, normalInWc: 0.27, plateInWc: 0.25 })],
  };
  expect(assessVisit(visit, DEFAULT_RULES)).toEqual(assessVisit(visit, DEFAULT_RULES));
});
