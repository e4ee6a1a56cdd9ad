export * from './claim';
export type { ConditionChange } from './conditions';
export type { FlowAfter } from './flowAfter';
export * from './partVisit';
export * from './planRecord';
export * from './proof';
export * from './untouched';
