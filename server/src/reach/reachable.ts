import path from 'node:path';
import type { Served } from '../http/servedNames';
import type { ReachSettings } from './settings';
import { ownAddresses, type ShopCertificate } from './shopCertificate';

/** How phones reach this server. */
export interface Reached {
  readonly served: Served;
  /** What the HTTPS server is started with; none where it is reached by plain HTTP, or a proxy has it. */
  readonly certificate?: ShopCertificate;
}

const bracketed = (host: string) => (host.includes(':') ? `[${host}]` : host);
const EVERYWHERE = '0.0.0.0';

/** The name that phones open: one that was told, else this machine's address on the network, which needs no name service. */
function phonesName({ names }: ReachSettings): string {
  const [first = ownAddresses()[0]] = names;
  if (first === undefined)
    throw new Error('This computer is on no network. Connect it, or set HUFF_NAMES to its name, then share again.');
  return first;
}

/** Makes ready for phones what the settings ask for: a certificate, an address. @throws Error in a sentence */
export async function makeReachable(config: ReachSettings): Promise<Reached> {
  const { host, names, address, share, certificate: files, httpsPort, port } = config;
  const told = address === undefined ? [] : [new URL(address).hostname];
  const all = [...new Set([...names, ...told])];
  if (!share && !files) {
    const isOpen = host === EVERYWHERE || all.length > 0;
    const plain = isOpen ? `http://${bracketed(all[0] ?? ownAddresses()[0] ?? host)}:${port}` : undefined;
    return { served: { host, names: all, address: address ?? plain } };
  }
  const { certificateFromFiles, shopCertificate } = await import('./makeCertificate');
  const certificate = files
    ? certificateFromFiles(files.certificate, files.key)
    : await shopCertificate(path.join(config.dataFolder, 'https'), all);
  const name = bracketed(phonesName(config));
  const secure = address ?? `https://${name}:${httpsPort}`;
  const setUpAddress = certificate.rootDer && address === undefined ? `http://${name}:${port}` : undefined;
  return {
    served: { host: share ? EVERYWHERE : host, names: all, address: secure, setUpAddress },
    certificate,
  };
}
