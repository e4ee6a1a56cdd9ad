import type { Rules } from '../../judge/verdicts';
import type { PressureReading } from '../../air/readings';
import { assessVisit, type VisitAssessment, type VisitFacts } from '../assess';
import type { PlanRecord } from './planRecord';
import { proofOf } from './proof';

/**
 * What was read after a plan, judged with the airflow that its proof finds: there is one airflow after the work, wherever it is told.
 *
 * @param plan as it was decided
 * @param before the visit up to the plan
 * @param after the unit as the plan leaves it, with what was read since
 */
export function assessAfter<R extends PressureReading>(
  plan: PlanRecord,
  before: VisitAssessment,
  after: VisitFacts<R>,
  rules: Rules,
): VisitAssessment<R> {
  const found = assessVisit(after, rules);
  const { flow, lines } = proofOf(plan, before, found);
  const isFound = lines.some(({ id, after: value }) => id === 'flow' && value !== undefined);
  return flow && isFound && !found.stop ? assessVisit({ ...after, flowSince: flow }, rules) : found;
}
