export { drawnGaps, drawnMarks, fieldOfMark } from './ladderMarks';
export type { DrawnGap, DrawnMark } from './ladderGeometry';
export { degrees, ladderShapes } from './ladderShapes';
