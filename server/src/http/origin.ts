import type { Request } from 'express';
import { isLoopback, nameOf, type Served } from './servedNames';

/**
 * Under which address others open what is sent: links in mail and calendars, codes on labels. Anyone who asks under a name of the network is led back
 * there. Asked on its own computer, a server says where it is reached; one that is not says where it was asked.
 */
export function originOf(req: Request): string {
  const asked = `${req.protocol}://${req.get('host') ?? 'localhost'}`;
  const { address } = servedOf(req);
  return address !== undefined && isLoopback(nameOf(req.get('host') ?? '') ?? '') ? address : asked;
}

const SETTING = 'huff served';

/** Kept with the app, so that every route knows where it is reached. */
export const keepServed = (app: { set(name: string, value: unknown): unknown }, served: Served): void => {
  app.set(SETTING, served);
};

export const servedOf = (req: Request): Served => req.app.get(SETTING) as Served;
