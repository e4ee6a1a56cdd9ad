import type { RequestHandler } from 'express';
import { setTimeout } from 'node:timers/promises';
import type { Db } from '../db/db';
import { sendProblem } from '../http/problems';
import type { ServerState } from './state';

/** 200 when ready, 503 with the phase before and after; never asks the database. A page that is not secure yet may try it. */
export const health =
  (state: ServerState): RequestHandler =>
  (_req, res) => {
    res
      .status(state.phase === 'ready' ? 200 : 503)
      .set('Cache-Control', 'no-store')
      .set('Cross-Origin-Resource-Policy', 'cross-origin')
      .json({ status: state.phase });
  };

/** 200 while this process answers at all: a supervisor restarts it when it does not. */
export const live: RequestHandler = (_req, res) => {
  res.set('Cache-Control', 'no-store').json({ status: 'live' });
};

/** A database that does not answer within this is not there. */
const ANSWERS_WITHIN_MS = 2_000;

/** 200 while requests can be done: open, and the database answers. A balancer sends requests to the other servers meanwhile. */
export const ready =
  (state: ServerState, db: Pick<Db, 'query'>): RequestHandler =>
  async (_req, res) => {
    const asked = state.phase === 'ready' ? db.query('SELECT 1').then(() => true) : Promise.resolve(false);
    const late = setTimeout(ANSWERS_WITHIN_MS, false, { ref: false });
    const answers = await Promise.race([asked.catch(() => false), late]);
    res
      .status(answers ? 200 : 503)
      .set('Cache-Control', 'no-store')
      .json({ status: answers ? 'ready' : state.phase === 'ready' ? 'database away' : state.phase });
  };

/** A disk that takes so long for one request is slow: more requests would only wait behind it. */
const SLOW_MS = 15_000;

/** Keeps requests from the database while it is not open or its disk is slow; the client keeps what it sent and tries again. */
export const whenReady =
  (state: ServerState): RequestHandler =>
  (_req, res, next) => {
    const isSlow = state.waitingMs() > SLOW_MS;
    if (state.phase === 'ready' && !isSlow) {
      next();
      return;
    }
    res.set('Retry-After', isSlow ? '5' : '2');
    sendProblem(res, {
      status: 503,
      title: 'Not ready',
      detail:
        state.phase === 'ready'
          ? 'The server’s disk is slow. Your data is still on this device. Try again in a few seconds.'
          : state.phase === 'starting'
            ? 'Huff is opening its data. Try again in a few seconds.'
            : 'Huff is stopping.',
    });
  };
