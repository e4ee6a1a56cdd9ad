export { INK } from './ink';
export { type Drawing, drawing, el, escaped, isOurs, words } from './svg';
export { verdictMark } from './verdictMark';
