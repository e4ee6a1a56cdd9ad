/**
 * The spine: how changes are made, sent and laid over what the server told. Types and pure functions, without the classes that check,
 * so that the first screen stays small.
 */
export { CLOCK_WORTH_TELLING_MS, clockOffsetMs } from './clock';
export { mergedItem } from './listItem';
export { photosWith, recordWith, visitWith } from './laidOver';
export {
  type AddOperation,
  type CreateOperation,
  kindOfRecord,
  type Operation,
  orderKey,
  type PatchOperation,
} from './operation';
export {
  changedFields,
  type Fields,
  fieldsOf,
  isField,
  isListItem,
  sameValue,
  valuesOf,
  withFields,
} from './recordFields';
export {
  fieldLabel,
  fieldsOfKind,
  isRecordKind,
  RECORD_KINDS,
  RECORDS,
  searchedOf,
  SETUP_FIELDS,
  typedOf,
  UNIT_FACTS,
  type Field,
  type RecordKind,
  type RecordOf,
} from '../records';
export { splitTitle } from './splitTitle';
export {
  type Change,
  type ErasedRecord,
  type FieldConflict,
  isSyncAnswer,
  type OperationResult,
  OTHER_PERSON,
  RESTORED_DATA,
  type SameName,
  SYNC_LIMITS,
  type SyncAnswer,
  type SyncRequest,
  UNKNOWN_CURSOR,
  type VisitUpdate,
} from './sync';
export { headOf, isNoChange, visitChange, type VisitChange, withVisitChange } from './visitChange';
export { type VisitSummary } from './visitSummary';
export { type PhotoSubject, subjectOf } from '../photoSubject';
