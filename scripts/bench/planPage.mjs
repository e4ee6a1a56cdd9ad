import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import { createServer } from 'node:http';
import { loadCore } from './core.mjs';
import { median, row } from './median.mjs';
import { largeRequest } from './plan.mjs';

async function bundled(entry) {
  const { outputFiles } = await build({
    entryPoints: [entry],
    bundle: true,
    write: false,
    minify: true,
    format: 'iife',
    platform: 'browser',
    logLevel: 'error',
  });
  return outputFiles[0].text;
}

/** The app's own worker on a large problem, while its page draws at every frame. */
export async function benchPlanPage(executablePath) {
  const files = {
    '/': ['text/html', '<!doctype html><body>plan<script src="/page.js"></script></body>'],
    '/page.js': ['text/javascript', await bundled('scripts/bench/planEntry.ts')],
    '/plan.worker.js': ['text/javascript', await bundled('app/worker/plan.worker.ts')],
  };
  const server = createServer((req, res) => {
    const [type, body] = files[req.url] ?? ['text/plain', ''];
    res.setHeader('Content-Type', type).end(body);
  });
  await new Promise((done) => server.listen(0, '127.0.0.1', done));
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await page.goto(`http://127.0.0.1:${server.address().port}/`);
    const request = largeRequest(await loadCore());
    await page.evaluate((r) => window.huffPlan(r), request);
    const runs = [];
    for (let i = 0; i < 3; i += 1) runs.push(await page.evaluate((r) => window.huffPlan(r), request));
    const { evaluated } = runs[0];
    const time = median(runs.map((run) => run.milliseconds));
    const frames = runs.flatMap((run) => run.frames);
    row(
      `plans of ${evaluated.toLocaleString('en-US')} combinations, in the worker`,
      time.toFixed(0),
      'ms',
      'aim: under 1,000',
    );
    row('frames of the page meanwhile', (1000 / median(frames)).toFixed(0), '/s', 'aim: at least 50');
    const late = frames.filter((ms) => ms > 20).length / frames.length;
    row('frames that came later than 20 ms', (100 * late).toFixed(0), '%');
  } finally {
    await browser.close();
    server.close();
  }
}
