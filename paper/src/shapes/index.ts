export { type DrawStyle, ON_PAPER, ON_SCREEN } from './drawStyle';
export { INK } from './inks';
export { polyline, short } from './pathData';
export { circle, type Clip, type Drawing, type Inks, line, path, rect, type Role, type Shape, text } from './shape';
export { verdictMark } from './verdictMark';
