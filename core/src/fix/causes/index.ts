export {
  ALL_CAUSES,
  causeOf,
  CAUSES,
  causesAt,
  causesSeen,
  isCleared,
  isSeen,
  type Looks,
  looksMendedBy,
  usualLags,
} from './catalogue';
export {
  type Cause,
  CAUSE_GROUPS,
  type CauseGroup,
  SETTLING_MINUTES,
  type SettlingReading,
  severityOf,
  USUAL_SIZE_SIGMA,
} from './cause';
export { coilDirtyInside, withInnerLoss } from './coilDirtyInside';
