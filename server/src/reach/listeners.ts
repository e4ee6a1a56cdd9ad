import type { Express } from 'express';
import type { RequestListener, Server } from 'node:http';
import { listeningServer } from '../http/listening';
import type { ReachSettings } from './settings';
import type { Served } from '../http/servedNames';
import { plainSite } from './plainSite';
import type { ShopCertificate } from './shopCertificate';
import { isHere } from '../people/door';

interface Listening {
  readonly config: ReachSettings;
  readonly served: Served;
  readonly certificate?: ShopCertificate;
  readonly app: Express;
}

/** Where a server listens, and what it says then. */
interface Place {
  readonly server: Server;
  readonly port: number;
  readonly variable: string;
  readonly words: (port: number) => string;
}

/** What phones scan, in the terminal. */
async function sayCode(address: string): Promise<void> {
  const { toString: codeOf } = await import('qrcode');
  console.log(await codeOf(address, { type: 'terminal', small: true }));
  console.log(`Phones on this network: scan the code, or open ${address}`);
}

/**
 * The servers of one Huff: plain HTTP for its own computer and, with a certificate, HTTPS for everybody. Who asks without HTTPS from the network is led
 * there.
 */
export function listeners({ config, served, certificate, app }: Listening) {
  const { host } = served;
  const secureAddress = served.address;
  const plain: RequestListener | undefined =
    certificate && secureAddress
      ? (plainSite({ served, rootDer: certificate.rootDer, address: secureAddress }) as RequestListener)
      : undefined;
  const here: RequestListener = (req, res) => (plain && !isHere(req) ? plain : (app as RequestListener))(req, res);
  const places: Place[] = [
    {
      server: listeningServer(here),
      port: config.port,
      variable: 'PORT',
      words: (port) => `Huff listens on http://${certificate ? '127.0.0.1' : host}:${port}`,
    },
  ];
  if (certificate)
    places.push({
      server: listeningServer(app as RequestListener, undefined, certificate),
      port: config.httpsPort,
      variable: 'HUFF_HTTPS_PORT',
      words: () => `Huff listens on ${secureAddress ?? host}`,
    });
  return {
    servers: places.map(({ server }) => server),
    /** @param onFailed told why it cannot listen */
    listen: (onFailed: (why: string) => void): void => {
      for (const { server, port, variable, words } of places) {
        server.on('error', (error: NodeJS.ErrnoException) =>
          onFailed(
            error.code === 'EADDRINUSE'
              ? `Port ${port} is in use. Stop the other program, or set ${variable} to another number.`
              : error.message,
          ),
        );
        server.listen(port, host, () => {
          const address = server.address();
          console.log(words(typeof address === 'object' && address ? address.port : port));
        });
      }
      if (certificate && secureAddress)
        void sayCode(served.setUpAddress ? `${served.setUpAddress}/phone` : secureAddress);
    },
  };
}
