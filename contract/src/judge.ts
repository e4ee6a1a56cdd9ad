/** A visit judged and parted, without the classes that check it: what the first screen needs. */
export {
  assess,
  type Assessment,
  currentPart,
  type DecidedPlan,
  intoWhole,
  type JudgedVisit,
  type PartedVisit,
  partVisit,
  standingPlan,
} from './plan';
export { summaryOf } from './visitSummary';
