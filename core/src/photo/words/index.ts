export { linesOf, median, middleOf, type ReadHow, type ReadWord, type TextEngine, type TextLine } from './words';
