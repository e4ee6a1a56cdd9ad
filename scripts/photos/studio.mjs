// A page that prints and photographs sheets: its fonts are installed, nothing is fetched.
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { paint } from './paint.mjs';

const require = createRequire(import.meta.url);
const FONTS = [
  ['libre-franklin', 'Libre Franklin'],
  ['roboto-condensed', 'Roboto Condensed'],
  ['source-serif-4', 'Source Serif 4'],
  ['courier-prime', 'Courier Prime'],
  ['archivo-narrow', 'Archivo Narrow'],
  ['roboto-mono', 'Roboto Mono'],
];

const faces = FONTS.flatMap(([name, family]) =>
  [400, 700].map((weight) => {
    const folder = path.dirname(require.resolve(`@fontsource/${name}/package.json`));
    const file = readFileSync(path.join(folder, 'files', `${name}-latin-${weight}-normal.woff2`)).toString('base64');
    return `@font-face{font-family:"${family}";font-weight:${weight};src:url(data:font/woff2;base64,${file})}`;
  }),
).join('');

/** @returns `photo(spec)` gives the gray photo of a sheet; `close()` ends it */
export async function openStudio(executablePath) {
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  const page = await browser.newPage();
  await page.setContent(`<style>${faces}</style><body></body>`);
  return {
    async photo(spec) {
      const { width, height, gray, jpeg, corners } = await page.evaluate(paint, spec);
      return { width, height, data: new Uint8Array(Buffer.from(gray, 'base64')), jpeg, corners };
    },
    close: () => browser.close(),
  };
}
