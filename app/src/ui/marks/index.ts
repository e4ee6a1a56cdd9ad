export { VerdictMark } from './VerdictMark';
export { VERDICT_TEXT } from '@huff/core/first';
