export { liftSystem, STORED_FORM } from './storedForm';
export {
  boundaryPorts,
  FILTER_PLACES,
  type FilterPlace,
  type Layout,
  LAYOUT_IDS,
  type LayoutId,
  layoutOf,
  LAYOUTS,
  PORT_IDS,
  type PortId,
  portOf,
  type PortPlan,
  type StageKind,
} from './layouts';
export {
  type CoolingFacts,
  type HeatingFacts,
  type LowStage,
  type MotorFacts,
  onTap,
  type Section,
  type System,
} from './system';
export { scaled, STAGE_WORDS, stageDropAt, sectionsOf, withStage } from './stages';
export { EQUIPMENT, EQUIPMENT_IDS, type EquipmentFacts, type EquipmentId, isHeatPump } from './equipment';
