import type { EntryCode } from '@huff/contract';
import { qrPath } from '@huff/paper';
import type { Request, Response } from 'express';
import { originOf, servedOf } from '../http/origin';
import type { MadeCode } from './entryCodes';

/** A phone that does not trust the shop's computer yet learns it on the way. */
function linkOf(req: Request, code: string): EntryCode['link'] {
  const { setUpAddress } = servedOf(req);
  return setUpAddress === undefined ? `${originOf(req)}/join#${code}` : `${setUpAddress}/phone#${code}`;
}

/** Tells a code with the link that a phone opens, as a code for its camera too. */
export const sendCode = (req: Request, res: Response, { code, expiresAt }: MadeCode): void => {
  const link = linkOf(req, code);
  res.json({ code, expiresAt, link, qr: qrPath(link) } satisfies EntryCode);
};
