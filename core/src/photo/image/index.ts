export { cleaned } from './cleaned';
export { blankImage, cropped, type GrayImage, type PixelBox, type Point, resized, toGray, turned } from './grayImage';
export { flattened, inkFacts, inkOnly, sharpened } from './ink';
export { withoutLines } from './lines';
export { fansOf, leveled } from './level';
export { findSheet } from './sheet';
export { type Corners, straightened, wholeSheet } from './straighten';
