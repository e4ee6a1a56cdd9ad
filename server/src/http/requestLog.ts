import type { IncomingMessage, ServerResponse } from 'node:http';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

/** An address without what was typed: a search is a customer's name more often than not. */
const withoutQuery = (url: string) => url.replace(/\?.*$/s, '?…');

/** One line a request: what was asked, what was answered, how long it took. Health is asked too often to be told. */
export const requestLog = (logger: Logger) =>
  pinoHttp<IncomingMessage, ServerResponse>({
    logger,
    autoLogging: { ignore: (req) => req.url === '/api/health' },
    customLogLevel: (_req, res, error) => (error || res.statusCode === 500 ? 'error' : 'info'),
    serializers: {
      req: ({ method, url }: { method: string; url: string }) => ({ method, url: withoutQuery(url) }),
      res: ({ statusCode }: { statusCode: number }) => ({ status: statusCode }),
    },
  });
