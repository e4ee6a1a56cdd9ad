export { caseCode, type CodedCase, MOST_SEED, readCode } from './caseCode';
export { causesOfCase, hasFix } from './causesOfCase';
export { type CaseFault, drawCase, type HoseSlip, type PracticeCase } from './drawCase';
export { DRILL_KINDS, DRILL_PLANS, type DrillKind, type Level, LEVELS, type Skill, SKILLS, isDrillKind } from './kinds';
export { lookSeen, type Sight, SIGHT_ITEMS, statesOfSight } from './lookSeen';
export { newCase } from './newCase';
export {
  AS_FOUND_RUNNING,
  CASE_METERING,
  CASE_MICROFARADS,
  CASE_PLATE_AMPS,
  CASE_REFRIGERANT,
  CASE_VOLTS,
  faultsLeft,
  realUnit,
  type RealUnit,
  type UnitCondition,
} from './realUnit';
export { type CaseRequest, rated, requestWith, singlesAnswer, wholeAnswer } from './solvable';
