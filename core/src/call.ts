/**
 * The rest of the call: from the complaint to power, heat, the refrigerant side and building air. An entry of its own: its stations load when they
 * are opened.
 */
export { type BuildingNet, netBuilding, outdoorAirShare } from './building';
export { BUILDING_POINTS } from './building/points';
export { assessCall, type CallAssessment, type CallFacts, type Circuit } from './call/assessCall';
export { checksOf, laddersOf } from './call/callFacts';
export {
  type Check,
  CHECK_POINTS,
  checkFault,
  checkPoint,
  type CheckContext,
  checkQuestion,
  type CheckOutcome,
  type CheckPoint,
  checkText,
  outcomeOf,
  standingChecks,
} from './checks';
export {
  CALL_CAUTIONS,
  type CallCaution,
  type Complaint,
  complaintOf,
  COMPLAINTS,
  type FirstStep,
  ROUTE_STATIONS,
  type RouteStation,
} from './complaint';
export { breakerAmps, elementWatts, gasFurnace, heatKit, type HeatSequence } from './heat';
export {
  assessPower,
  type Lane,
  type NextTest,
  nextTests,
  type PointStand,
  type PowerAssessment,
  type PowerCause,
  POWER_CAUSES,
  POWER_SCHEMES,
  powerContext,
  type PowerScheme,
  schemeFor,
  SECTION_ORDER,
  suspects,
} from './power';
export { AFTER_MOTOR_POINTS } from './power/afterMotor';
export { testsUntilFound } from './power/practice';
export {
  BURNS,
  coldWeatherFindings,
  fanCyclingPsig,
  type GapId,
  type GateLine,
  type Ladder,
  type LadderGap,
  type MarkId,
  type Patterns,
  rankPatterns,
  readLadder,
  REFRIGERANTS,
  THAW_MINUTES,
} from './refrigerant';
export { LADDER_FORM } from './refrigerant/ladderForm';
export { TRIAGE_AREAS, type TriageArea, type TriageItem, type TriageOutcome, triageSum } from './triage/triage';
export { UPKEEP_POINTS } from './upkeep/points';
