import type { Request, RequestHandler } from 'express';
import { ProblemError } from './problems';
import { isServed, nameOf, type Served } from './servedNames';

const wrongName = () =>
  new ProblemError(
    421,
    'Unknown host name',
    'This server does not answer under that name. Ask whoever runs it to add the name to HUFF_NAMES.',
  );
const otherSite = () =>
  new ProblemError(
    403,
    'Request from another site',
    'The request came from another site. Open Huff at its own address.',
  );

/** Whether a request comes from a page of another site. */
function isFromElsewhere({ headers }: Request, served: Served): boolean {
  const { origin, host } = headers;
  const site = headers['sec-fetch-site'];
  // Another port of this machine is the same site to a browser, and not ours.
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return true;
  if (origin === undefined) return false;
  const from = /^https?:\/\/(.+)$/.exec(origin)?.[1];
  if (from === undefined) return true;
  // A proxy before the server may be called otherwise than the server: such names are told.
  return from !== host && !served.names.includes(nameOf(from) ?? '');
}

/** Lets in what asks for this server by its name. */
export const rightName =
  (served: Served): RequestHandler =>
  ({ headers: { host } }, _res, next) => {
    const name = host === undefined ? undefined : nameOf(host);
    if (name === undefined || !isServed(served, name)) throw wrongName();
    next();
  };

/** Lets in what comes from its own pages, or from no page at all. */
export const ownPages =
  (served: Served): RequestHandler =>
  (req, _res, next) => {
    if (isFromElsewhere(req, served)) throw otherSite();
    next();
  };

const hasBody = ({ headers }: Request) =>
  headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;

/** Lets in bodies that are JSON and say so: a page of another site can send all others without asking first. */
export const jsonOnly: RequestHandler = (req, _res, next) => {
  const type = (req.headers['content-type'] ?? '').split(';')[0]!.trim().toLowerCase();
  if (hasBody(req) && type !== 'application/json')
    throw new ProblemError(415, 'Not JSON', 'Send the body as application/json.');
  next();
};
