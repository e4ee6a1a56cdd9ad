export { type BackupState } from './backupState';
export { type FormId, knownFor, knownInputsFor, type KnownFigure, SAME_FIGURE } from './sameFigure';
export { BlowerTableDto, RpmFiguresDto, TableConditionsDto, TableFiguresDto, TapRowDto } from './blowerTable';
export { check, type Checked } from './check';
export { isUnnamed, namedByComplaint, ownersTitle, QUICK_CHECK, quickCheckTitle } from './checkName';
export { type ErasedCounts, EraseRequestDto } from './erase';
export { FactDto } from './fact';
export { FACT_KINDS, factName, factOf, knownInputs } from './facts';
export { fromNumberText, UnitSetup } from './forms';
export { between, LIMITS } from './limits';
export { notedAt } from './noted';
export { PHOTO_ITEMS, PhotoDto, photoItemOfFinding, UNIT_PHOTO_ITEMS } from './photo';
export {
  assess,
  type Assessment,
  currentPart,
  type DecidedPlan,
  intoWhole,
  type JudgedVisit,
  type PartedVisit,
  partVisit,
  standingPlan,
} from './plan';
export {
  type EntryCode,
  EntryCodeDto,
  may,
  PassphraseDto,
  type Permission,
  type Person,
  PersonDto,
  type Role,
  ROLES,
  type SessionState,
  type SignedInDevice,
  SignInDto,
} from './people';
export { PortPlaceDto } from './portPlace';
export { type FieldError, type Problem, PROBLEM_MEDIA_TYPE } from './problem';
export { ConditionsDto, ReadingDto } from './reading';
export { FilterSetDto, ProvenPointDto, SetupDto, UNSAID, type Unsaid } from './setup';
export { SiteDto } from './site';
export { DrillDto } from './drill';
export { Day, StopDto } from './stop';
export { type ProvenUnit, UnitDto, UnitFactsDto } from './unit';
export { VisitDto, VisitHeadDto, VisitTableDto } from './visit';
export { equipmentOfVisit, pressureReading, unitFacts, visitFacts, visitRules } from './visitFacts';
export { summaryOf } from './visitSummary';
export type { DueItem } from './due';
export type { KnownMark, RoofSheet } from './roofSheet';
export { BUNDLE_VERSION, type Bundle, type BundleReport } from './bundle';
