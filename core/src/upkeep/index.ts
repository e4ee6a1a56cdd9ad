export { UPKEEP_DONE } from './done';
export { bringList, partsWanted, type UnitParts } from './bring';
export { EQUIPMENT_KINDS, type EquipmentKind, equipmentOf, upkeepRoute } from './equipment';
export { type IntoShape, intoShape, VISIT_MINUTES } from './intoShape';
export { UPKEEP_POINTS } from './points';
