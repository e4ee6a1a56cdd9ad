export { UPKEEP_DONE } from './done';
export { EQUIPMENT_KINDS, equipmentOf, upkeepRoute } from './equipment';
export { intoShape } from './intoShape';
export { UPKEEP_POINTS } from './points';
