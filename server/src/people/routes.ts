import {
  check,
  EntryCodeDto,
  PassphraseDto,
  PersonDto,
  SignInDto,
  type EntryCode,
  type SessionState,
} from '@huff/contract';
import { qrPath } from '@huff/paper';
import { Router, type Request, type Response } from 'express';
import type { ClassConstructor } from 'class-transformer';
import { validate as isUuid } from 'uuid';
import type { Db } from '../db/db';
import { acrossShops, inShop } from '../db/shopFence';
import { authorOf, type Author } from '../http/author';
import { idOf } from '../http/body';
import { originOf, servedOf } from '../http/origin';
import { conflict, invalid, notFound, ProblemError } from '../http/problems';
import { nameOf, type Served } from '../http/servedNames';
import { ensureMay, askerOf, giveToken, takeToken, tokenOf } from './door';
import { makeCode, useCode, type MadeCode } from './entryCodes';
import { deviceLabel } from './deviceLabel';
import type { DoorLimits } from './limits';
import { hashPassphrase, isPassphrase } from './passphrase';
import type { Place } from './passkeys';
import { addPerson, changePerson, comeBack, leave, peopleOf, personOf } from './people';
import type { SignInWatch } from './signInWatch';
import { devicesOf, endDevice, endSession, endSessions, openSession } from './sessions';

/** What the door is made of. */
export interface Door {
  readonly db: Db;
  readonly signIn: SignInWatch;
}

function bodyAs<T extends object>(Class: ClassConstructor<T>, req: Request): T {
  const checked = check(Class, req.body);
  if (!checked.ok) throw invalid(checked.errors);
  return checked.value;
}

/** Loaded by the first who uses one. */
const passkeys = () => import('./passkeys');

const placeOf = (req: Request): Place => ({
  name: nameOf(req.headers.host ?? '') ?? '',
  origin: req.get('origin') ?? `${req.protocol}://${req.get('host') ?? ''}`,
});

/** What a browser sends back for a challenge. */
function signedOf(req: Request): { id: string; response: unknown } {
  const { id, response } = (req.body ?? {}) as { id?: unknown; response?: unknown };
  if (typeof id !== 'string' || !isUuid(id)) throw invalid([{ field: 'id', message: 'Send the id of the challenge.' }]);
  return { id, response };
}

async function stateOf({ db, signIn }: Door, served: Served, author: Author | undefined): Promise<SessionState> {
  const isOn = await signIn.isOn();
  const address = served.address ?? null;
  if (!author) return { isOn, address, shop: null, person: null };
  return inShop(author.shopId, async () => {
    const [shop] = await db.query<{ id: string; name: string }>('SELECT id, name FROM shops WHERE id = $1', [
      author.shopId,
    ]);
    return { isOn, address, shop: shop ?? null, person: (await personOf(db.query, author)) ?? null };
  });
}

/** Lets a person in at this browser; another session it had is over. */
async function letIn(door: Door, req: Request, res: Response, found: Omit<Author, 'role'>): Promise<void> {
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
  res.json(await stateOf(door, servedOf(req), author));
}

const wrong = () =>
  new ProblemError(401, 'Not signed in', 'The name or the passphrase is wrong. Check both, or ask for a code.');
const wrongCode = () =>
  new ProblemError(401, 'Not signed in', 'This code is not valid any more, or was mistyped. Ask for a new one.');

/** The way in, for anyone who is not known yet. */
export function doorRoutes(door: Door, limits: DoorLimits): Router {
  const { db, signIn } = door;
  return Router()
    .get('/', async (req, res) => {
      res.set('Cache-Control', 'no-store').json(await stateOf(door, servedOf(req), await askerOf(db, signIn, req)));
    })
    .post('/passphrase', async (req, res) => {
      const { name, passphrase } = bodyAs(SignInDto, req);
      await limits.ensureFree(req, name);
      const [found] = await acrossShops(() =>
        db.query<{ shopId: string; personId: string; hash: string | null }>(
          `SELECT shop_id AS "shopId", id AS "personId", passphrase_hash AS hash FROM people
           WHERE lower(sign_in_name) = lower($1) AND left_at IS NULL`,
          [name],
        ),
      );
      if (!(await isPassphrase(found?.hash, passphrase)) || !found) {
        await limits.wrong(req, name);
        throw wrong();
      }
      await limits.right(req, name);
      await letIn(door, req, res, { shopId: found.shopId, personId: found.personId });
    })
    .post('/passkey/options', async (req, res) => {
      await limits.ensureFree(req);
      res.json(await acrossShops(async () => (await passkeys()).passkeyOptions(db.query, placeOf(req))));
    })
    .post('/passkey', async (req, res) => {
      await limits.ensureFree(req);
      const found = await acrossShops(async () =>
        (await passkeys()).personOfPasskey(db.query, signedOf(req), placeOf(req)),
      ).catch(async (error: unknown) => {
        await limits.wrong(req);
        throw error;
      });
      await letIn(door, req, res, found);
    })
    .post('/code', async (req, res) => {
      const { code } = bodyAs(EntryCodeDto, req);
      await limits.ensureFree(req);
      const found = await acrossShops(() => useCode(db.query, code));
      if (!found) {
        await limits.wrong(req);
        throw wrongCode();
      }
      await letIn(door, req, res, found);
    })
    .delete('/', async (req, res) => {
      const token = tokenOf(req);
      if (token !== undefined) await acrossShops(() => endSession(db.query, token));
      takeToken(req, res);
      res.status(204).end();
    });
}

/** A phone that does not trust the shop's computer yet learns it on the way. */
function linkOf(req: Request, code: string): EntryCode['link'] {
  const { setUpAddress } = servedOf(req);
  return setUpAddress === undefined ? `${originOf(req)}/join#${code}` : `${setUpAddress}/phone#${code}`;
}
const sendCode = (req: Request, res: Response, { code, expiresAt }: MadeCode) => {
  const link = linkOf(req, code);
  res.json({ code, expiresAt, link, qr: qrPath(link) } satisfies EntryCode);
};

/** What a person who is in does for himself: passphrase, passkeys, other devices. */
export function ownRoutes(door: Door, limits: DoorLimits): Router {
  const { db, signIn } = door;
  return Router()
    .put('/passphrase', async (req, res) => {
      const author = authorOf(req);
      const { name, passphrase, current } = bodyAs(PassphraseDto, req);
      await limits.ensureFree(req, name);
      const [own] = await db.query<{ hash: string | null }>(
        'SELECT passphrase_hash AS hash FROM people WHERE shop_id = $1 AND id = $2',
        [author.shopId, author.personId],
      );
      // Anyone who finds a phone open must not shut its owner out.
      if (own?.hash && !(await isPassphrase(own.hash, current ?? ''))) {
        await limits.wrong(req, name);
        throw invalid([{ field: 'current', message: 'The current passphrase is wrong.' }]);
      }
      const hash = await hashPassphrase(passphrase);
      // Names are of all shops of a server: who has this one is not said.
      const [taken] = await acrossShops(() =>
        db.query('SELECT 1 AS there FROM people WHERE lower(sign_in_name) = lower($1) AND (shop_id, id) <> ($2, $3)', [
          name,
          author.shopId,
          author.personId,
        ]),
      );
      if (taken) throw conflict('Somebody signs in by this name already. Choose another one.');
      await db.query('UPDATE people SET sign_in_name = $3, passphrase_hash = $4 WHERE shop_id = $1 AND id = $2', [
        author.shopId,
        author.personId,
        name,
        hash,
      ]);
      await db.query("UPDATE people SET name = $3 WHERE shop_id = $1 AND id = $2 AND name = 'Technician'", [
        author.shopId,
        author.personId,
        name,
      ]);
      await signIn.changed();
      // A changed passphrase ends every other session: anyone who had the old one is out.
      await endSessions(db.query, author);
      await letIn(door, req, res, author);
    })
    .post('/passkeys/options', async (req, res) => {
      const author = authorOf(req);
      const person = await personOf(db.query, author);
      res.json(
        await (
          await passkeys()
        ).newPasskeyOptions(db.query, author, person?.signInName ?? person?.name ?? '', placeOf(req)),
      );
    })
    .post('/passkeys', async (req, res) => {
      const author = authorOf(req);
      await (await passkeys()).keepPasskey(db.query, author, signedOf(req), placeOf(req));
      await signIn.changed();
      // From now on the computer asks: the person who did this stays in.
      if (tokenOf(req) === undefined) return letIn(door, req, res, author);
      res.json(await stateOf(door, servedOf(req), author));
    })
    .get('/devices', async (req, res) => {
      res.json({ devices: await devicesOf(db.query, authorOf(req), tokenOf(req)) });
    })
    .delete('/devices/:id', async (req, res) => {
      if (!(await endDevice(db.query, authorOf(req), idOf(req, 'device')))) throw notFound('device');
      res.status(204).end();
    })
    .delete('/devices', async (req, res) => {
      await endSessions(db.query, authorOf(req), tokenOf(req));
      res.status(204).end();
    })
    .post('/phone', async (req, res) => {
      const author = authorOf(req);
      const made = await db.transaction((query) => makeCode(query, author, author.personId, 'phone'));
      sendCode(req, res, made);
    });
}

/** Who comes in, and as what. */
export function peopleRoutes({ db, signIn }: Door): Router {
  const changed = async (req: Request, work: Parameters<Db['transaction']>[0]) => {
    ensureMay(authorOf(req), 'people');
    await db.transaction(work);
    await signIn.changed();
  };
  return Router()
    .get('/', async (req, res) => {
      res.json({ people: await peopleOf(db.query, authorOf(req).shopId) });
    })
    .put('/:id', async (req, res) => {
      const { shopId } = authorOf(req);
      const id = idOf(req, 'person');
      const person = bodyAs(PersonDto, req);
      await changed(req, async (query) => {
        await addPerson(query, shopId, id, person);
        await changePerson(query, shopId, id, person);
      });
      res.status(204).end();
    })
    .post('/:id/code', async (req, res) => {
      const author = authorOf(req);
      const id = idOf(req, 'person');
      ensureMay(author, 'people');
      const person = await personOf(db.query, { shopId: author.shopId, personId: id });
      if (!person) throw notFound('person');
      const made = await db.transaction(async (query) => {
        await comeBack(query, author.shopId, id);
        return makeCode(query, author, id, 'invitation');
      });
      sendCode(req, res, made);
    })
    .delete('/:id', async (req, res) => {
      const { shopId } = authorOf(req);
      const id = idOf(req, 'person');
      await changed(req, (query) => leave(query, shopId, id));
      res.status(204).end();
    });
}
