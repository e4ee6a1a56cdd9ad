import { operate } from '../../air/operate';
import { FILTER_EXPONENT, resistanceFromPoint } from '../../air/path';
import { type System, stageDropAt, sectionsOf, withStage } from '../../air/system';
import type { ToolFields } from '../../base/forms';
import { staticText } from '../../base/words';
import { cannot, moved, type MoveContext, type Moved } from './move';

/** What is printed on a filter or in its sheet. */
export const RATED_FIELDS = {
  ratedDropInWc: { kind: 'number', label: 'Clean pressure drop', unit: 'inWc', min: 0.005, max: 1 },
  ratedFlowCfm: { kind: 'number', label: 'Rated at', unit: 'cfm', min: 50, max: 60_000 },
} as const satisfies ToolFields;

/** Where a system stands now, CFM; the edge of its table when it is off it. */
export function flowNow(system: System): number {
  const now = operate(system);
  return now.kind === 'crossing' ? now.flowCfm : now.edgeFlowCfm;
}

/** What the filters take now, in. w.c. */
const filterDropNow = (system: System): number | undefined => stageDropAt(system, 'filter', flowNow(system));

/** Filters of another drop in the place of those that are in. @param ratedDropInWc clean drop at `ratedFlowCfm`, in. w.c. */
export function withMedia(system: System, rated: { ratedDropInWc: number; ratedFlowCfm: number }): Moved {
  if (sectionsOf(system, 'filter').length === 0)
    return cannot(
      'The filter’s pressure drop is not known separately. Measure before and after it, or pull it and measure again.',
    );
  const clean = resistanceFromPoint(rated.ratedDropInWc, rated.ratedFlowCfm, FILTER_EXPONENT);
  const changed = withStage(system, 'filter', () => clean);
  return moved({
    ...changed,
    // A new filter was not measured, but its rating is no guess about the old one.
    path: changed.path.map((section) => (section.resistance === clean ? { ...section, assumed: undefined } : section)),
  });
}

/** "drops 0.06 where this one drops 0.15" */
export function mediaWords(rated: { ratedDropInWc: number; ratedFlowCfm: number }, system: System): string {
  const flow = flowNow(system);
  const then = rated.ratedDropInWc * Math.pow(flow / rated.ratedFlowCfm, FILTER_EXPONENT);
  const now = filterDropNow(system);
  return now === undefined
    ? `drops ${staticText(then)} at today’s airflow`
    : `drops ${staticText(then)} where this one drops ${staticText(now)}`;
}

/** A drop at the target airflow as a share of the nameplate, rounded to a hundredth. */
export const shareOfPlate = ({ goal }: MoveContext, share: number) => ({
  ratedDropInWc: Math.max(0.01, Math.round(100 * share * goal.maxTesp.value) / 100),
  ratedFlowCfm: Math.round(goal.target.flowCfm),
});

/** Whether filters of such a drop would take less than those that are in. */
export const wouldHelp = (system: System, rated: { ratedDropInWc: number; ratedFlowCfm: number }): boolean => {
  const flow = flowNow(system);
  const now = filterDropNow(system);
  return now !== undefined && now > 1.1 * rated.ratedDropInWc * Math.pow(flow / rated.ratedFlowCfm, FILTER_EXPONENT);
};
