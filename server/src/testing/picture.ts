import { encode } from 'jpeg-js';

/** A small picture of one grey, as a phone would send it. */
export function jpegOf(grey: number, side = 64): string {
  return encode({ width: side, height: side, data: Buffer.alloc(side * side * 4, grey) }, 60).data.toString('base64');
}
