export { applyMoves, type ChosenMove, effortOf, type MoveFigures } from './applyMoves';
export { moveOf, MOVES } from './catalogue';
export { dueMoves, looksSettledBy } from './due';
export type { CautionId } from './cautions';
export type { Move, MoveContext } from './move';
export { driveInputs, onDrive } from './setDrive';
export { flowNow } from './filterMedia';
