import { check, ReadingDto, VisitDto } from '@huff/contract';
import { PlanWishesDto } from '@huff/contract/fix';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyOf, idOf } from '../http/body';
import { invalid, notPlannable } from '../http/problems';
import { plansOn } from '../plans/plans';
import { visitsOn } from './visits';

export function visitRoutes(db: Db): Router {
  const visits = visitsOn(db);
  const plans = plansOn(db);
  return Router()
    .get('/', async (req, res) => void res.json(await visits.list(authorOf(req))))
    .get('/:id', async (req, res) => void res.json(await visits.get(authorOf(req), idOf(req, 'visit'))))
    .put('/:id', async (req, res) => {
      await visits.put(authorOf(req), bodyOf(req, VisitDto, 'visit'));
      res.status(204).end();
    })
    .post('/:id/plans', async (req, res) => {
      const wishes = check(PlanWishesDto, req.body);
      if (!wishes.ok) throw invalid(wishes.errors);
      const answer = await plans.make(authorOf(req), idOf(req, 'visit'), wishes.value);
      if (!answer) throw notPlannable();
      res.json(answer);
    })
    .put('/:visitId/readings/:id', async (req, res) => {
      const visitId = idOf(req, 'visit', 'visitId');
      await visits.putReading(authorOf(req), visitId, bodyOf(req, ReadingDto, 'reading'));
      res.status(204).end();
    });
}
