import { applyMoves, type ChosenMove } from '../../fix/moves';
import type { JudgedSection } from '../../judge/verdicts';
import { COIL_EXPONENT, DUCT_EXPONENT, dropAt } from '../../air/path';
import { CHANGED_SIGMA } from '../../fix/plan';
import type { StageKind, System } from '../../air/system';
import type { VisitAssessment } from '../assess';

/** What a section that nobody touched says of the change of airflow. */
interface UntouchedSection {
  readonly stages: readonly StageKind[];
  readonly beforeInWc: number;
  readonly afterInWc: number;
  /** Q₂/Q₁ by it, and one σ. */
  readonly ratio: number;
  readonly sigma: number;
}

/** The change of airflow by all untouched sections together. */
export interface FlowChange {
  readonly ratio: number;
  readonly sigma: number;
  readonly sections: readonly UntouchedSection[];
  /** Two of them do not agree: one was touched after all. */
  readonly apart?: readonly [UntouchedSection, UntouchedSection];
}

/** A section that a plan changes, as promised and as read again. */
export interface TouchedSection {
  readonly stages: readonly StageKind[];
  readonly beforeInWc: number;
  readonly promisedInWc: number;
  readonly afterInWc: number;
  readonly found: 'asPromised' | 'notChanged' | 'otherwise';
}

/** (J) One standard deviation of a static read again at the same hole, in. w.c. */
const REPEAT_SIGMA_IN_WC = 0.005;

/** Under this a drop says nothing of its change, in. w.c. */
const LEAST_DROP_IN_WC = 0.03;

/** n of a section that is fit to tell the airflow: ducts alone, or a coil alone. A filter loads and settles: it is not. */
function exponentOf(stages: readonly StageKind[]): number | undefined {
  if (stages.length === 1 && stages[0] === 'coil') return COIL_EXPONENT;
  return stages.every((kind) => kind === 'returnDuct' || kind === 'supplyDuct') ? DUCT_EXPONENT : undefined;
}

/** Stages whose resistance a plan changes. */
function touchedStages(system: System, moves: readonly ChosenMove[]): ReadonlySet<StageKind> {
  const applied = applyMoves(system, moves);
  if (!applied.ok) return new Set();
  const kept = new Set(applied.system.path.map((section) => section.resistance));
  return new Set(system.path.filter((section) => !kept.has(section.resistance)).flatMap((section) => section.stages));
}

const sameSection = (a: JudgedSection, b: JudgedSection) => a.fromStage === b.fromStage && a.toStage === b.toStage;

/**
 * The change of airflow by the sections a plan did not touch: Q₂/Q₁ = (Δp₂/Δp₁)^(1/n), n = 2 for ducts, 1.8 over a coil. The same
 * hole repeats to 0.005 in. w.c., so that 0.25 in. w.c. of supply duct tells it to ± 1.4 %, whatever any table says.
 *
 * @param system what the plan was computed from
 * @returns undefined when no untouched section was read before and after
 * @source fan and system curve method; error propagation
 * @example supply 0.27 → 0.30 with a new filter: ratio 1.054 ± 0.018
 */
export function flowChange(
  system: System,
  moves: readonly ChosenMove[],
  before: VisitAssessment,
  after: VisitAssessment,
): FlowChange | undefined {
  const touched = touchedStages(system, moves);
  const sections = before.judgement.sections.flatMap((was): UntouchedSection[] => {
    const is = after.judgement.sections.find((other) => sameSection(was, other));
    const n = exponentOf(was.stages);
    const [p, q] = [was.dropInWc, is?.dropInWc];
    if (n === undefined || p === undefined || q === undefined || was.stages.some((kind) => touched.has(kind)))
      return [];
    if (p < LEAST_DROP_IN_WC || q <= 0) return [];
    const ratio = Math.pow(q / p, 1 / n);
    const sigma = (ratio * Math.hypot(REPEAT_SIGMA_IN_WC / p, REPEAT_SIGMA_IN_WC / q)) / n;
    return [{ stages: was.stages, beforeInWc: p, afterInWc: q, ratio, sigma }];
  });
  if (sections.length === 0) return undefined;
  const [first, ...others] = sections as [UntouchedSection, ...UntouchedSection[]];
  const other = others.find(
    (one) => Math.abs(one.ratio - first.ratio) > TOO_FAR_SIGMAS * Math.hypot(one.sigma, first.sigma),
  );
  const weights = sections.reduce((sum, one) => sum + 1 / one.sigma ** 2, 0);
  return {
    sections,
    ratio: sections.reduce((sum, one) => sum + one.ratio / one.sigma ** 2, 0) / weights,
    sigma: Math.sqrt(1 / weights),
    ...(other ? { apart: [first, other] as const } : {}),
  };
}

/**
 * The sections a plan changes, each as promised at the airflow after, and as it was read again: a filter that takes what it took before was
 * not changed.
 *
 * @param ratio airflow after over airflow before
 */
export function touchedSections(
  system: System,
  moves: readonly ChosenMove[],
  before: VisitAssessment,
  after: VisitAssessment,
  ratio: number,
): TouchedSection[] {
  const applied = applyMoves(system, moves);
  const flow = before.flow?.flowCfm;
  if (!applied.ok || flow === undefined) return [];
  const kept = new Set(applied.system.path.map((section) => section.resistance));
  return before.judgement.sections.flatMap((was): TouchedSection[] => {
    const is = after.judgement.sections.find((other) => sameSection(was, other));
    const old = system.path.find(
      (section) => section.stages.length === was.stages.length && section.stages[0] === was.stages[0],
    );
    const then = applied.system.path.find(
      (section) => section.stages.length === was.stages.length && section.stages[0] === was.stages[0],
    );
    if (was.stages.length !== 1 || !old || !then || kept.has(old.resistance)) return [];
    if (is?.dropInWc === undefined || was.dropInWc === undefined) return [];
    const promised = dropAt(then.resistance, flow * ratio);
    const same = was.dropInWc * Math.pow(ratio, old.resistance.exponent);
    const sigma = Math.hypot(CHANGED_SIGMA * promised, Math.SQRT2 * REPEAT_SIGMA_IN_WC);
    const off = Math.abs(is.dropInWc - promised);
    const found =
      off <= TOO_FAR_SIGMAS * sigma
        ? 'asPromised'
        : Math.abs(is.dropInWc - same) < Math.max(0.02, 0.15 * same)
          ? 'notChanged'
          : 'otherwise';
    return [{ stages: was.stages, beforeInWc: was.dropInWc, promisedInWc: promised, afterInWc: is.dropInWc, found }];
  });
}

/** Two figures differ for good beyond this many of their σ. */
export const TOO_FAR_SIGMAS = 2;

/** How sure a promised change of airflow is, as a share: 30 % of it, and a tap's own. (J) */
export const promisedSigma = (promisedRatio: number, speedSigma: number): number =>
  Math.hypot(0.3 * Math.abs(promisedRatio - 1), speedSigma);
