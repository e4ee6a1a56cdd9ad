import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import { median, row } from './median.mjs';

/** The Airway alone as a page: the app's own component, drawn at every frame. */
async function pageScript() {
  const { outputFiles } = await build({
    entryPoints: ['scripts/bench/airwayEntry.tsx'],
    bundle: true,
    write: false,
    minify: true,
    format: 'iife',
    platform: 'browser',
    jsx: 'automatic',
    define: { 'process.env.NODE_ENV': '"production"', __DEV__: 'false', global: 'window' },
    alias: { 'react-native': 'react-native-web' },
    resolveExtensions: ['.web.tsx', '.web.ts', '.web.js', '.tsx', '.ts', '.jsx', '.js', '.json'],
    mainFields: ['browser', 'module', 'main'],
    loader: { '.ttf': 'empty', '.js': 'jsx' },
    logLevel: 'error',
  });
  return outputFiles[0].text;
}

async function frames(browser, script, rate) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.setContent('<div id="root"></div>');
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate });
  await page.addScriptTag({ content: script });
  await page.waitForFunction(() => window.huffFrames !== undefined, undefined, { timeout: 60_000 });
  const times = await page.evaluate(() => window.huffFrames);
  await page.close();
  return 1000 / median(times);
}

/** How often a second the Airway of the largest layout is redrawn while one value changes with each frame. */
export async function benchAirway(executablePath) {
  const script = await pageScript();
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  try {
    row('Airway of the largest layout, a live value', (await frames(browser, script, 1)).toFixed(0), '/s', 'aim: 60');
    row('the same, CPU 4× slower', (await frames(browser, script, 4)).toFixed(0), '/s');
  } finally {
    await browser.close();
  }
}
