/** A picture in gray: one byte a pixel, row by row, 0 black to 255 white. */
export interface GrayImage {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array;
}

/** A place in a picture, px from its top left. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** An upright rectangle in a picture, px. */
export interface PixelBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** An all-white picture. @throws RangeError for a side that is no positive whole number */
export function blankImage(width: number, height: number): GrayImage {
  if (!Number.isInteger(width) || !Number.isInteger(height) || width < 1 || height < 1)
    throw new RangeError('A picture is at least one pixel wide and high.');
  return { width, height, data: new Uint8Array(width * height).fill(255) };
}

/**
 * The gray of a color picture, by the luma of Rec. 601.
 *
 * @param rgba four bytes a pixel
 * @example toGray({ width: 1, height: 1, rgba: [255, 0, 0, 255] }).data // [76]
 */
export function toGray(width: number, height: number, rgba: ArrayLike<number>): GrayImage {
  const data = new Uint8Array(width * height);
  for (let i = 0, j = 0; i < data.length; i += 1, j += 4)
    data[i] = (rgba[j]! * 299 + rgba[j + 1]! * 587 + rgba[j + 2]! * 114) / 1000;
  return { width, height, data };
}

/** A part of a picture; what is outside of it is white. */
export function cropped(image: GrayImage, box: PixelBox): GrayImage {
  const [x0, y0] = [Math.round(box.x), Math.round(box.y)];
  const part = blankImage(Math.max(1, Math.round(box.width)), Math.max(1, Math.round(box.height)));
  const from = Math.max(0, -x0);
  const to = Math.min(part.width, image.width - x0);
  for (let y = 0; y < part.height; y += 1) {
    const source = y0 + y;
    if (source < 0 || source >= image.height || to <= from) continue;
    const start = source * image.width + x0;
    part.data.set(image.data.subarray(start + from, start + to), y * part.width + from);
  }
  return part;
}

/** A picture of another size: averaged when it gets smaller, between its pixels when it gets larger. */
export function resized(image: GrayImage, width: number, height: number): GrayImage {
  const [w, h] = [Math.max(1, Math.round(width)), Math.max(1, Math.round(height))];
  if (w === image.width && h === image.height) return image;
  return w < image.width / 1.5 || h < image.height / 1.5 ? averaged(image, w, h) : between(image, w, h);
}

function averaged(image: GrayImage, w: number, h: number): GrayImage {
  const out = blankImage(w, h);
  const [sx, sy] = [image.width / w, image.height / h];
  for (let y = 0; y < h; y += 1) {
    const [top, bottom] = [Math.floor(y * sy), Math.max(Math.floor(y * sy) + 1, Math.floor((y + 1) * sy))];
    for (let x = 0; x < w; x += 1) {
      const left = Math.floor(x * sx);
      const right = Math.max(left + 1, Math.floor((x + 1) * sx));
      let sum = 0;
      let count = 0;
      for (let v = top; v < bottom && v < image.height; v += 1)
        for (let u = left; u < right && u < image.width; u += 1) {
          sum += image.data[v * image.width + u]!;
          count += 1;
        }
      out.data[y * w + x] = count === 0 ? 255 : sum / count;
    }
  }
  return out;
}

function between(image: GrayImage, w: number, h: number): GrayImage {
  const out = blankImage(w, h);
  const [sx, sy] = [image.width / w, image.height / h];
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1) out.data[y * w + x] = valueAt(image, (x + 0.5) * sx - 0.5, (y + 0.5) * sy - 0.5);
  return out;
}

/** The gray between pixels; the border goes on outside of the picture. */
export function valueAt({ width, height, data }: GrayImage, x: number, y: number): number {
  const cx = x < 0 ? 0 : x > width - 1 ? width - 1 : x;
  const cy = y < 0 ? 0 : y > height - 1 ? height - 1 : y;
  // Once for each pixel of a picture: no lists are made here.
  const x0 = cx | 0;
  const y0 = cy | 0;
  const x1 = x0 + 1 < width ? x0 + 1 : x0;
  const y1 = y0 + 1 < height ? y0 + 1 : y0;
  const fx = cx - x0;
  const fy = cy - y0;
  const top = data[y0 * width + x0]! * (1 - fx) + data[y0 * width + x1]! * fx;
  const bottom = data[y1 * width + x0]! * (1 - fx) + data[y1 * width + x1]! * fx;
  return top * (1 - fy) + bottom * fy;
}

/** Turned by quarter turns, clockwise. */
export function turned(image: GrayImage, quarters: number): GrayImage {
  const times = ((quarters % 4) + 4) % 4;
  if (times === 0) return image;
  const { width, height, data } = image;
  const out = times === 2 ? blankImage(width, height) : blankImage(height, width);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const u = times === 1 ? height - 1 - y : times === 2 ? width - 1 - x : y;
      const v = times === 1 ? x : times === 2 ? height - 1 - y : width - 1 - x;
      out.data[v * out.width + u] = data[y * width + x]!;
    }
  return out;
}
