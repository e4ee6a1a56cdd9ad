// npm run screenshots: makes docs/screenshots/ anew from the demo data. Look at each picture afterwards.
import { chromium } from '@playwright/test';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startServer } from './setup/server.mjs';
import { ensureBuilt } from './setup/build.mjs';
import { ensureChromium } from './setup/chromium.mjs';
import { SCENES } from './screenshots/scenes.mjs';

const FOLDER = 'docs/screenshots';
const only = process.argv.slice(2);

const executablePath = await ensureChromium();
await ensureBuilt();
// As in a shop whose phones reach it.
process.env.HUFF_ADDRESS = 'https://huff.example';
const data = mkdtempSync(path.join(tmpdir(), 'huff-screenshots-'));
const server = await startServer(data);
const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
try {
  mkdirSync(FOLDER, { recursive: true });
  for (const { name, wide, dark, play } of SCENES) {
    if (only.length > 0 && !only.includes(name)) continue;
    const context = await browser.newContext({
      baseURL: server.url,
      viewport: wide ? { width: 1280, height: 800 } : { width: 390, height: 844 },
      colorScheme: dark ? 'dark' : 'light',
      reducedMotion: 'reduce',
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    page.setDefaultTimeout(15_000);
    page.on('pageerror', (error) => console.error(`${name}: ${error.message}`));
    await play(page).catch((error) => console.error(`${name}: ${error.message.split('\n')[0]}`));
    await page.waitForTimeout(700);
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
    console.log(`${FOLDER}/${name}.png`);
    await context.close();
  }
} finally {
  await browser.close();
  await server.stop();
  rmSync(data, { recursive: true, force: true });
}
