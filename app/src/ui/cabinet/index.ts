export { CabinetDrawing, type CabinetPart } from './CabinetDrawing';
export { HoseReadout } from './HoseReadout';
