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
 * Inside the page: waits for the next key and tells how many ms went by from the key itself (its time stamp, so waiting in
 * the queue counts) until the frame that followed it was painted. A task that is posted in a frame's callback is taken after that
 * frame was painted; it is user-blocking, so that what the page does after the frame does not count: the reader sees the answer already.
 * With a selector, the label of what it finds must have changed by then.
 */
function watch(selector) {
  const label = () => selector && document.querySelector(selector)?.getAttribute('aria-label');
  const before = label();
  window.huffKey = new Promise((resolve) => {
    const onKey = ({ timeStamp }) => {
      const painted = () => {
        const ms = performance.now() - timeStamp;
        resolve(selector && label() === before ? Infinity : ms);
      };
      requestAnimationFrame(() => scheduler.postTask(painted, { priority: 'user-blocking' }));
    };
    addEventListener('keydown', onKey, { once: true, capture: true });
  });
}

/** Time from a key to the painted frame after it, ms, in rounds. */
async function keyTimes(page, before, key = (i) => String(1 + (i % 9)), selector = undefined) {
  const times = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    await before(i);
    await page.waitForTimeout(400);
    await page.evaluate(watch, selector);
    await page.keyboard.press(key(i));
    times.push(await page.evaluate(() => window.huffKey));
  }
  if (!times.every(Number.isFinite)) throw new Error('The verdict did not change within a frame.');
  return times;
}

/** A key in a calculation's field until the frame with the new answer is painted. */
async function keystroke(browser, url) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  await page.goto(`${url}/calculators/electricHeat?volts=238&amps=41.2&returnF=70&supplyF=101`);
  await page.getByText('± 6 %').waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOW_DOWN });
  const field = page.getByLabel(/^Element amps/);
  const times = await keyTimes(page, () => field.fill('4'));
  await page.close();
  return times;
}

/** A key in the grid of a blower table of twelve taps and ten statics until the next frame is painted. */
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
  await page.goto(`${url}/settings/tables/type`);
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
    const times = await keyTimes(
      page,
      (i) => read('R2', `.${30 + i}`),
      () => 'Enter',
      '[aria-label^="Airflow "][role="button"]',
    );
    await page.close();
    const bare = median(await bareKeystroke(browser));
    row(`keystroke on a page with nothing else, CPU ${SLOW_DOWN}× slower`, bare.toFixed(0), 'ms', 'the floor here');
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
