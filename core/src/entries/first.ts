/**
 * What the first screen needs: units, words, names of fields. It must not reach what judges a visit, which is downloaded with the other
 * pages.
 */
export { SHOP_CARD_FORM } from '../shop/card';
export { PLATE_FORM } from '../call/equipment/plateForm';
export { RULES_FORM, rulesOf } from '../judge/verdicts/shopRules';
export type { Rules } from '../judge/verdicts';
export type { VerdictWord } from '../base/verdict';
export { CALL_ODDS_FORM } from '../call/power/oddsForm';
export { takenMs } from '../air/readings/takenMs';
export {
  flowText,
  flowWords,
  type KeptText,
  readKept,
  setMeasures,
  staticWords,
  tonsText,
  unitText,
  US_MEASURES,
  type Measures,
} from '../base/words';
export { MOTOR_TEXT } from '../air/fan/motorText';
export { VERDICT_TEXT } from '../base/verdict/verdictWords';
