export { CabinetDrawing, type CabinetPart } from './CabinetDrawing';
