export * from './applyMoves';
export * from './catalogue';
export * from './due';
export type { CautionId } from './cautions';
export * from './move';
export { driveInputs, onDrive } from './setDrive';
export { flowNow } from './filterMedia';
