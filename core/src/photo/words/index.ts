export { blankFault, nothingFound, type PhotoKind } from './nothingFound';
export {
  linesOf,
  median,
  middleOf,
  pgmHead,
  wordsOf,
  type ReadHow,
  type ReadWord,
  type TextEngine,
  type TextLine,
} from './words';
