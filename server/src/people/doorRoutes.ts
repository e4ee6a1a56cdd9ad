import { EntryCodeDto, SignInDto } from '@huff/contract';
import { Router } from 'express';
import { acrossShops } from '../db/shopFence';
import { bodyAs } from '../http/body';
import { ProblemError } from '../http/problems';
import { askerOf, clearToken, tokenOf } from './door';
import { useCode } from './entryCodes';
import type { DoorLimits } from './limits';
import { passkeys, placeOf, signedOf } from './passkeyRequest';
import { isPassphrase } from './passphrase';
import { personNamed } from './people';
import { letIn, stateOf, type Door } from './session';
import { endSession } from './sessions';

const wrong = () =>
  new ProblemError(401, 'Not signed in', 'The name or the passphrase is wrong. Check both, or ask for a code.');
const wrongCode = () =>
  new ProblemError(401, 'Not signed in', 'This code is not valid any more, or was mistyped. Ask for a new one.');

/** The way in, for anyone who is not known yet. */
export function doorRoutes(door: Door, limits: DoorLimits): Router {
  const { db, signIn } = door;
  return Router()
    .get('/', async (req, res) => {
      res.set('Cache-Control', 'no-store').json(await stateOf(door, req, await askerOf(db, signIn, req)));
    })
    .post('/passphrase', async (req, res) => {
      const { name, passphrase } = bodyAs(SignInDto, req);
      await limits.ensureFree(req, name);
      const found = await acrossShops(() => personNamed(db.query, name));
      if (!(await isPassphrase(found?.hash, passphrase)) || !found) {
        await limits.wrong(req, name);
        throw wrong();
      }
      await limits.right(req, name);
      await letIn(door, req, res, found);
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
      clearToken(req, res);
      res.status(204).end();
    });
}
