export {
  ended,
  flowText,
  flowWords,
  inSentence,
  keptText,
  oddsText,
  percentText,
  readKept,
  sentenceCase,
  shownText,
  shownWords,
  staticText,
  staticWords,
  tonsText,
  unitText,
} from './figures';
export { keepFigures, type KeptText } from './keptText';
export {
  currentMeasures,
  fromShown,
  isQuantity,
  type Measures,
  measuresOf,
  measuresText,
  PA_PER_IN_WC,
  type Quantity,
  setMeasures,
  shownUnit,
  SI_MEASURES,
  toShown,
  US_MEASURES,
  withMeasures,
} from './measures';
export { cutText, lineFault, plainText } from './plainText';
export { ruleText, turnsOpenText, turnsText } from './shopFloor';
