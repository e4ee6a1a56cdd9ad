export { CutOut } from './CutOut';
export { PhotoReadSheet } from './PhotoReadSheet';
export { PlateFound } from './PlateFound';
export { plateInputs, withPlateFacts } from './plateInputs';
