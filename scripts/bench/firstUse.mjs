import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startServer } from '../setup/server.mjs';
import { BARE_DIST, ensureBare } from './download.mjs';
import { limited } from './limits.mjs';
import { median, row } from './median.mjs';

/** A slow phone on a poor signal, as lab tools take it. */
const CPU_SLOWER = 4;
const SLOW_4G = {
  offline: false,
  latency: 150,
  downloadThroughput: (1.6e6 * 0.9) / 8,
  uploadThroughput: (750e3 * 0.9) / 8,
};
const ROUNDS = 5;
/** A page at rest: no long task for so long. */
const QUIET_MS = 3000;
const LONGEST_MS = 40_000;

/** Inside the page, before anything else: what held it up, and when its largest text or picture stood. */
function watch() {
  window.huffLab = { tasks: [], largest: 0, what: '', shift: 0 };
  new PerformanceObserver((list) => {
    for (const { startTime, duration } of list.getEntries()) window.huffLab.tasks.push([startTime, duration]);
  }).observe({ type: 'longtask', buffered: true });
  new PerformanceObserver((list) => {
    const last = list.getEntries().at(-1);
    window.huffLab.largest = last.startTime;
    window.huffLab.what = `${last.element?.tagName} ${(last.element?.textContent ?? '').slice(0, 60)}`;
  }).observe({ type: 'largest-contentful-paint', buffered: true });
  new PerformanceObserver((list) => {
    for (const { value, hadRecentInput } of list.getEntries()) if (!hadRecentInput) window.huffLab.shift += value;
  }).observe({ type: 'layout-shift', buffered: true });
}

/** The first visit of an address on a phone that has nothing of it yet. */
async function firstVisit(browser, url) {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    deviceScaleFactor: 2,
    isMobile: true,
    hasTouch: true,
  });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', SLOW_4G);
  await session.send('Emulation.setCPUThrottlingRate', { rate: CPU_SLOWER });
  await page.addInitScript(watch);
  await page.goto(url, { waitUntil: 'load', timeout: LONGEST_MS });
  const begun = Date.now();
  let lab;
  do {
    await page.waitForTimeout(500);
    lab = await page.evaluate(() => ({ ...window.huffLab, now: performance.now() }));
  } while (
    Date.now() - begun < LONGEST_MS &&
    lab.now - Math.max(lab.largest, ...lab.tasks.map(([at, ms]) => at + ms)) < QUIET_MS
  );
  await context.close();
  return {
    blockedMs: lab.tasks.reduce((sum, [, ms]) => sum + Math.max(0, ms - 50), 0),
    longestMs: Math.max(0, ...lab.tasks.map(([, ms]) => ms)),
    largestMs: lab.largest,
    tasks: lab.tasks,
    what: lab.what,
    shift: lab.shift,
  };
}

/** The first visit of Today beside that of a page with the same libraries and nothing in it, in turn. */
export async function benchFirstUse(executablePath) {
  await ensureBare();
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const ours = await startServer(path.join(folder, 'ours'));
  const bare = await startServer(path.join(folder, 'bare'), { demo: false, webFolder: BARE_DIST });
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  try {
    const seen = { ours: [], bare: [] };
    for (let i = 0; i < ROUNDS; i += 1) {
      seen.bare.push(await firstVisit(browser, bare.url));
      seen.ours.push(await firstVisit(browser, ours.url));
    }
    const of = (page, field) => median(seen[page].map((visit) => visit[field]));
    for (const [field, what, most] of [
      ['blockedMs', 'main thread blocked', 1],
      ['largestMs', 'largest text drawn', 1.1],
      ['longestMs', 'longest task', 1],
    ]) {
      row(`first visit of Today, slow phone: ${what}`, of('ours', field).toFixed(0), 'ms', `median of ${ROUNDS}`);
      row(`the same of the bare page`, of('bare', field).toFixed(0), 'ms');
      limited(`${what} ÷ bare page`, of('ours', field) / of('bare', field), most);
    }
    limited('layout shift of the first visit', of('ours', 'shift'), 0.05);
  } finally {
    await browser.close();
    await ours.stop();
    await bare.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
