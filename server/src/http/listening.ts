import { PROBLEM_MEDIA_TYPE } from '@huff/contract';
import { createServer, STATUS_CODES, type IncomingMessage, type RequestListener, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import type { Socket } from 'node:net';
import { ProblemError, problemOf, unreadable } from './problems';

/** Headers are sent at once; a body may come over a poor signal, but not for ever: so long, and longer by its size. */
const HEADERS_WITHIN_MS = 15_000;
const REQUEST_WITHIN_MS = 60_000;
/** A whole shop with its photos over a poor line. */
const LEAST_BYTES_PER_MS = 100;
const LONGEST_MS = 30 * 60_000;
/** How often connections are looked at for being late. */
const LOOK_EVERY_MS = 5000;
/** Longer than a browser or a proxy keeps a connection: it is never closed under a request on its way. */
const KEEP_ALIVE_MS = 65_000;

interface Patience {
  readonly headersMs: number;
  readonly requestMs: number;
  readonly leastBytesPerMs: number;
  readonly lookEveryMs: number;
}

const PATIENCE: Patience = {
  headersMs: HEADERS_WITHIN_MS,
  requestMs: REQUEST_WITHIN_MS,
  leastBytesPerMs: LEAST_BYTES_PER_MS,
  lookEveryMs: LOOK_EVERY_MS,
};

function refusalOf(code: string | undefined): ProblemError {
  if (code === 'ERR_HTTP_REQUEST_TIMEOUT')
    return new ProblemError(
      408,
      'Too slow',
      'The request did not arrive in time. Your data is still on this device. Try again with a better signal.',
    );
  if (code === 'HPE_HEADER_OVERFLOW')
    return new ProblemError(
      431,
      'Too large',
      'The headers of the request are too large. Clear the site’s cookies, then try again.',
    );
  return unreadable(400);
}

/** Says in words what cannot be read as HTTP, and closes. */
function refuse(error: NodeJS.ErrnoException, socket: Socket): void {
  if (error.code === 'ECONNRESET' || !socket.writable) {
    socket.destroy();
    return;
  }
  const problem = problemOf(refusalOf(error.code));
  const body = JSON.stringify(problem);
  socket.end(
    [
      `HTTP/1.1 ${problem.status} ${STATUS_CODES[problem.status]}`,
      `Content-Type: ${PROBLEM_MEDIA_TYPE}; charset=utf-8`,
      `Content-Length: ${Buffer.byteLength(body)}`,
      'X-Content-Type-Options: nosniff',
      'Connection: close',
      '',
      body,
    ].join('\r\n'),
  );
}

/** Cuts off a request whose body does not arrive in the time that its size gives it. */
function cutOffLate(req: IncomingMessage, { requestMs, leastBytesPerMs }: Patience): void {
  const bytes = Number(req.headers['content-length'] ?? 0) || 0;
  const within = Math.min(Math.max(LONGEST_MS, requestMs), requestMs + bytes / leastBytesPerMs);
  const timer = setTimeout(() => {
    if (!req.complete) refuse(Object.assign(new Error('late'), { code: 'ERR_HTTP_REQUEST_TIMEOUT' }), req.socket);
  }, within);
  const over = () => clearTimeout(timer);
  req.once('end', over);
  req.once('close', over);
}

/** A server that cuts off what is too slow and answers in words what is no HTTP. */
export function listeningServer(
  listener: RequestListener,
  patience = PATIENCE,
  /** With HTTPS. */
  secure?: { readonly certificate: string; readonly key: string },
): Server {
  const options = {
    headersTimeout: patience.headersMs,
    // By the size of each: see below.
    requestTimeout: 0,
    connectionsCheckingInterval: patience.lookEveryMs,
    keepAliveTimeout: KEEP_ALIVE_MS,
    // Who names no host is told so by the door, in words.
    requireHostHeader: false,
  };
  const server = secure
    ? createSecureServer({ ...options, cert: secure.certificate, key: secure.key, minVersion: 'TLSv1.2' }, listener)
    : createServer(options, listener);
  server.on('clientError', refuse);
  server.on('request', (req) => cutOffLate(req, patience));
  return server;
}
