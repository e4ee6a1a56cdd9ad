import {
  blankFault,
  cropped,
  findSheet,
  nothingFound,
  quartersToUpright,
  readPlate,
  readTables,
  straightened,
  toGray,
  turned,
  wholeSheet,
  type Corners,
  type PhotoKind,
  type GrayImage,
  type PixelBox,
  type PlateReading,
  type PhotoTable,
  type ReadStage,
} from '@huff/core/photo';
import { readWords } from './textEngine';

/** The longer side of what is worked on, px: more is not read better, and 50 million pixels must not stop a phone. */
const WORK_PX = 2800;
/** The longer side of what is shown, px. */
const SHOWN_PX = 1000;
/** Around what is cut out, as a share of its height. */
const MARGIN = 0.7;

/** A photo that was opened. */
export interface OpenedPhoto {
  readonly width: number;
  readonly height: number;
  /** Of the sheet that was found, or of the whole photo. */
  readonly corners: Corners;
  readonly isSheetFound: boolean;
  readonly shown: Blob;
}

/** What was read, with why nothing was. */
export interface PhotoRead {
  readonly tables: readonly PhotoTable[];
  readonly fields: readonly PlateReading[];
  readonly nothing?: string;
}

/** The photo that is open, and the straightened picture that boxes are of. */
let photo: GrayImage | undefined;
let picture: GrayImage | undefined;

function painted(image: GrayImage): OffscreenCanvas {
  const canvas = new OffscreenCanvas(image.width, image.height);
  const pen = canvas.getContext('2d')!;
  const pixels = pen.createImageData(image.width, image.height);
  for (let i = 0, j = 0; i < image.data.length; i += 1, j += 4) {
    pixels.data[j] = pixels.data[j + 1] = pixels.data[j + 2] = image.data[i]!;
    pixels.data[j + 3] = 255;
  }
  pen.putImageData(pixels, 0, 0);
  return canvas;
}

function opened(image: GrayImage, canvas: OffscreenCanvas): Promise<OpenedPhoto> {
  const corners = findSheet(image);
  const scale = Math.min(1, SHOWN_PX / Math.max(image.width, image.height));
  const small = new OffscreenCanvas(
    Math.max(1, Math.round(image.width * scale)),
    Math.max(1, Math.round(image.height * scale)),
  );
  small.getContext('2d')!.drawImage(canvas, 0, 0, small.width, small.height);
  return small.convertToBlob({ type: 'image/jpeg', quality: 0.8 }).then((shown) => ({
    width: image.width,
    height: image.height,
    corners: corners ?? wholeSheet(image),
    isSheetFound: corners !== undefined,
    shown,
  }));
}

/** What is done with a photo off the page: opened, turned, read, cut out of. */
export const photoSteps = {
  /** Opens a photo, upright as its camera says. @throws Error for a file that is no picture */
  async open(file: Blob): Promise<OpenedPhoto> {
    const bitmap = await createImageBitmap(file);
    const scale = Math.min(1, WORK_PX / Math.max(bitmap.width, bitmap.height));
    const canvas = new OffscreenCanvas(
      Math.max(1, Math.round(bitmap.width * scale)),
      Math.max(1, Math.round(bitmap.height * scale)),
    );
    const pen = canvas.getContext('2d', { willReadFrequently: true })!;
    pen.fillStyle = '#ffffff';
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.imageSmoothingQuality = 'high';
    pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    const { data } = pen.getImageData(0, 0, canvas.width, canvas.height);
    photo = toGray(canvas.width, canvas.height, data);
    return opened(photo, canvas);
  },
  /** Turns the open photo by a quarter, clockwise. */
  async turn(): Promise<OpenedPhoto> {
    photo = turned(photo!, 1);
    return opened(photo, painted(photo));
  },
  /**
   * Reads what is between four corners.
   *
   * @param onStage told how far it has come
   * @param onFirst given the tables of the first reading, so that something can be looked at while the cells are read again
   */
  async read(
    kind: PhotoKind,
    corners: Corners,
    onStage: (stage: ReadStage | 'turned') => void,
    onFirst: (tables: readonly PhotoTable[]) => void,
  ): Promise<PhotoRead> {
    const once = async (sheet: GrayImage) => {
      if (kind === 'plate') {
        onStage('text');
        const { fields, words, picture: straight } = await readPlate(sheet, readWords);
        return { fields, words, straight, tables: [] };
      }
      const {
        tables,
        words,
        picture: straight,
      } = await readTables(sheet, readWords, onStage, (first) => onFirst(first.tables));
      return { tables, words, straight, fields: [] };
    };
    let sheet = straightened(photo!, corners, 2000);
    let result = await once(sheet);
    const isEmpty = () => result.tables.length + result.fields.length === 0;
    // Upside down digits are read as digits: nothing found is turned, however much was read.
    if (isEmpty() && blankFault(sheet) === undefined) {
      onStage('turned');
      const quarters = await quartersToUpright(sheet, readWords);
      if (quarters !== 0) {
        sheet = turned(sheet, quarters);
        result = await once(sheet);
      }
    }
    picture = result.straight;
    const { tables, fields, words } = result;
    return { tables, fields, ...(isEmpty() ? { nothing: nothingFound(picture, words, kind) } : {}) };
  },
  /** A part of what was read, with some of its surroundings. */
  async cut(box: PixelBox): Promise<Blob> {
    const margin = MARGIN * box.height;
    const around = {
      x: box.x - 3 * margin,
      y: box.y - margin,
      width: box.width + 6 * margin,
      height: box.height + 2 * margin,
    };
    return painted(cropped(picture!, around)).convertToBlob({ type: 'image/png' });
  },
};
