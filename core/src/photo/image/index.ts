export { blankImage, cropped, type GrayImage, type PixelBox, type Point, resized, toGray, turned } from './grayImage';
export { flattened, inkFacts, inkOnly, sharpened } from './ink';
export { withoutLines } from './lines';
export { type Corners, fansOf, findSheet, leveled, straightened, wholeSheet } from './straighten';
