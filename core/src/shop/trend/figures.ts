import type { Circuit } from '../../call/assess/circuits';
import { driveState, type BeltDrive } from '../../air/drive';
import { COIL_EXPONENT, DUCT_EXPONENT, FILTER_EXPONENT } from '../../air/path';
import type { StageKind } from '../../air/system';
import type { VisitAssessment } from '../../visit/assess';

/** What of a visit is followed over the years. Absent: not read at it. */
export interface VisitFigures {
  /** Filter alone, and the airflow it was read at. */
  readonly filterDropInWc?: number;
  /** What the filter may take, in. w.c. */
  readonly filterLimitInWc?: number;
  readonly flowCfm?: number;
  readonly targetCfm?: number;
  /** External static brought to the target airflow. */
  readonly tespAtTargetInWc?: number;
  /** Of a belt drive, 0 to 1. */
  readonly slip?: number;
  readonly amps?: number;
  /** Liquid line over ambient, of the first circuit, °F. */
  readonly approachF?: number;
  readonly dropF?: number;
}

const EXPONENT: Partial<Record<StageKind, number>> = { filter: FILTER_EXPONENT, coil: COIL_EXPONENT };

/** External static at the target airflow: each section carried there by its own exponent. */
function tespAtTarget(assessment: VisitAssessment, flowCfm: number, targetCfm: number): number | undefined {
  const { tespInWc, sections } = assessment.judgement;
  if (tespInWc === undefined) return undefined;
  const parts = sections.filter(({ dropInWc }) => dropInWc !== undefined && dropInWc > 0);
  const known = parts.reduce((sum, { dropInWc }) => sum + dropInWc!, 0);
  const ratio = targetCfm / flowCfm;
  const carried = parts.reduce((sum, { stages, dropInWc }) => {
    const n = (stages.length === 1 ? EXPONENT[stages[0]!] : undefined) ?? DUCT_EXPONENT;
    return sum + dropInWc! * ratio ** n;
  }, 0);
  // What no section holds goes as a duct does.
  return carried + Math.max(0, tespInWc - known) * ratio ** DUCT_EXPONENT;
}

/**
 * What of a visit is followed over the years.
 *
 * @param drive of the unit, for its slip
 * @param circuits as read, for the approach
 * @example figuresOf(assessment, {}).tespAtTargetInWc // static brought to the target airflow, in. w.c.
 */
export function figuresOf(
  assessment: VisitAssessment,
  { drive, circuits = [] }: { readonly drive?: BeltDrive; readonly circuits?: readonly Circuit[] },
): VisitFigures {
  const { judgement, flow, airflow, motor, drop } = assessment;
  const filter = judgement.sections.find(({ stages }) => stages.length === 1 && stages[0] === 'filter');
  const flowCfm = flow && !flow.usualOnly ? flow.flowCfm : undefined;
  const targetCfm = targetOf(airflow.limit);
  return {
    filterDropInWc: filter?.dropInWc,
    filterLimitInWc: filter?.verdict.limit?.high,
    flowCfm,
    targetCfm,
    tespAtTargetInWc:
      flowCfm !== undefined && flowCfm > 0 && targetCfm !== undefined
        ? tespAtTarget(assessment, flowCfm, targetCfm)
        : undefined,
    slip: drive && driveState(drive).slip,
    amps: motor?.amps,
    approachF: circuits[0]?.ladder?.gaps.get('approach')?.valueF,
    dropF: drop.value,
  };
}

const targetOf = (limit: { readonly low?: number; readonly high?: number } | undefined): number | undefined =>
  limit?.low === undefined || limit.high === undefined ? undefined : (limit.low + limit.high) / 2;
