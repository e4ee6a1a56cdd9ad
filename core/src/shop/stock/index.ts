export { loadList, type LoadLine, type SiteNeed } from './loadList';
export { PART_FORM, partsUsed, type PartUsed } from './partForm';
export { partText, type PartSought } from './partSought';
export { leftOf, PART_KINDS, type PartKind, type PartTaken, type StockCount, type StockedPart } from './stockedPart';
export { bringList, partsWanted, type UnitParts } from './bring';
