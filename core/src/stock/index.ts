export { loadList, type LoadLine, type SiteNeed } from './loadList';
export { PART_FORM, partFaults, partsUsed, type PartUsed } from './partForm';
export { filterSize, partText, type PartSought } from './partSought';
export {
  fits,
  leftOf,
  PART_KINDS,
  type PartKind,
  type PartTaken,
  type StockCount,
  type StockedPart,
} from './stockedPart';
