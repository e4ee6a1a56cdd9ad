import type { RequestHandler } from 'express';
import { sendProblem } from '../http/problems';
import type { ServerState } from './state';

/** 200 when ready, 503 with the phase before and after; never asks the database. */
export const health =
  (state: ServerState): RequestHandler =>
  (_req, res) => {
    res
      .status(state.phase === 'ready' ? 200 : 503)
      .set('Cache-Control', 'no-store')
      .json({ status: state.phase });
  };

/** Keeps requests from the database while it is not open; the client keeps what it sent and tries again. */
export const whenReady =
  (state: ServerState): RequestHandler =>
  (_req, res, next) => {
    if (state.phase === 'ready') {
      next();
      return;
    }
    res.set('Retry-After', '2');
    sendProblem(res, {
      status: 503,
      title: 'Not ready',
      detail:
        state.phase === 'starting' ? 'Huff is opening its data. Try again in a few seconds.' : 'Huff is stopping.',
    });
  };
