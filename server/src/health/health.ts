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
