/** Reading a photo: its picture made straight, a blower table and a nameplate found in its words. Loaded with its own sheet. */
export {
  type Corners,
  cropped,
  findSheet,
  type GrayImage,
  type PixelBox,
  type Point,
  straightened,
  toGray,
  turned,
  wholeSheet,
} from '../photo/image';
export { type PlateFieldId, type PlateReading, readPlate } from '../photo/nameplate';
export { LEFT_OUT_MARK, type PhotoTable, readTables, type ReadStage, quartersToUpright } from '../photo/table';
export {
  blankFault,
  nothingFound,
  type PhotoKind,
  pgmHead,
  type ReadHow,
  type ReadWord,
  type TextEngine,
  wordsOf,
} from '../photo/words';
