export { type Finding, findings, lastLooks, type Look } from './findings';
export { LOOK_ITEMS, type LookItem, lookItem } from './items';
export { tonsInModel } from './modelNumber';
