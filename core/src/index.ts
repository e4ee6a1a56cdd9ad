/**
 * What other packages may use of core, name by name. What weighs and proves fixes is `@huff/core/fix`, the Bench `@huff/core/bench`:
 * entries of their own, loaded later.
 */
export { type Advice, advise, speedName, type SpeedOutcome } from './advise';
export { moistAir } from './air';
export { flowFromDrop } from './coil';
export { checkFault, checkPoint } from './checks';
export { type Complaint, complaintOf, type RouteStation } from './complaint';
export { type BeltDrive, driveState, pitchAt, readBeltMark, type Sheave, wrapDeg } from './drive';
export { type DriveParts, NO_PARTS } from './driveBench/parts';
export { type EnergyRules, USUAL_HOURS, yearlyEnergy } from './energy';
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
} from './equipment';
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
} from './fan';
export { FILTER_MEDIA, FILTER_MEDIA_IDS, type FilterMediaId } from './filter';
export { type FlowEstimate, reconcile, type ReconciledFlow } from './flow';
export {
  CLIMATES,
  type Climate,
  DEFAULT_RULES,
  type JudgedStretch,
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
  type Unit,
  type UnitFacts,
  type Verdict,
  USUAL_RULES,
  type VerdictWord,
  wordOnTarget,
  wordUnder,
} from './judge';
export { ODDS_FORM, oddsFaults, usualOdds } from './power/oddsForm';
export { HAND_OVER_FORM, handOverFaults, isDay, MAIL_ADDRESS } from './handover/handOverForm';
export { SHOP_CARD_FORM, type ShopCard } from './shop';
export { PART_FORM, partFaults } from './stock/partForm';
export { LADDER_FORM } from './refrigerant/ladderForm';
export { CHARGE_WORK_FORM, chargeWorkFaults } from './refrigerant/chargeWork';
export { OWN_FINDING_FORM, ownFindingFaults } from './finding';
export { type Finding, LOOK_ITEMS, lookItem, type LookItem, tonsInModel } from './look';
export { predict, type Prediction, QUIET_DUCT_FPM, wearWarnings } from './model';
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
} from './moves';
export type { Source, Sourced } from './numbers/source';
export { crossing, crossingOf, operate, resistancesOf } from './operate';
export { dropAt, merged, pathDropAt, type Resistance, resistanceFromPoint } from './path';
export { currentPart, type DecidedPlan, intoWhole, type PartedVisit, partVisit, standingPlan } from './prove/partVisit';
export { cautionsOf, moveWords, type PlanRecord, planRecordFault, promiseOf } from './prove/planRecord';
export {
  type Conditions,
  type NotCounted,
  type Plausibility,
  plausibleStatic,
  type PressureReading,
  signedStaticInWc,
  STATIC_LIMIT_IN_WC,
  takenMs,
  TOTAL_STATIC_POINT,
} from './readings';
export { liftSystem, STORED_FORM } from './stored';
export {
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
  type Stretch,
  type System,
} from './system';
export {
  type FieldError,
  type FieldSet,
  FLOW_METHOD_IDS,
  type FlowMethodId,
  inputFaults,
  type RawInputs,
  RETURN_DEW_POINT,
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
  toolOf,
  type ToolOutcome,
  toolText,
  traverseDuct,
} from './tools';
export { type Duct, tapeText, traversePlan, type TraversePlan } from './traverse';
export {
  assessVisit,
  blowerHeatWatts,
  type Fact,
  type FactKind,
  FILTER_TELLS,
  filterOutPressures,
  MOTOR_METHOD,
  type NextMeasure,
  PROVEN_METHOD,
  standingFacts,
  totalStaticOf,
  unreplaced,
  TABLE_METHOD,
  USUAL_METHOD,
  VISIT_ONLY_FACTS,
  JUDGEMENT_VERSION,
  type VisitAssessment,
  type VisitFacts,
} from './visit';
export {
  currentMeasures,
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
} from './words';
export { SOURCE_TEXT, VERDICT_TEXT, valueText } from './words/verdictWords';
export { stagesText } from './words/stageNames';
export { MOTOR_TEXT } from './words/motorText';
