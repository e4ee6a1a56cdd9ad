import type { GrayImage } from './grayImage';

/** Sums over every upright rectangle in four looks (a summed-area table). */
function summed({ width, height, data }: GrayImage): Float64Array {
  const sums = new Float64Array((width + 1) * (height + 1));
  for (let y = 0; y < height; y += 1) {
    let row = 0;
    for (let x = 0; x < width; x += 1) {
      row += data[y * width + x]!;
      sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1]! + row;
    }
  }
  return sums;
}

/** The mean of a square around each pixel, given to `use`. */
function withMeans(image: GrayImage, radius: number, use: (i: number, mean: number) => void): void {
  const { width, height } = image;
  const sums = summed(image);
  const stride = width + 1;
  for (let y = 0; y < height; y += 1) {
    const [top, bottom] = [Math.max(0, y - radius), Math.min(height, y + radius + 1)];
    for (let x = 0; x < width; x += 1) {
      const left = x > radius ? x - radius : 0;
      const right = x + radius + 1 < width ? x + radius + 1 : width;
      const sum =
        sums[bottom * stride + right]! -
        sums[top * stride + right]! -
        sums[bottom * stride + left]! +
        sums[top * stride + left]!;
      use(y * width + x, sum / ((right - left) * (bottom - top)));
    }
  }
}

/** Ink is so much darker than the paper around it, as a share. (J) */
const DARKER = 0.82;

/**
 * The picture with its paper made white and its ink made dark: shade and glare change slowly over a sheet, ink does not.
 *
 * @param radius of the surroundings, px: some letters wide
 * @example a gray sheet of 120 with ink of 60 becomes white with ink near 90
 */
export function flattened(image: GrayImage, radius: number): GrayImage {
  const { width, height, data } = image;
  // The paper is what is left of the surroundings when the ink in them is passed over.
  const paper = new Uint8Array(data.length);
  withMeans(image, radius, (i, mean) => {
    const value = data[i]! < DARKER * mean ? mean : data[i]!;
    paper[i] = value > 1 ? value : 1;
  });
  const out = new Uint8Array(data.length);
  withMeans({ width, height, data: paper }, radius, (i, mean) => {
    const value = mean > 1 ? (255 * data[i]!) / mean : 255;
    out[i] = value < 255 ? value : 255;
  });
  return stretched({ width, height, data: out });
}

/** Contrast brought up to the full range: the darkest hundredth is black, what is nearly paper is white. */
function stretched({ width, height, data }: GrayImage): GrayImage {
  const counts = new Uint32Array(256);
  for (const value of data) counts[value]! += 1;
  let dark = 0;
  for (let sum = 0; dark < 200; dark += 1) {
    sum += counts[dark]!;
    if (sum > data.length / 150) break;
  }
  const out = new Uint8Array(data.length);
  const LIGHT = 235;
  const range = Math.max(20, LIGHT - dark);
  for (let i = 0; i < data.length; i += 1) {
    const value = (255 * (data[i]! - dark)) / range;
    out[i] = value < 0 ? 0 : value > 255 ? 255 : value;
  }
  return { width, height, data: out };
}

/** Black on white without grays: ink is darker than its surroundings by a share. */
export function inkOnly(image: GrayImage, radius: number, darker = DARKER): GrayImage {
  const data = new Uint8Array(image.data.length);
  withMeans(image, radius, (i, mean) => {
    data[i] = image.data[i]! < darker * mean ? 0 : 255;
  });
  return { width: image.width, height: image.height, data };
}

/** Edges brought back after blur: what differs from its surroundings differs more. */
export function sharpened(image: GrayImage, radius = 2, amount = 1): GrayImage {
  const data = new Uint8Array(image.data.length);
  withMeans(image, radius, (i, mean) => {
    data[i] = Math.min(255, Math.max(0, image.data[i]! + amount * (image.data[i]! - mean)));
  });
  return { width: image.width, height: image.height, data };
}

/** How the ink of a picture is spread: nothing of it is written on a black or an empty one. */
interface InkFacts {
  /** Share of the pixels that are ink. */
  readonly share: number;
  /** Mean gray, 0 to 255. */
  readonly mean: number;
  /** Standard deviation of gray. */
  readonly contrast: number;
}

/** What a picture is at first sight. @example inkFacts(black).mean // 0 */
export function inkFacts(image: GrayImage): InkFacts {
  const { data } = image;
  let sum = 0;
  let squares = 0;
  for (const value of data) {
    sum += value;
    squares += value * value;
  }
  const mean = sum / data.length;
  const ink = inkOnly(image, Math.max(8, Math.round(image.width / 40)));
  let dark = 0;
  for (const value of ink.data) if (value === 0) dark += 1;
  return { share: dark / data.length, mean, contrast: Math.sqrt(Math.max(0, squares / data.length - mean * mean)) };
}
