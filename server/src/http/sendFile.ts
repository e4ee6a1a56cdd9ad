import type { Response } from 'express';

/** A name that any disk takes. */
export const fileName = (words: string): string =>
  words
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'huff';

/** Sends a file by its name; shown in the browser, kept under its name when saved. */
export function sendFile(res: Response, type: string, name: string, bytes: Uint8Array | string): void {
  const ascii = name.replace(/[^\x20-\x7e]/g, '_').replace(/"/g, '');
  res
    .type(type)
    .set('Content-Disposition', `inline; filename="${ascii}"; filename*=UTF-8''${encodeURIComponent(name)}`)
    .set('Cache-Control', 'private, no-cache')
    .send(typeof bytes === 'string' ? bytes : Buffer.from(bytes));
}
