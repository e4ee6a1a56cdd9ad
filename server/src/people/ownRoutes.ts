import { PassphraseDto } from '@huff/contract';
import { Router } from 'express';
import { authorOf } from '../http/author';
import { bodyAs, idOf } from '../http/body';
import { invalid, notFound } from '../http/problems';
import { tokenOf } from './door';
import { makeCode } from './entryCodes';
import type { DoorLimits } from './limits';
import { passkeys, placeOf, signedOf } from './passkeyRequest';
import { hashPassphrase, isPassphrase } from './passphrase';
import { passphraseOf, personOf, setPassphrase } from './people';
import { sendCode } from './sendCode';
import { letIn, stateOf, type Door } from './session';
import { devicesOf, endDevice, endSessions } from './sessions';

/** What a person who is in does alone: passphrase, passkeys, other devices. */
export function ownRoutes(door: Door, limits: DoorLimits): Router {
  const { db, signIn } = door;
  return Router()
    .put('/passphrase', async (req, res) => {
      const author = authorOf(req);
      const { name, passphrase, current } = bodyAs(PassphraseDto, req);
      await limits.ensureFree(req, name);
      const before = await passphraseOf(db.query, author);
      // Anyone who finds a phone open must not shut its owner out.
      if (before && !(await isPassphrase(before, current ?? ''))) {
        await limits.wrong(req, name);
        throw invalid([{ field: 'current', message: 'The current passphrase is wrong.' }]);
      }
      await setPassphrase(db.query, author, name, await hashPassphrase(passphrase));
      await signIn.changed();
      // A changed passphrase ends every other session: anyone who had the old one is out.
      await endSessions(db.query, author);
      await letIn(door, req, res, author);
    })
    .post('/passkeys/options', async (req, res) => {
      const author = authorOf(req);
      const person = await personOf(db.query, author);
      const { newPasskeyOptions } = await passkeys();
      const name = person?.signInName ?? person?.name ?? '';
      res.json(await newPasskeyOptions(db.query, author, name, placeOf(req)));
    })
    .post('/passkeys', async (req, res) => {
      const author = authorOf(req);
      const { keepPasskey } = await passkeys();
      await keepPasskey(db.query, author, signedOf(req), placeOf(req));
      await signIn.changed();
      // From now on the computer asks: the person who did this stays in.
      if (tokenOf(req) === undefined) return letIn(door, req, res, author);
      res.json(await stateOf(door, req, { author, isAtComputer: false }));
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
