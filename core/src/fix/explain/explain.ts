import {
  type CircuitConditions,
  circuitTables,
  type CircuitTables,
  placeOf,
  READING_IDS,
  UNKNOWNS,
  unitModels,
  type UnitReference,
} from '../observe';
import { bestReadings, type ReadingAdvice } from './bestReadings';
import { unitFitter, type PlacedReading, type UnitFit } from './fitUnit';
import { pairHypotheses, singleHypotheses, systemsOf, UNEXPLAINED_WEIGHT, type Hypothesis } from './hypotheses';
import { logLooks } from './lookOdds';
import { logSum, rankingOf, UNEXPLAINED, type Ranking, type TriedHypothesis } from './ranking';
import type { ExplainRequest } from './request';

/** What an explanation is so far. */
export interface Explanation extends Ranking {
  /** Share of the work that is done, 0 to 1. */
  readonly done: number;
  readonly next: readonly ReadingAdvice[];
}

/** A unit that none of the causes explains: everything about it may be much further off than a healthy one's. */
const UNEXPLAINED_SPREAD = 3;
const UNEXPLAINED_SIGMA = 2.5;
/** After so many hypotheses the caller may look at a clock. */
const BATCH = 12;
/** What is less likely than the best by so much, as a logarithm, changes no share by a percent. */
const NEGLIGIBLE = 6;

/** The circuits of the last conditions: the readings of one visit come one by one in the same air. */
let lastCircuits: { readonly key: string; readonly circuits: CircuitTables } | undefined;

function circuitsIn(conditions: CircuitConditions): CircuitTables {
  const key = JSON.stringify(conditions);
  if (lastCircuits?.key !== key) lastCircuits = { key, circuits: circuitTables(conditions) };
  return lastCircuits.circuits;
}

/** What the readings of a system are referred to. */
function referenceOf({ system, conditions }: ExplainRequest): UnitReference {
  const { cooling } = system;
  const { atCoil, roomF, usualCfm, altitudeFt, densityRatio } = conditions;
  return {
    atCoil,
    roomF: roomF ?? cooling?.entering.dryBulbF,
    usualCfm,
    circuits:
      cooling &&
      circuitsIn({
        tons: cooling.tons,
        entering: atCoil ?? cooling.entering,
        outdoorF: cooling.outdoorF,
        altitudeFt,
        densityRatio,
      }),
  };
}

/** Hypotheses of one set of causes, at all their severities, as one. @param logBefore logarithm of its odds before the readings */
function together(hypothesis: Hypothesis, fits: readonly UnitFit[], logBefore: number): TriedHypothesis {
  const logs = fits.map(({ logEvidence }) => logEvidence);
  const logEvidence = logSum(logs) - Math.log(fits.length);
  const means = new Float64Array(READING_IDS.length);
  const squares = new Float64Array(READING_IDS.length);
  const sum = logSum(logs);
  for (const { logEvidence: own, means: m, variances: v } of fits) {
    const weight = Math.exp(own - sum);
    for (let c = 0; c < means.length; c++) {
      means[c]! += weight * m[c]!;
      squares[c]! += weight * (v[c]! + m[c]! * m[c]!);
    }
  }
  return {
    causes: hypothesis.causes.map(({ id }) => id),
    logWeight: logBefore + logEvidence,
    misfit: Math.min(...fits.map(({ misfit }) => misfit)),
    means,
    variances: squares.map((square, c) => Math.max(0, square - means[c]! * means[c]!)),
  };
}

/** One step of an explanation: how far it is, and the answer so far where it has changed. */
export interface ExplainStep {
  readonly done: number;
  readonly answer?: Explanation;
}

/**
 * What best explains everything that was read and seen: nothing, one cause, or two together, each tried on a healthy unit of the kind with
 * its unknowns averaged out. The same answer for the same request.
 *
 * @param request plain data
 * @param isProgressive an answer is given before pairs were tried
 * @returns a generator: the first answer comes when each cause was tried alone, the last when pairs were
 * @source Bayes’ rule; Laplace’s approximation for the unknowns of a unit; errors of readings after Student (ν = 4)
 * @example [...explain(request)].at(-1)?.answer // causes: [{ id: 'filterLoaded', share: 0.7 }, …]
 */
export function* explain(request: ExplainRequest, isProgressive = true): Generator<ExplainStep, void, void> {
  const reference = referenceOf(request);
  const readings = request.evidence.map(({ reading, value, sigma }): PlacedReading => ({
    place: placeOf(reading),
    value,
    sigma,
  }));
  const spread = UNKNOWNS.map((unknown) => request.spread[unknown]);
  const withFilterOut = [
    ...request.options.flatMap((option) => option.readings),
    ...request.evidence.map(({ reading }) => reading),
  ].some((reading) => reading.endsWith('filterOut'));
  const fit = unitFitter(readings, spread, withFilterOut);
  const model = unitModels(reference);
  let best = -Infinity;
  let ceiling = -Infinity;
  const attempt = (hypothesis: Hypothesis): TriedHypothesis[] => {
    const before = hypothesis.logPrior + logLooks(request.looks, hypothesis.causes);
    if (before + ceiling < best - NEGLIGIBLE) return [];
    const systems = systemsOf(hypothesis, request.system);
    if (systems.length === 0) return [];
    const isWorth = (logEvidence: number) => before + logEvidence > best - NEGLIGIBLE;
    const fits = systems.map((system) => fit(model(system), isWorth));
    // The ceiling is set by causes alone: two together leave the unknowns no freer.
    if (hypothesis.causes.length < 2) ceiling = Math.max(ceiling, ...fits.map((one) => one.ceiling));
    const one = together(hypothesis, fits, before);
    best = Math.max(best, one.logWeight);
    return [one];
  };
  const answer = (done: number): ExplainStep => ({
    done,
    answer: { ...rankingOf(tried), next: bestReadings(request, tried), done },
  });

  const strange = unitFitter(
    readings.map((one) => ({ ...one, sigma: one.sigma * UNEXPLAINED_SIGMA })),
    spread.map((one) => one * UNEXPLAINED_SPREAD),
    withFilterOut,
  );
  const unexplained = { causes: [], logPrior: Math.log(UNEXPLAINED_WEIGHT) };
  const tried: TriedHypothesis[] = [
    {
      ...together(unexplained, [strange(model(request.system))], unexplained.logPrior + logLooks(request.looks, [])),
      causes: [UNEXPLAINED],
    },
  ];
  const singles = singleHypotheses(request);
  const pairs = pairHypotheses(request);
  const total = singles.length + pairs.length;
  for (const [i, hypothesis] of singles.entries()) {
    tried.push(...attempt(hypothesis));
    if (i % BATCH === BATCH - 1) yield { done: i / total };
  }
  if (isProgressive) yield answer(singles.length / total);
  // Pairs of likely causes first: a search that is stopped has seen the best of them.
  const alone = new Map(tried.map(({ causes, logWeight }) => [causes.join(), logWeight]));
  const promise = ({ causes, logPrior }: Hypothesis) =>
    logPrior + Math.max(...causes.map(({ id }) => alone.get(id) ?? -1e9));
  const ordered = [...pairs].sort((a, b) => promise(b) - promise(a));
  for (const [i, hypothesis] of ordered.entries()) {
    tried.push(...attempt(hypothesis));
    if (i % BATCH === BATCH - 1) yield { done: (singles.length + i) / total };
  }
  yield answer(1);
}

/** The last answer at once, for what cannot wait in steps: tests, the server, a browser without workers. */
export function explainNow(request: ExplainRequest): Explanation {
  let last: Explanation | undefined;
  for (const { answer } of explain(request, false)) last = answer ?? last;
  return last!;
}
