export { type DrawnGap, type DrawnMark, planLadder } from './ladderGeometry';
export { drawnGaps, drawnMarks, fieldOfMark } from './ladderMarks';
