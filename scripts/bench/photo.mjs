import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openStudio } from '../photos/studio.mjs';
import { drawLook, drawTable } from '../photos/tables.mjs';
import { randomFrom } from '../setup/random.mjs';
import { startServer } from '../setup/server.mjs';
import { median, row } from './median.mjs';

const ROUNDS = 3;
/** A sheet photographed at 12 million pixels. */
const WIDTH_PX = 4_150;
const SEED = 2_016;

/** Frames of the page until the sheet is closed. */
function watchFrames() {
  window.huffFrames = [];
  let last = performance.now();
  const tick = (now) => {
    window.huffFrames.push(now - last);
    last = now;
    requestAnimationFrame(tick);
  };
  requestAnimationFrame(tick);
}

/** A photo of 12 million pixels read in the app: opened, first result, the end, and how the page moved meanwhile. */
export async function benchPhoto(executablePath) {
  const random = randomFrom(SEED);
  const studio = await openStudio(executablePath);
  const taken = await studio.photo({
    tables: [drawTable(random)],
    look: { ...drawLook(random), widthPx: WIDTH_PX },
    withJpeg: true,
  });
  await studio.close();
  const file = { name: 'photo.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(taken.jpeg, 'base64') };
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const server = await startServer(folder);
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  const page = await browser.newPage({ baseURL: server.url, viewport: { width: 390, height: 844 } });
  const rounds = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    await page.goto('/settings/tables/type');
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'photo', exact: true }).click(),
    ]);
    const from = performance.now();
    await chooser.setFiles(file);
    await page.getByRole('slider', { name: 'Top left corner' }).waitFor();
    const openedMs = performance.now() - from;
    await page.evaluate(watchFrames);
    const begun = performance.now();
    await page.getByRole('button', { name: /^Read the table/ }).click();
    await page.getByLabel('First reading').waitFor({ timeout: 60_000 });
    const firstMs = performance.now() - begun;
    await page.getByRole('dialog', { name: 'Blower table from photo' }).waitFor({ state: 'detached', timeout: 60_000 });
    const frames = await page.evaluate(() => window.huffFrames);
    rounds.push({
      openedMs,
      firstMs,
      allMs: performance.now() - begun,
      fps: (1000 * frames.length) / frames.reduce((sum, ms) => sum + ms, 0),
    });
  }
  await browser.close();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
  const of = (name) => median(rounds.map((one) => one[name]));
  row('a photo of 12 MP opened, its sheet found', (of('openedMs') / 1000).toFixed(1), 's');
  row('its table read once, from the touch', (of('firstMs') / 1000).toFixed(1), 's', 'aim: under 6 at CPU 4× slower');
  row('its table read, all votes', (of('allMs') / 1000).toFixed(1), 's');
  row('frames a second of the page meanwhile', of('fps').toFixed(1), '', 'aim: 60');
}
