import type { SessionState } from '@huff/contract';
import type { Request, Response } from 'express';
import type { Db } from '../db/db';
import { acrossShops, inShop } from '../db/shopFence';
import type { Author } from '../http/author';
import { servedOf } from '../http/origin';
import { notFound } from '../http/problems';
import { deviceLabel } from './deviceLabel';
import { giveToken, tokenOf, type Asker } from './door';
import { personOf } from './people';
import { endSession, openSession } from './sessions';
import type { SignInWatch } from './signInWatch';

/** What the door is made of. */
export interface Door {
  readonly db: Db;
  readonly signIn: SignInWatch;
}

/** What a browser is told of who asks. */
export async function stateOf({ db, signIn }: Door, req: Request, asker: Asker | undefined): Promise<SessionState> {
  const isOn = await signIn.isOn();
  const address = servedOf(req).address ?? null;
  if (!asker) return { isOn, address, shop: null, person: null, isAtComputer: false };
  const { author, isAtComputer } = asker;
  return inShop(author.shopId, async () => {
    const [shop] = await db.query<{ id: string; name: string }>('SELECT id, name FROM shops WHERE id = $1', [
      author.shopId,
    ]);
    const person = (await personOf(db.query, author)) ?? null;
    return { isOn, address, shop: shop ?? null, person, isAtComputer };
  });
}

/** Lets a person in at this browser; another session it had is over. */
export async function letIn(door: Door, req: Request, res: Response, found: Omit<Author, 'role'>): Promise<void> {
  const { db } = door;
  const before = tokenOf(req);
  const author = await acrossShops(async () => {
    const person = await personOf(db.query, found);
    if (!person) throw notFound('person');
    const as: Author = { ...found, role: person.role };
    if (before !== undefined) await endSession(db.query, before);
    giveToken(req, res, await openSession(db.query, as, deviceLabel(req.headers['user-agent'] ?? '')));
    return as;
  });
  res.json(await stateOf(door, req, { author, isAtComputer: false }));
}
