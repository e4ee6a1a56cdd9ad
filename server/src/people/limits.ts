import type { Request, RequestHandler } from 'express';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { authorOf } from '../http/author';
import { ProblemError } from '../http/problems';
import { isHere } from './door';

const WINDOW_S = 15 * 60;

const tooOften = (waitMs: number) => {
  const minutes = Math.max(1, Math.ceil(waitMs / 60_000));
  return new ProblemError(429, 'Too many tries', `Too many wrong tries from here. Try again in ${minutes} minutes.`, {
    retryAfterS: Math.ceil(waitMs / 1000),
  });
};

/**
 * Wrong tries at the door. They count against the address they come from, and against a name at that address: anyone who tries a name from elsewhere
 * locks himself out and nobody else.
 */
export function doorLimits({ fromAddress = 30, atName = 8 } = {}) {
  const addresses = new RateLimiterMemory({ points: fromAddress, duration: WINDOW_S });
  const names = new RateLimiterMemory({ points: atName, duration: WINDOW_S });
  const keysOf = (req: Request, name: string) => ({
    address: req.ip ?? '',
    named: `${name.toLowerCase()} ${req.ip ?? ''}`,
  });
  return {
    /** @throws ProblemError 429 where there were too many */
    ensureFree: async (req: Request, name = ''): Promise<void> => {
      const { address, named } = keysOf(req, name);
      const [byAddress, byName] = await Promise.all([addresses.get(address), names.get(named)]);
      if (byAddress && byAddress.remainingPoints <= 0) throw tooOften(byAddress.msBeforeNext);
      if (byName && byName.remainingPoints <= 0) throw tooOften(byName.msBeforeNext);
    },
    wrong: async (req: Request, name = ''): Promise<void> => {
      const { address, named } = keysOf(req, name);
      await Promise.allSettled([addresses.consume(address), names.consume(named)]);
    },
    right: async (req: Request, name = ''): Promise<void> => {
      await names.delete(keysOf(req, name).named);
    },
  };
}

export type DoorLimits = ReturnType<typeof doorLimits>;

/** A phone asks some twenty times a minute, the desk a few hundred when it opens a large shop. */
const MOST_A_MINUTE = 3000;
const MINUTE_S = 60;

/** Limits the requests a minute of one person at one address, so that a faulty program cannot block the others. The server's own computer has no limit. */
export function requestLimit(most = MOST_A_MINUTE): RequestHandler {
  const asked = new RateLimiterMemory({ points: most, duration: MINUTE_S });
  return async (req, _res, next) => {
    if (!isHere(req)) {
      const over = await asked.consume(`${authorOf(req).personId} ${req.ip ?? ''}`).then(
        () => undefined,
        ({ msBeforeNext }: { readonly msBeforeNext: number }) => Math.ceil(msBeforeNext / 1000),
      );
      if (over !== undefined)
        throw new ProblemError(
          429,
          'Too many requests',
          'Too many requests from this device. It goes on by itself in a minute.',
          {
            retryAfterS: over,
          },
        );
    }
    next();
  };
}
