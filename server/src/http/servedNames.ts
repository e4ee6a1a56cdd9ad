import { hostname, networkInterfaces } from 'node:os';

/** Where the server listens and what it was told it is called. */
export interface Served {
  /** The address it is bound to. */
  readonly host: string;
  /** Names beside its own: of the machine on the shop's network, of a proxy before it. Lower case, without a port. */
  readonly names: readonly string[];
  /** Where phones and readers of mail reach it; none while it answers on its own computer alone. */
  readonly address?: string;
  /** Where a phone that does not trust that address yet learns how to. */
  readonly setUpAddress?: string;
}

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);
/** Of a peer as the system gives it, or of a host as a browser says it. */
export const isLoopback = (name: string): boolean =>
  LOOPBACK.has(name) || name === '::1' || /^(?:::ffff:)?127\.\d+\.\d+\.\d+$/.test(name);

const EVERYWHERE = new Set(['0.0.0.0', '::', '[::]']);

const bracketed = (address: string) => (address.includes(':') ? `[${address}]` : address);

/** The name in a Host header, without its port; undefined when it is none. */
export function nameOf(host: string): string | undefined {
  if (!/^[\w.:[\]-]+$/.test(host)) return undefined;
  try {
    return new URL(`http://${host}`).hostname;
  } catch {
    return undefined;
  }
}

/** Addresses and name of this machine. */
const own = () => [
  hostname().toLowerCase(),
  ...Object.values(networkInterfaces()).flatMap((all) => (all ?? []).map(({ address }) => bracketed(address))),
];

/**
 * Whether a name is one this server is to answer under. A page elsewhere can make its own name point at this machine; it cannot make the
 * browser send another name than that.
 */
export const isServed = ({ host, names }: Served, name: string): boolean =>
  LOOPBACK.has(name) ||
  names.includes(name) ||
  name === bracketed(host) ||
  (EVERYWHERE.has(host) && own().includes(name));
