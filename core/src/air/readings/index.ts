export { nextReading } from './nextReading';
export { type Plausibility, plausibleStatic, STATIC_LIMIT_IN_WC } from './plausibility';
export {
  type Conditions,
  countedPressures,
  type NotCounted,
  type PressureReading,
  type ReadingStanding,
  signedStaticInWc,
  standingOf,
} from './pressureReading';
export { type Taken, takenMs } from './takenMs';
