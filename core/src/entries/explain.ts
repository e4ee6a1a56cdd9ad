/**
 * What explains the readings of a visit: causes tried on a healthy unit of the kind. A separate entry, loaded with the step Causes and by
 * its worker.
 */
export { causeOf, type CauseGroup } from '../fix/causes';
export {
  causeTitle,
  type ComparedReading,
  comparedReadings,
  explain,
  explainNow,
  type Explanation,
  explanationTitle,
  type ExplainRequest,
  type ExplainStep,
  groupName,
  isResolved,
  type Likely,
  type RankedExplanation,
  type ReadingAdvice,
  readingFigure,
  readingName,
  readingText,
  readingUnit,
} from '../fix/explain';
export { type ReadingId } from '../fix/observe';
export { type ExplainContext, explainRequest, nextByExplanation, outcomeWords } from '../visit/explain';
