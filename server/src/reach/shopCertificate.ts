import { hostname, networkInterfaces } from 'node:os';

/** What an HTTPS server needs, and the root that phones are given. */
export interface ShopCertificate {
  /** With the root's after it, as PEM. */
  readonly certificate: string;
  readonly key: string;
  /** As phones take it; none where the certificate is somebody else's. */
  readonly rootDer?: Buffer;
}

const LABEL = /^[a-z0-9.-]+$/i;

/** Addresses of this machine on the shop's network, the likeliest first: v4, as people type it. */
export const ownAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((all) =>
    (all ?? []).filter(({ internal, family }) => !internal && family === 'IPv4').map(({ address }) => address),
  );

/** Names under which phones find this machine. @param named told by the person who runs it */
export function namesHere(named: readonly string[]): string[] {
  const own = hostname().toLowerCase();
  const host = LABEL.test(own) ? (own.includes('.') ? [own] : [own, `${own}.local`]) : [];
  return [...new Set([...named, ...host, 'localhost', ...ownAddresses(), '127.0.0.1'])];
}
