import { PlanWishesDto } from '@huff/contract/fix';
import { headOf } from '@huff/contract/spine';
import { Router, type Request } from 'express';
import { validate as isUuid } from 'uuid';
import type { Beside } from '../beside/beside';
import { sentRecord } from '../beside/sentBody';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { bodyAs, idOf } from '../http/body';
import { sendRecord } from './etag';
import { sendHistory } from './history';
import { invalid, notFound, notPlannable } from '../http/problems';
import { askFor } from '../jobs/jobs';
import type { JobsBeside } from '../jobs/jobsBeside';
import { photosOf } from '../photos/photos';
import { plansOn } from '../plans/plans';
import { otherProgram, putRecord } from './putRecord';
import { nextRevision } from '../records/revision';
import { countAdded } from '../visits/counts';
import { addFact } from '../visits/facts';
import { addReading } from '../visits/readings';
import { summaryPage, type PagePlace } from '../visits/summaries';
import { wholeVisits } from '../visits/wholeVisit';

/** How many visits a page has. */
const PAGE = 50;

const placeText = ({ startedAt, id }: PagePlace) => `${startedAt}_${id}`;

/** Where a page begins and whose visits it lists, as the address says. */
function pageOf(req: Request): { unitId?: string; after?: PagePlace } {
  const { after, unit } = req.query;
  if (unit !== undefined && (typeof unit !== 'string' || !isUuid(unit)))
    throw invalid([{ field: 'unit', message: 'Give the unit’s id.' }]);
  const unitId = typeof unit === 'string' ? unit : undefined;
  if (after === undefined) return { unitId };
  const [startedAt = '', id = ''] = typeof after === 'string' ? after.split('_') : [];
  if (Number.isNaN(Date.parse(startedAt)) || !/^\d{4}-\d\d-\d\dT[\d:.]+Z$/.test(startedAt) || !isUuid(id))
    throw invalid([{ field: 'after', message: 'Use `next` of the page before.' }]);
  return { unitId, after: { startedAt, id } };
}

export function visitRoutes(db: Db, jobs: JobsBeside, beside: Beside): Router {
  const plans = plansOn(db, beside);
  const whole = async (req: Request) => {
    const [kept] = await wholeVisits(db.query, authorOf(req).shopId, [idOf(req, 'visit')]);
    if (!kept) throw notFound('visit');
    return kept;
  };
  return Router()
    .get('/', async (req, res) => {
      const found = await summaryPage(db.query, authorOf(req).shopId, { ...pageOf(req), length: PAGE + 1 });
      const visits = found.slice(0, PAGE);
      res.json({ visits, next: found.length > PAGE ? placeText(visits.at(-1)!) : null });
    })
    .get('/:id', async (req, res) => {
      const { record, revision } = await whole(req);
      sendRecord(req, res, record, revision);
    })
    .get('/:id/photos', async (req, res) => {
      const id = idOf(req, 'visit');
      res.json({ photos: (await photosOf(db.query, authorOf(req).shopId, [id])).get(id) });
    })
    .get('/:id/history', sendHistory(db, 'visit'))
    .put('/:id', async (req, res) => {
      const author = authorOf(req);
      const visit = await sentRecord(req, beside, 'wholeVisit', 'visit');
      const { id } = visit;
      const head = JSON.parse(JSON.stringify({ ...headOf(visit), id })) as ReturnType<typeof headOf>;
      await db.transaction(async (query) => {
        const sender = otherProgram(author);
        const revision = await nextRevision(query, author.shopId);
        await putRecord(query, req, author, 'visit', head, revision);
        let [readings, facts] = [0, 0];
        for (const reading of visit.readings)
          readings += Number(await addReading(query, sender, revision, id, reading));
        for (const fact of visit.facts ?? []) facts += Number(await addFact(query, sender, revision, id, fact));
        if (readings + facts > 0) await countAdded(query, author.shopId, id, revision, { readings, facts });
        await askFor(query, author.shopId, 'visit', [id], { tell: true });
      });
      jobs.asked();
      res.status(204).end();
    })
    .post('/:id/plans', async (req, res) => {
      const wishes = bodyAs(PlanWishesDto, req);
      const answer = await beside.inTurn(async () => plans.make(authorOf(req), (await whole(req)).record, wishes));
      if (!answer) throw notPlannable();
      res.json(answer);
    });
}
