import { PersonDto } from '@huff/contract';
import { Router, type Request } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyAs, idOf } from '../http/body';
import { notFound } from '../http/problems';
import { ensureMay } from './door';
import { makeCode } from './entryCodes';
import { addPerson, changePerson, comeBack, leave, peopleOf, personOf } from './people';
import { sendCode } from './sendCode';
import type { Door } from './session';

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
