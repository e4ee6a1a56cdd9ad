import { randomUUID } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

/** An address without what was typed: a search is a customer's name more often than not. */
const withoutQuery = (url: string) => url.replace(/\?.*$/s, '?…');

/** One line a request: what was asked, what was answered, how long it took. Health is asked too often to be told. */
export const requestLog = (logger: Logger) =>
  pinoHttp<IncomingMessage, ServerResponse>({
    logger,
    genReqId: (req, res) => {
      const told = req.headers['x-request-id'];
      // A proxy's own, where it is one: otherwise it could be anything.
      const id = typeof told === 'string' && /^[\w-]{8,64}$/.test(told) ? told : randomUUID();
      res.setHeader('X-Request-Id', id);
      return id;
    },
    autoLogging: { ignore: ({ url = '' }) => url.startsWith('/api/health') || url === '/metrics' },
    customLogLevel: (_req, res, error) => (error || res.statusCode === 500 ? 'error' : 'info'),
    serializers: {
      req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
        id,
        method,
        url: withoutQuery(url),
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ status: statusCode }),
    },
  });
