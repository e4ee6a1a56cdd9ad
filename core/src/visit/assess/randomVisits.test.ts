import { contradictions, quickPlans } from '../../../fixtures/contradictions';
import { randomVisit } from '../../../fixtures/randomVisit';
import { judged } from '../../../fixtures/scenarios/scenario';
import { cases, seedOfToday } from '../../../fixtures/longRun';
import { look } from '../../../fixtures/exampleLooks';
import { randomWish } from '../../../fixtures/randomWish';
import { truth, type Truth } from '../../../fixtures/truth';
import { causesAt } from '../../fix/causes';
import { DEFAULT_RULES } from '../../judge/verdicts';
import { assessVisit, type VisitAssessment } from './assessVisit';
import { TABLE_METHOD } from './estimates';
import type { VisitFacts } from './visitFacts';

const VISITS = cases(3000, 900);
const MADE: { seed: number; made: Truth; found: VisitAssessment }[] = [];
beforeAll(() => {
  for (let seed = 1; seed <= VISITS; seed += 1) {
    const made = truth(randomWish(seed));
    if (made) MADE.push({ seed, made, found: assessVisit(made.visit, DEFAULT_RULES) });
  }
}, 120_000);

const assess = (visit: VisitFacts) => assessVisit(visit, DEFAULT_RULES);
/** One σ of the one airflow, as a share. */
const unsure = ({ flow }: VisitAssessment) => (flow ? flow.sigmaCfm / flow.flowCfm : Infinity);

test('verdict, advice and best plan never contradict each other', () => {
  const found = MADE.flatMap(({ seed, found }) =>
    contradictions(found, quickPlans(found)).map((words) => `visit ${seed}: ${words}`),
  );
  expect(found).toEqual([]);
  expect(MADE.length).toBeGreaterThan(0.8 * VISITS);
}, 400_000);

// Half of them are others each day; the seed is named with what it found.
test('verdict, advice, next step, plans and the rest of the call agree on visits of every mode, stage and kind', () => {
  const found: string[] = [];
  let stopped = 0;
  let held = 0;
  const visits = cases(1500, 500);
  for (let i = 0; i < visits; i += 1) {
    const seed = i < visits / 2 ? i + 1 : seedOfToday(i);
    const visit = randomVisit(seed);
    if (!visit) continue;
    const all = judged(visit);
    if (all.found.stop) stopped += 1;
    if (all.found.held) held += 1;
    const said = contradictions(all.found, quickPlans(all.found, 20), all.call);
    found.push(...said.map((words) => `visit ${seed}: ${words}`));
  }
  expect(found).toEqual([]);
  expect(Math.min(stopped, held)).toBeGreaterThan(visits / 15);
}, 400_000);

test('a plain word is right far more often than not, and its odds are kept', () => {
  const bins = new Map<number, { said: number; were: number }>();
  for (const { made, found } of MADE) {
    const { odds, limit, word } = found.airflow;
    // What was seen wrong changes the fan between reading and truth in ways the odds do not count.
    if (odds === undefined || limit?.low === undefined || found.flow?.usualOnly || word === 'cantSay') continue;
    const bin = Math.min(4, Math.floor(5 * odds));
    const { said, were } = bins.get(bin) ?? { said: 0, were: 0 };
    const isIn = made.seen.flowCfm >= limit.low && made.seen.flowCfm <= limit.high;
    bins.set(bin, { said: said + 1, were: were + (isIn ? 1 : 0) });
  }
  for (const [bin, { said, were }] of bins) {
    expect(said).toBeGreaterThan(VISITS / 60);
    // Half of these units have something wrong that nobody may have seen: the odds are those of what was read.
    expect(Math.abs(were / said - (bin + 0.5) / 5)).toBeLessThan(0.2);
  }
});

// What is seen explains a doubt that was there, so that its loss is not counted twice; where there was none it only widens.
test('a doubt never narrows the book’s σ', () => {
  let compared = 0;
  for (const { made, found } of MADE.slice(0, 1500)) {
    if (found.doubt.share > 0) continue;
    const book = found.estimates.find((e) => e.id === TABLE_METHOD);
    if (!book) continue;
    for (const cause of causesAt(made.visit.unit)) {
      const sign = cause.shownBy[0];
      if (cause.kind !== 'slowFan' || !sign) continue;
      const facts = [...made.visit.facts, look(sign.item, sign.states[0]!)];
      const doubted = assess({ ...made.visit, facts }).estimates.find((e) => e.id === TABLE_METHOD);
      if (!doubted) continue;
      compared += 1;
      expect(doubted.sigmaShare).toBeGreaterThanOrEqual(book.sigmaShare - 1e-9);
    }
  }
  expect(compared).toBeGreaterThan(VISITS / 3);
}, 60_000);

test('taking away a reading that contradicts nothing never makes a verdict surer', () => {
  let compared = 0;
  for (const { made, found } of MADE) {
    // A reading that contradicts another rightly makes everything less sure: without it one would not know.
    if (found.doubt.share > 0 || found.doubt.seen.length > 0 || found.flow?.disagreement) continue;
    for (const fact of made.visit.facts.filter(({ kind }) => kind !== 'look')) {
      const without = assess({ ...made.visit, facts: made.visit.facts.filter((one) => one !== fact) });
      if (without.doubt.share > 0) continue;
      compared += 1;
      expect(unsure(without)).toBeGreaterThanOrEqual(unsure(found) - 1e-9);
    }
    for (const reading of made.visit.readings) {
      const without = assess({ ...made.visit, readings: made.visit.readings.filter((one) => one !== reading) });
      if (without.doubt.share > 0 || !found.flow) continue;
      expect(unsure(without)).toBeGreaterThanOrEqual(unsure(found) - 1e-9);
    }
  }
  expect(compared).toBeGreaterThan(VISITS / 3);
}, 120_000);

test('no slower speed is advised while a slow-fan sign stands', () => {
  let stood = 0;
  for (const { found } of MADE) {
    if (found.stop || (found.doubt.share === 0 && found.doubt.seen.length === 0)) continue;
    stood += 1;
    expect(found.noSlower).toBeDefined();
    if (found.advice.kind !== 'change') continue;
    const to = found.advice.outcomes.find(({ tap }) => tap === found.advice.tap)!;
    expect(to.operation.kind === 'crossing' && to.operation.flowCfm).toBeGreaterThan(found.flow!.flowCfm);
  }
  expect(stood).toBeGreaterThan(VISITS / 10);
});

test('nothing that is said holds NaN, Infinity or undefined', () => {
  for (const { found } of MADE) {
    const said = [
      found.airflow.sentence,
      found.judgement.tesp.sentence,
      found.drop.sentence,
      found.advice.headline,
      found.advice.reason,
      found.next?.words,
      found.next?.why,
      found.settle,
      found.noModel,
      ...found.questions.map(({ sentence }) => sentence),
      ...found.doubt.signs,
      ...(found.model?.notes ?? []),
      ...found.judgement.sections.map(({ verdict }) => verdict.sentence),
    ];
    expect(said.filter(Boolean).join(' ')).not.toMatch(/NaN|Infinity|undefined|null|\[object/);
  }
});
