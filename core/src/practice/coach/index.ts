export { type HintFacts, hintWords } from './hint';
export { tooEarly } from './tooEarly';
