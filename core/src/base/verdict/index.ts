export { type Unit, type Verdict, type VerdictWord, wordUnder } from './verdict';
