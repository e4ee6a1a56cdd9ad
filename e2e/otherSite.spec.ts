import { chromium } from '@playwright/test';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect, test } from './support/test';

/** A page of another site on this machine: what it may ask of Huff, and what a name that points here may. */
let elsewhere: Server;
test.beforeAll(async () => {
  elsewhere = createServer((_req, res) =>
    res.setHeader('Content-Type', 'text/html').end('<link rel="icon" href="data:,"><title>Elsewhere</title>'),
  );
  await new Promise<void>((go) => elsewhere.listen(0, '127.0.0.1', go));
});
test.afterAll(() => elsewhere.close());

const ID = '77770000-0000-4000-8000-000000000001';
const body = JSON.stringify({
  device: ID,
  phoneTime: new Date().toISOString(),
  cursor: null,
  operations: [
    {
      id: ID,
      madeAt: new Date().toISOString(),
      kind: 'create',
      of: 'site',
      recordId: ID,
      record: { id: ID, name: 'Written from elsewhere', altitudeFt: 0 },
    },
  ],
});

test('a page of another site can neither write nor read, whatever it calls its body', async ({ page, shared }) => {
  await page.goto(`http://127.0.0.1:${(elsewhere.address() as AddressInfo).port}/`);
  // What the server answers, whether the browser lets the page see it or not.
  const statuses: number[] = [];
  const asked = new Set<string>();
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  session.on('Network.requestWillBeSent', ({ requestId, request }) => {
    if (request.url.startsWith(shared.url)) asked.add(requestId);
  });
  session.on('Network.responseReceivedExtraInfo', ({ requestId, statusCode }) => {
    if (asked.has(requestId)) statuses.push(statusCode);
  });
  const outcomes = await page.evaluate(
    async ({ url, sent }) => {
      const attempts: [string, RequestInit][] = [
        ['sync', { method: 'POST', mode: 'no-cors', headers: { 'Content-Type': 'text/plain' }, body: sent }],
        ['sync', { method: 'POST', mode: 'no-cors', body: new Blob([sent]) }],
        ['sync', { method: 'POST', mode: 'cors', headers: { 'Content-Type': 'application/json' }, body: sent }],
        ['sync', { method: 'POST', mode: 'cors', headers: { 'Content-Type': 'text/plain' }, body: sent }],
        ['sites', { mode: 'cors' }],
        ['sites', { mode: 'no-cors' }],
      ];
      const read: string[] = [];
      for (const [address, init] of attempts) {
        read.push(
          await fetch(`${url}/api/${address}`, init).then(
            (answer) => answer.text(),
            () => 'refused',
          ),
        );
      }
      return read;
    },
    { url: shared.url, sent: body },
  );
  // Nothing of it can be read there: what is not refused by the browser is empty to it.
  for (const outcome of outcomes) expect(['', 'refused']).toContain(outcome);
  expect(statuses.length).toBeGreaterThanOrEqual(4);
  for (const status of statuses) expect(status).toBe(403);

  // A form of old, which asks nobody.
  await page.setContent(
    `<form method="post" enctype="text/plain" action="${shared.url}/api/sync"><input name='${body.replace(/=/g, '')}' value=""></form>`,
  );
  const answered = page.waitForResponse(`${shared.url}/api/sync`);
  await page.evaluate(() => document.forms[0]!.submit());
  expect((await answered).status()).toBe(403);
  expect((await page.request.get(`${shared.url}/api/sites/${ID}`)).status()).toBe(404);
});

test('a foreign name that points at this machine is not answered, neither page nor data', async ({ shared }) => {
  const { port } = new URL(shared.url);
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--headless', '--no-sandbox', '--host-resolver-rules=MAP rebound.example 127.0.0.1'],
  });
  const page = await browser.newPage({ serviceWorkers: 'block' });
  const answer = await page.goto(`http://rebound.example:${port}/`);
  expect(answer?.status()).toBe(421);
  await expect(page.getByText(/does not answer under that name/)).toBeVisible();
  const data = await page.evaluate(async () => {
    const told = await fetch('/api/sites');
    return { status: told.status, text: await told.text() };
  });
  expect(data.status).toBe(421);
  expect(data.text).not.toContain('records');
  await browser.close();
});
