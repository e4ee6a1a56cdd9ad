/**
 * The rest of the call: from the complaint to power, heat, the refrigerant side and building air. An entry of its own: its stations load when they
 * are opened.
 */
export { type BuildingNet, netBuilding, outdoorAirShare } from './building';
export { BUILDING_POINTS } from './building/points';
export { assessCall, type CallAssessment } from './call/assessCall';
export { handedOver, laddersOf } from './call/callFacts';
export { checksOf, unreplaced } from './visit/facts';
export type { CallFacts } from './call/callInput';
export type { Circuit } from './call/circuits';
export type { CallLine } from './call/triageOf';
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
  type PointStep,
  POWER_STATES,
  type PowerState,
  standingChecks,
  STEP_POINTS,
  stepOfPoint,
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
export {
  type CarriedItem,
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
} from './handover';
export {
  breakerAmps,
  elementWatts,
  gasFurnace,
  heatKit,
  type HeatSequence,
  KIT_CIRCUITS,
  kitReading,
  type KitReading,
} from './heat';
export { HEAT_PUMP_POINTS } from './heat/heatPumpPoints';
export { KIT_POINTS } from './heat/kitPoints';
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
export { AMPS_POINTS } from './power/ampsPoints';
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
export {
  CHARGE_WORK_FORM,
  type ChargeWork,
  chargeWorkFaults,
  chargeWorks,
  chargeWorkWords,
  type KeptChargeWork,
  netOunces,
} from './refrigerant/chargeWork';
export {
  OWN_FINDING_FORM,
  type OwnFinding,
  ownFindingFaults,
  ownFindings,
  REPLACE_REASONS,
  replaceFinding,
  type ReplaceReason,
} from './finding';
export { type Concern, CONCERNS } from './triage/concern';
export { TRIAGE_AREAS, type TriageArea } from './triage/effort';
export {
  effortWords,
  OUTCOME_TEXT,
  TRIAGE_OUTCOMES,
  type TriageItem,
  type TriageOutcome,
  triageSum,
} from './triage/triage';
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
} from './stock';
export {
  bringList,
  EQUIPMENT_KINDS,
  equipmentOf,
  intoShape,
  partsWanted,
  UPKEEP_DONE,
  UPKEEP_POINTS,
  upkeepRoute,
  type UnitParts,
} from './upkeep';
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
} from './trend';
export {
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
  roofCaution,
  roofEntries,
  type RoofEntry,
} from './roof';
