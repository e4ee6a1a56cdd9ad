/**
 * The rest of the call: from the complaint to power, heat, the refrigerant side and building air. An entry of its own: its stations load when they
 * are opened.
 */
export { type BuildingNet, netBuilding, outdoorAirShare } from '../call/building';
export { BUILDING_POINTS } from '../call/building/points';
export { assessCall, type CallAssessment } from '../call/assess/assessCall';
export { handedOver, laddersOf } from '../call/assess/callFacts';
export { checksOf, type Outcome, OUTCOME_FORM, unreplaced } from '../call/facts';
export type { CallFacts } from '../call/assess/callInput';
export type { Circuit } from '../call/assess/circuits';
export type { CallLine } from '../call/assess/triageOf';
export {
  type Check,
  type CheckContext,
  type CheckOutcome,
  type CheckPoint,
  POWER_STATES,
  type PowerState,
} from '../call/checks';
export {
  CHECK_POINTS,
  checkFault,
  checkPoint,
  checkQuestion,
  checkText,
  outcomeOf,
  type PointStep,
  standingChecks,
  STEP_POINTS,
  stepOfPoint,
} from '../call/points';
export {
  CALL_CAUTIONS,
  type CallCaution,
  type Complaint,
  type FirstStep,
  ROUTE_STATIONS,
  type RouteStation,
} from '../call/complaint';
export { complaintOf, COMPLAINTS } from '../call/complaint/complaints';
export {
  type CarriedItem,
  type KeptItem,
  keptItem,
  readItem,
  HAND_OVER_FORM,
  type HandOver,
  handOverFaults,
  handOverOf,
  isDay,
  SIGNATURE_SIDE,
  signatureFault,
  signaturePath,
  signatureText,
  type Strokes,
  strokesOf,
} from '../call/wrapUp';
export {
  breakerAmps,
  elementWatts,
  gasFurnace,
  heatKit,
  type HeatSequence,
  KIT_CIRCUITS,
  kitReading,
  type KitReading,
} from '../call/heat';
export { HEAT_PUMP_POINTS } from '../call/heat/heatPumpPoints';
export { KIT_POINTS } from '../call/heat/kitPoints';
export {
  assessPower,
  type NextTest,
  nextTests,
  type PointStand,
  type PowerAssessment,
  POWER_CAUSES,
  powerContext,
  SECTION_ORDER,
  suspects,
} from '../call/power';
export type { Lane, PowerCause, PowerScheme } from '../call/electrical';
export { POWER_SCHEMES, schemeFor } from '../call/power/schemes';
export { AFTER_MOTOR_POINTS } from '../call/electrical/afterMotor';
export { AMPS_POINTS } from '../call/electrical/ampsPoints';
export { testsUntilFound } from '../call/power/practice';
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
} from '../call/refrigerant';
export { LADDER_FORM } from '../call/refrigerant/ladderForm';
export {
  CHARGE_WORK_FORM,
  type ChargeWork,
  chargeWorkFaults,
  chargeWorks,
  chargeWorkWords,
  type KeptChargeWork,
  netOunces,
} from '../call/refrigerant/chargeWork';
export {
  OWN_FINDING_FORM,
  type OwnFinding,
  ownFindingFaults,
  ownFindingItem,
  ownFindings,
  REPLACE_REASONS,
  replaceFinding,
  type ReplaceReason,
} from '../call/finding';
export { type Concern, CONCERNS } from '../call/triage/concern';
export { TRIAGE_AREAS, type TriageArea } from '../call/triage/effort';
export {
  effortWords,
  OUTCOME_TEXT,
  TRIAGE_OUTCOMES,
  type TriageItem,
  type TriageOutcome,
  triageSum,
} from '../call/triage/triage';
export {
  leftOf,
  loadList,
  type LoadLine,
  PART_FORM,
  PART_KINDS,
  type PartKind,
  type PartSought,
  partsUsed,
  type PartTaken,
  type PartUsed,
  type SiteNeed,
  type StockCount,
  type StockedPart,
  bringList,
  partsWanted,
  type UnitParts,
} from '../shop/stock';
export { EQUIPMENT_KINDS, equipmentOf, intoShape, UPKEEP_DONE, UPKEEP_POINTS, upkeepRoute } from '../call/maintenance';
export {
  type FiguresAt,
  figuresOf,
  type FilterReading,
  filterTrend,
  type FilterTrend,
  trendSeries,
  type TrendSeries,
  unitFilterTrend,
  type VisitFigures,
} from '../shop/trend';
export {
  hoursNow,
  type HoursNow,
  marksOf,
  orderOfWork,
  ROOF_COLUMNS,
  type RoofColumn,
  type RoofMarks,
  type RoofUnitFound,
  type RoofUnitParts,
  type RoofWork,
  sparesFor,
  type TakeUp,
  takeUp,
  typedHours,
  roofCaution,
  roofEntries,
  type RoofEntry,
} from '../shop/roof';
