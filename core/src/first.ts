/**
 * What the first screen needs: units, words, names of fields. It must not reach what judges a visit, which is downloaded with the other
 * pages.
 */
export { SHOP_CARD_FORM } from './shop';
export { PLATE_FORM } from './equipment/plateForm';
export { RULES_FORM, rulesOf } from './judge/shopRules';
export type { Rules, VerdictWord } from './judge';
export { ODDS_FORM } from './power/oddsForm';
export { takenMs } from './readings/takenMs';
export { flowText, flowWords, setMeasures, staticWords, tonsText, unitText, US_MEASURES, type Measures } from './words';
export { MOTOR_TEXT } from './words/motorText';
export { VERDICT_TEXT } from './words/verdictWords';
