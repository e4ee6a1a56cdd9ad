export {
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
export { type Cause, SETTLING_MINUTES, type SettlingReading, severityOf, USUAL_SIZE_SIGMA } from './cause';
export { coilDirtyInside, withInnerLoss } from './coilDirtyInside';
