export {
  ended,
  flowText,
  flowWords,
  inSentence,
  oddsText,
  percentText,
  sentenceCase,
  shownText,
  shownWords,
  staticText,
  staticWords,
  tonsText,
  unitText,
} from './figures';
export {
  currentMeasures,
  fromShown,
  isQuantity,
  type Measures,
  measuresOf,
  measuresText,
  PA_PER_IN_WC,
  setMeasures,
  shownUnit,
  SI_MEASURES,
  toShown,
  US_MEASURES,
  withMeasures,
} from './measures';
export { cutText, lineFault, plainText } from './plainText';
export { ruleText, turnsOpenText, turnsText } from './shopFloor';
