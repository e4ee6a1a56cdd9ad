export { airSideCapacity, COIL_CFM_PER_TON, flowFromDrop, predictCoil } from './coilModel';
export { freezingRisk } from './freezing';
