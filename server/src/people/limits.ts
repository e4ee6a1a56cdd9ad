import type { Request } from 'express';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { ProblemError } from '../http/problems';

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
