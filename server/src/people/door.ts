import { may, type Permission } from '@huff/contract';
import { parseCookie } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import type { IncomingMessage } from 'node:http';
import type { Db } from '../db/db';
import { acrossShops } from '../db/shopFence';
import { authorOf, DEMO_AUTHOR, supplyAuthor, type Author } from '../http/author';
import { ProblemError } from '../http/problems';
import { isLoopback, nameOf } from '../http/servedNames';
import { sessionOf } from './sessions';
import type { SignInWatch } from './signInWatch';

/** With HTTPS the browser keeps it for this address alone, and sends it nowhere else. */
const cookieName = (req: Request) => (req.secure ? '__Host-huff' : 'huff-session');
const COOKIE_DAYS = 180;

const cookieOptions = (req: Request) => ({ httpOnly: true, sameSite: 'lax', secure: req.secure, path: '/' }) as const;

export const tokenOf = (req: Request): string | undefined => parseCookie(req.headers.cookie ?? '')[cookieName(req)];

export const giveToken = (req: Request, res: Response, token: string): void => {
  res.cookie(cookieName(req), token, { ...cookieOptions(req), maxAge: COOKIE_DAYS * 86_400_000 });
};

export const clearToken = (req: Request, res: Response): void => {
  res.clearCookie(cookieName(req), cookieOptions(req));
};

/** What a proxy adds: behind one, everybody seems to sit at this computer. */
const FROM_PROXY = ['forwarded', 'x-forwarded-for', 'x-forwarded-host', 'x-real-ip', 'via'];

/** Whether the person who asks sits at this computer. */
export const isHere = (req: Pick<IncomingMessage, 'headers' | 'socket'>): boolean =>
  isLoopback(req.socket.remoteAddress ?? '') &&
  isLoopback(nameOf(req.headers.host ?? '') ?? '') &&
  !FROM_PROXY.some((header) => req.headers[header] !== undefined);

/** Who asks, and whether that is known from a session or from sitting at the computer alone. */
export interface Asker {
  readonly author: Author;
  readonly isAtComputer: boolean;
}

/** Who asks; undefined where that has to be said first. */
export function askerOf(db: Db, signIn: SignInWatch, req: Request): Promise<Asker | undefined> {
  return acrossShops(async () => {
    const token = tokenOf(req);
    const known = token === undefined ? undefined : await sessionOf(db.query, token);
    if (known) return { author: known, isAtComputer: false };
    return isHere(req) && !(await signIn.isOn()) ? { author: DEMO_AUTHOR, isAtComputer: true } : undefined;
  });
}

const notSignedIn = () =>
  new ProblemError(401, 'Not signed in', 'Sign in first. Nothing on this device is lost, and all of it is sent then.');

/** Lets in anyone who is known, with shop and role. */
export const knownOnly =
  (db: Db, signIn: SignInWatch): RequestHandler =>
  async (req, res, next) => {
    const asker = await askerOf(db, signIn, req);
    if (!asker) throw notSignedIn();
    await supplyAuthor(asker.author)(req, res, next);
  };

const roleMayNot = (what: string) =>
  new ProblemError(403, 'Not allowed', `Your role does not let you ${what}. Ask the owner of the shop.`);

const WORDS: Readonly<Record<Permission, string>> = {
  settings: 'change settings and blower tables',
  data: 'export, import or back up everything',
  people: 'change who comes in',
  erase: 'erase a customer',
};

/** @throws ProblemError 403 */
export function ensureMay(author: Author, what: Permission): void {
  if (!may(author.role, what)) throw roleMayNot(WORDS[what]);
}

/** Lets in those whose role allows it; reading is for all where only writing needs it. */
export const allowed =
  (what: Permission, { toWrite = false } = {}): RequestHandler =>
  (req, _res, next) => {
    if (!toWrite || (req.method !== 'GET' && req.method !== 'HEAD')) ensureMay(authorOf(req), what);
    next();
  };
