import { brokenText } from '@huff/contract/sync';
import type { RequestHandler } from 'express';
import { invalid } from './problems';

/** What no address of ours holds: it can be typed nowhere, and a database refuses some of it. */
// eslint-disable-next-line no-control-regex
const UNPRINTABLE = /[\u0000-\u001f\u007f]/;

const isOdd = (text: string) => UNPRINTABLE.test(text) || brokenText(text) !== undefined;

/** Keeps out addresses with letters that cannot be printed or stored, by the name of the field they are in. */
export const printableAddress: RequestHandler = (req, _res, next) => {
  for (const [field, value] of Object.entries(req.query)) {
    const texts = [field, ...(Array.isArray(value) ? value : [value])];
    if (texts.some((text) => typeof text === 'string' && isOdd(text)))
      throw invalid([
        {
          field: isOdd(field) ? '' : field,
          message: 'The address holds a character that cannot be printed. Remove it.',
        },
      ]);
  }
  next();
};

/** Lists and records are asked for anew each time, and kept by nobody on the way. */
export const freshAnswers: RequestHandler = (_req, res, next) => {
  res.set('Cache-Control', 'private, no-cache');
  next();
};
