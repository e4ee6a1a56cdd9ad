export * from './applyMoves';
export * from './catalogue';
export type { CautionId } from './cautions';
export * from './move';
export { driveInputs, onDrive } from './setDrive';
export { flowNow } from './filterMedia';
export { stageDropAt } from './stages';
