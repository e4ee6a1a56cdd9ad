/**
 * What other packages may use of core, name by name. What weighs and proves fixes is `@huff/core/fix`, the Bench `@huff/core/calculators`:
 * entries of their own, loaded later.
 */
export { type Advice, advise, speedName, type SpeedOutcome } from '../fix/advise';
export { moistAir } from '../air/moistAir';
export { flowFromDrop } from '../air/coil';
export { checkFault, checkPoint } from '../call/points';
export type { Complaint, RouteStation } from '../call/complaint';
export { complaintOf } from '../call/complaint/complaints';
export { type BeltDrive, driveState, pitchAt, readBeltMark, type Sheave, wrapDeg } from '../air/drive';
export { type DriveParts, NO_PARTS } from '../fix/driveBench/parts';
export { type EnergyRules, USUAL_HOURS, yearlyEnergy } from '../air/energy';
export {
  BELT_DRIVE_FORM,
  beltDriveFaults,
  beltDriveInputs,
  beltDriveOf,
  MOTOR_PLATE_FORM,
  PLATE_FORM,
  plateFaults,
  motorPlateOf,
  SPEEDS_FORM,
  speedsOf,
} from '../call/equipment';
export {
  AS_FOUND,
  type BlowerTable,
  type CurveRun,
  curveSpread,
  type CurveSpread,
  curveWords,
  type Fan,
  fanRpm,
  fanRuns,
  fanSpeeds,
  flowAt,
  hasSpeed,
  lagFactors,
  MOTOR_KINDS,
  type MotorKind,
  rpmFaults,
  type RpmFigures,
  type TableFault,
  roundRpmRows,
  tableFaults,
  tableQuestions,
  type CellQuestion,
  type TypedGrid,
  tapRow,
  usualCurveFault,
  usualPerhaps,
} from '../air/fan';
export { FILTER_MEDIA, FILTER_MEDIA_IDS, type FilterMediaId } from '../air/filter';
export { type FlowEstimate, reconcile, type ReconciledFlow, FLOW_METHOD_IDS, type FlowMethodId } from '../air/flow';
export {
  CLIMATES,
  type Climate,
  DEFAULT_RULES,
  type JudgedSection,
  type PointSigma,
  RULES_FORM,
  type RuleId,
  type Rules,
  rulesOf,
  type ShopRules,
  shopRulesFaults,
  type Target,
  targetFor,
  targetPerTon,
  targetPerTonSource,
  type UnitFacts,
  USUAL_RULES,
  wordOnTarget,
} from '../judge/verdicts';
export { type Unit, type Verdict, type VerdictWord, wordUnder } from '../base/verdict';
export { CALL_ODDS_FORM } from '../call/power/oddsForm';
export { AIR_ODDS_FORM, ODDS_FORM, oddsFaults, usualOdds } from '../shop/odds';
export { readCode } from '../practice/cases/caseCode';
export { SKILLS, type Skill } from '../practice/cases/kinds';
export { NEEDED_HOURS } from '../shop/roof/neededHours';
export { HAND_OVER_FORM, handOverFaults, isDay, MAIL_ADDRESS } from '../call/wrapUp/handOverForm';
export { SHOP_CARD_FORM, type ShopCard } from '../shop/card';
export { PART_FORM, partFaults } from '../shop/stock/partForm';
export { LADDER_FORM } from '../call/refrigerant/ladderForm';
export { CHARGE_WORK_FORM, chargeWorkFaults } from '../call/refrigerant/chargeWork';
export { OWN_FINDING_FORM, ownFindingFaults } from '../call/finding';
export { type Finding, LOOK_ITEMS, lookItem, type LookItem, tonsInModel } from '../judge/look';
export { predict, type Prediction, QUIET_DUCT_FPM, wearWarnings } from '../fix/model';
export {
  applyMoves,
  type CautionId,
  type ChosenMove,
  driveInputs,
  effortOf,
  flowNow,
  type Move,
  type MoveFigures,
  moveOf,
  MOVES,
} from '../fix/moves';
export type { Source, Sourced } from '../base/numbers/source';
export { crossing, crossingOf, operate, resistancesOf } from '../air/operate';
export { dropAt, merged, pathDropAt, type Resistance, resistanceFromPoint } from '../air/path';
export { assessAfter } from '../visit/verify/assessAfter';
export {
  type AfterPlan,
  currentPart,
  type DecidedPlan,
  intoWhole,
  type PartedVisit,
  partVisit,
  standingPlan,
} from '../visit/verify/partVisit';
export { cautionsOf, moveWords, type PlanRecord, planRecordFault, promiseOf } from '../visit/verify/planRecord';
export {
  type Conditions,
  type NotCounted,
  type Plausibility,
  plausibleStatic,
  type PressureReading,
  signedStaticInWc,
  STATIC_LIMIT_IN_WC,
  takenMs,
} from '../air/readings';
export { TOTAL_STATIC_POINT } from '../call/checks';
export {
  liftSystem,
  STORED_FORM,
  boundaryPorts,
  EQUIPMENT,
  EQUIPMENT_IDS,
  type EquipmentFacts,
  type EquipmentId,
  FILTER_PLACES,
  type FilterPlace,
  type Layout,
  LAYOUT_IDS,
  type LayoutId,
  layoutOf,
  LAYOUTS,
  onTap,
  PORT_IDS,
  type PortId,
  portOf,
  type PortPlan,
  type StageKind,
  type Section,
  type System,
} from '../air/system';
export {
  type FieldError,
  type FieldSet,
  inputFaults,
  type RawInputs,
  solveTool,
  soundInputs,
  type Tool,
  type ListField,
  type NumberField,
  type ToolUnit,
  toolUnitText,
  type ToolField,
  type ToolFields,
  toolFigure,
  type ToolOutcome,
  toolText,
} from '../base/forms';
export { RETURN_DEW_POINT } from '../calculators/temperature';
export { toolOf } from '../calculators/catalogue';
export { traverseDuct } from '../calculators/airflow';
export { type Duct, tapeText, traversePlan, type TraversePlan } from '../air/traverse';
export {
  assessVisit,
  blowerHeatWatts,
  FILTER_TELLS,
  filterOutPressures,
  MOTOR_METHOD,
  type NextMeasure,
  PROVEN_METHOD,
  totalStaticOf,
  TABLE_METHOD,
  USUAL_METHOD,
  JUDGEMENT_VERSION,
  type VisitAssessment,
  type VisitFacts,
} from '../visit/assess';
export { type Fact, type FactKind, standingFacts, unreplaced, VISIT_ONLY_FACTS } from '../call/facts';
export {
  currentMeasures,
  keepFigures,
  keptText,
  type KeptText,
  type Quantity,
  readKept,
  cutText,
  flowText,
  flowWords,
  fromShown,
  lineFault,
  type Measures,
  measuresOf,
  measuresText,
  oddsText,
  PA_PER_IN_WC,
  percentText,
  plainText,
  ruleText,
  inSentence,
  sentenceCase,
  ended,
  setMeasures,
  SI_MEASURES,
  shownText,
  shownUnit,
  shownWords,
  staticText,
  staticWords,
  tonsText,
  toShown,
  unitText,
  US_MEASURES,
  turnsOpenText,
  turnsText,
  withMeasures,
} from '../base/words';
export { SOURCE_TEXT, VERDICT_TEXT, valueText } from '../base/verdict/verdictWords';
export { stagesText } from '../air/system/stageNames';
export { MOTOR_TEXT } from '../air/fan/motorText';
export { type PlaceId, PLACES } from '../instruments/live/places';
export { TRACE_FORM } from '../instruments/trace/traceForm';
