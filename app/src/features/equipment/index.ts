export { EquipmentView } from './EquipmentView';
