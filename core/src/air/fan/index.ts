export { tableFaults } from './blowerTable';
export {
  curveWords,
  type Fan,
  type FanLag,
  fanRpm,
  fanRuns,
  fanSpeeds,
  flowAt,
  hasSpeed,
  lagFactors,
  readFan,
  speedSigma,
  staticAt,
} from './fan';
export { type CurveRun, END_TOLERANCE_IN_WC, flowAtStatic, flowBetween, offTable, type OffTable } from './fanCurve';
export { MOTOR_KINDS, type MotorKind } from './motorKind';
export { bhpAt, roundRpmRows, rpmFaults, tapRow } from './rpmFigures';
export type { BlowerTable, RpmFigures, TableFault } from './tableShape';
export {
  AS_FOUND,
  BEYOND_SLOPE_SIGMA,
  isBeyondUsual,
  SLOPE_SIGMA,
  usualCurveFault,
  usualPerhaps,
  withSecondPoint,
} from './usualCurve';
export { curveSpread, type CurveSpread } from './spread';
export { type CellQuestion, tableQuestions, type TypedGrid } from './tablePattern';
