import { explainVisit } from '@huff/contract/explain';
import { rulesOf } from '@huff/core';
import { hiddenTruth, liveFault, simulatedSet, type LiveValue } from '@huff/core/instruments';
import { Router, type Request, type Response } from 'express';
import { validate as isUuid } from 'uuid';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { invalid, notFound, ProblemError } from '../http/problems';
import { wholeVisits } from '../visits/wholeVisit';
import { eventOf, MOST_LISTENERS, type BridgeHub } from './hub';

/** A bridge sends no more values at once. */
const MOST_VALUES = 200;
/** Between two signs of life, so that no proxy ends a quiet stream, ms. */
const ALIVE_MS = 15_000;
/** Simulated probes send five times a second, ms. */
const SEND_MS = 200;

/** The values of a body, each with what is wrong with it. */
function sentValues(body: unknown) {
  const values = (body as { values?: unknown } | null)?.values;
  if (!Array.isArray(values) || values.length > MOST_VALUES)
    throw invalid([{ field: 'values', message: `Send a list of up to ${MOST_VALUES} values.` }]);
  const now = Date.now();
  const taken: LiveValue[] = [];
  const refused: { index: number; message: string }[] = [];
  for (const [index, value] of (values as unknown[]).entries()) {
    const message = liveFault(value, now);
    if (message) refused.push({ index, message });
    else taken.push(soundValue(value as LiveValue));
  }
  return { taken, refused };
}

/** What a value is, and nothing else a bridge may have put beside it. */
const soundValue = ({ probe, channel, value, atMs, battery }: LiveValue): LiveValue => ({
  probe,
  channel,
  value,
  atMs,
  ...(battery === undefined ? {} : { battery }),
});

/** Opens a stream of events that nothing on the way holds back. */
function openStream(res: Response): void {
  res.set({
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store, no-transform',
    'X-Accel-Buffering': 'no',
  });
  res.flushHeaders();
  res.write('retry: 2000\n\n');
}

/** What simulated instruments read at the unit of a visit. */
async function simulatedAt(db: Db, req: Request, visitId: unknown) {
  if (typeof visitId !== 'string' || !isUuid(visitId))
    throw invalid([{ field: 'simulate', message: 'Give the id of a visit.' }]);
  const [kept] = await wholeVisits(db.query, authorOf(req).shopId, [visitId]);
  if (!kept) throw notFound('visit');
  const request = explainVisit(kept.record, rulesOf(undefined));
  if ('why' in request) throw invalid([{ field: 'simulate', message: request.why }]);
  return simulatedSet(hiddenTruth(request, request.seed).truthAt, request.seed);
}

/** The way instruments come to the phones of a shop: a bridge sends values here, and phones listen. */
export function bridgeRoutes(db: Db, hub: BridgeHub): Router {
  return Router()
    .post('/values', (req, res) => {
      const { taken, refused } = sentValues(req.body);
      hub.tell(authorOf(req).shopId, taken);
      res.json({ taken: taken.length, refused });
    })
    .get('/', async (req, res) => {
      const { simulate } = req.query;
      const set = simulate === undefined ? undefined : await simulatedAt(db, req, simulate);
      const leave = hub.listen(authorOf(req).shopId, {
        send: (event) => res.write(event),
        end: () => res.end(),
      });
      if (!leave)
        throw new ProblemError(429, 'Too many listeners', `No more than ${MOST_LISTENERS} screens can listen at once.`);
      openStream(res);
      const alive = setInterval(() => res.write(': alive\n\n'), ALIVE_MS);
      const sending = set && setInterval(() => res.write(eventOf(set.valuesAt(Date.now()))), SEND_MS);
      res.on('close', () => {
        clearInterval(alive);
        clearInterval(sending);
        leave();
      });
    });
}
