import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { limited } from './limits.mjs';
import { median, row } from './median.mjs';
import { startServer } from '../setup/server.mjs';

const SLOW_DOWN = 4;
const ROUNDS = 15;

/**
 * Watches, inside the page, the next Enter: when what `selector` says changed, and when the browser had painted the frame
 * that followed the key (Event Timing, whose durations are in steps of 8 ms). `window.huffBench()` then gives the ms from
 * the key to the painted change.
 */
function watch(selector) {
  let changedAt = 0;
  let key;
  const changes = new MutationObserver(() => (changedAt ||= performance.now()));
  changes.observe(document.body, { subtree: true, attributes: true, attributeFilter: ['aria-label'] });
  const before = document.querySelector(selector)?.getAttribute('aria-label');
  const events = new PerformanceObserver((list) => {
    key ??= list.getEntries().find((entry) => entry.name === 'keydown');
  });
  events.observe({ type: 'event', durationThreshold: 16 });
  window.huffBench = () => {
    changes.disconnect();
    events.disconnect();
    const after = document.querySelector(selector)?.getAttribute('aria-label');
    if (!key || !changedAt || after === before) throw new Error('The verdict did not change.');
    const painted = key.startTime + key.duration;
    // Changed only after the first frame: that frame does not count.
    return changedAt <= painted ? key.duration : Infinity;
  };
}

/** Time from a key to the painted frame after it, ms, in rounds. */
async function keyTimes(page, before) {
  const times = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    await before();
    await page.waitForTimeout(400);
    await page.evaluate(() => {
      window.huffKey = undefined;
      new PerformanceObserver((list) => {
        window.huffKey ??= list.getEntries().find((entry) => entry.name === 'keydown' || entry.name === 'keypress');
      }).observe({ type: 'event', durationThreshold: 16 });
    });
    await page.keyboard.press(String(1 + (i % 9)));
    await page.waitForTimeout(500);
    times.push(await page.evaluate(() => window.huffKey?.duration ?? 16));
  }
  return times;
}

/** A key in a calculation's field until the frame with the new answer is painted. */
async function keystroke(browser, url) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  await page.goto(`${url}/bench/electricHeat?volts=238&amps=41.2&returnF=70&supplyF=101`);
  await page.getByText('± 6 %').waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOW_DOWN });
  const field = page.getByLabel(/^Amps of the elements/);
  const times = await keyTimes(page, () => field.fill('4'));
  await page.close();
  return times;
}

/** A key in the grid of a maker's table of twelve taps and ten statics until the next frame is painted. */
async function tableKeystroke(browser, url) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  const staticsInWc = Array.from({ length: 10 }, (_, i) => (i + 1) / 10);
  const rows = Array.from({ length: 12 }, (_, i) => ({
    name: String(i + 1),
    cells: staticsInWc.map((_p, j) => String(900 + 80 * i - 38 * j)),
    bhp: staticsInWc.map(() => ''),
  }));
  await page.addInitScript(
    (draft) => localStorage.setItem('huff.tableTyping', draft),
    JSON.stringify({ by: 'taps', staticsInWc, rows }),
  );
  await page.goto(`${url}/shop/tables/type`);
  const cell = page.getByRole('cell', { name: /^Row 6, column 5/ });
  await cell.waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOW_DOWN });
  await cell.click();
  const times = await keyTimes(page, () => page.keyboard.press('Delete'));
  await page.close();
  return times;
}

/** The same of a page with one field and one line of text: what browser and machine take by themselves. */
async function bareKeystroke(browser) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.setContent('<input oninput="line.textContent = this.value"><p id="line">.</p>');
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOW_DOWN });
  await page.locator('input').focus();
  const times = await keyTimes(page, async () => undefined);
  await page.close();
  return times;
}

/** Reading to verdict on screen: Enter on the keypad until the frame with the new airflow is drawn. */
export async function benchPage(executablePath) {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const server = await startServer(folder);
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
    await page.goto(`${server.url}/sites`);
    await page.getByRole('button', { name: 'Unit Reading room air handler' }).click();
    await page.getByRole('button', { name: /^Start a visit/ }).click();
    const read = async (port, figure) => {
      await page.getByRole('button', { name: new RegExp(`^Port ${port},`) }).click();
      await page.getByRole('dialog', { name: `Read ${port}` }).waitFor();
      await page.keyboard.type(figure);
    };
    await read('R2', '.31');
    await page.keyboard.press('Enter');
    await page.keyboard.type('.27');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: /^Airflow \d/ }).waitFor();
    const session = await page.context().newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: SLOW_DOWN });
    const times = [];
    for (let i = 0; i < ROUNDS; i += 1) {
      await read('R2', `.${30 + i}`);
      await page.waitForTimeout(300);
      await page.evaluate(watch, '[aria-label^="Airflow "][role="button"]');
      await page.keyboard.press('Enter');
      await page.waitForTimeout(700);
      times.push(await page.evaluate(() => window.huffBench()));
    }
    await page.close();
    const bare = median(await bareKeystroke(browser));
    row(
      `keystroke on a page with nothing else, CPU ${SLOW_DOWN}× slower`,
      bare.toFixed(0),
      'ms',
      'the floor here; 16 is the least told',
    );
    const keys = await keystroke(browser, server.url);
    row(
      `keystroke to answer in a calculation, CPU ${SLOW_DOWN}× slower`,
      median(keys).toFixed(0),
      'ms',
      `aim: under 50; median of ${ROUNDS}`,
    );
    row(
      `keystroke in a table of 12 × 10 cells, CPU ${SLOW_DOWN}× slower`,
      median(await tableKeystroke(browser, server.url)).toFixed(0),
      'ms',
      `aim: under 50; median of ${ROUNDS}`,
    );
    row(
      `reading to verdict on screen, CPU ${SLOW_DOWN}× slower`,
      median(times).toFixed(0),
      'ms',
      `aim: under 50; median of ${ROUNDS}`,
    );
    limited('keystroke in a calculation ÷ page with nothing else', median(keys) / bare, 2);
    limited('reading to verdict ÷ page with nothing else', median(times) / bare, 2.5);
  } finally {
    await browser.close();
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
