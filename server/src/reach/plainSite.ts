import express, { type Express } from 'express';
import helmet from 'helmet';
import { readFileSync } from 'node:fs';
import { rightName } from '../http/door';
import type { Served } from '../http/servedNames';

interface PlainSite {
  readonly served: Served;
  /** The root that phones are given, as they take it; none where they trust the certificate already. */
  readonly rootDer?: Buffer;
  /** Where Huff is, with HTTPS. */
  readonly address: string;
}

const PAGE = (address: string) => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Set up this phone</title>
<link rel="stylesheet" href="/phone.css">
</head>
<body>
<main>
<h1>Set up this phone for Huff</h1>
<p id="trying" role="status">Checking whether this phone is ready…</p>
<ol>
<li><p>Download the shop’s certificate. It lets this phone trust the shop’s computer, and no other site.</p>
<p><a class="action" href="/huff-root.crt" download="huff-root.crt">Download the certificate</a></p></li>
<li><p>Install it.</p>
<p><b>The phone says “profile downloaded”:</b> open Settings, tap the downloaded profile, Install. Then Settings, General, About, Certificate
Trust Settings: turn on “Huff of this shop”.</p>
<p><b>The phone saved a file:</b> open Settings and search for “CA certificate”. Install the file from Downloads. The phone warns that the network
could be watched: this certificate works for the shop’s own addresses only.</p></li>
<li><p>Open Huff.</p><p><a class="action" id="open" href="${address}/">Open Huff</a></p></li>
</ol>
<p class="soft">Without the certificate Huff does not open on this phone: offline work and the camera need a secure address.</p>
</main>
<script src="/phone.js"></script>
</body>
</html>`;

const STYLE = readFileSync(new URL('./phone.css', import.meta.url), 'utf8');

/** The code by which the phone comes in stands after the # and goes on to the secure address; a phone that trusts it already goes there at once. */
const SCRIPT = (address: string) => `const there = ${JSON.stringify(address)};
const target = location.hash.length > 1 ? there + '/join' + location.hash : there + '/';
document.getElementById('open').href = target;
fetch(there + '/api/health', { mode: 'no-cors', cache: 'no-store' }).then(
  () => location.replace(target),
  () => { document.getElementById('trying').textContent = 'This phone is not ready yet. Three steps:'; },
);`;

/** What is answered without HTTPS to anyone who does not sit at this computer: how a phone is set up, and the way to the secure address. */
export function plainSite({ served, rootDer, address }: PlainSite): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: { directives: { 'connect-src': ["'self'", address], 'upgrade-insecure-requests': null } },
      strictTransportSecurity: false,
      crossOriginOpenerPolicy: false,
    }),
  );
  app.use(rightName(served));
  if (rootDer) {
    app.get('/huff-root.crt', (_req, res) => void res.type('application/x-x509-ca-cert').send(rootDer));
    app.get('/phone.css', (_req, res) => void res.type('css').send(STYLE));
    app.get('/phone.js', (_req, res) => void res.type('js').send(SCRIPT(address)));
    app.get(['/', '/phone', '/join'], (_req, res) => void res.type('html').send(PAGE(address)));
  }
  // What a bookmark or an old label names is there too.
  app.use((req, res) => {
    if (req.method === 'GET' || req.method === 'HEAD') res.redirect(307, `${address}${req.originalUrl}`);
    else res.status(421).type('text').send(`Huff is at ${address}.`);
  });
  return app;
}
