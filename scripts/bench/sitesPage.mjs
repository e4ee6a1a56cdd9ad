import { chromium } from '@playwright/test';
import { row } from './median.mjs';

/** How long until the first units stand on the screen, ms, from the start of the page. */
async function drawn(page, url) {
  await page.goto(`${url}/sites`);
  await page
    .getByRole('button', { name: /^Unit Unit/ })
    .first()
    .waitFor();
  return page.evaluate(() => performance.now());
}

/** Sites of a shop of years: on a phone that has them, as it is and on a slow one. */
export async function benchSites(executablePath, url, units) {
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
    await drawn(page, url);
    await page.waitForTimeout(4000);
    const name = `Sites with ${units.toLocaleString('en-US')} units, opened anew`;
    row(name, (await drawn(page, url)).toFixed(0), 'ms', 'page, script and store; it was 3,000');
    const session = await page.context().newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    row('the same, CPU 4× slower', (await drawn(page, url)).toFixed(0), 'ms', 'it was 15,000');
  } finally {
    await browser.close();
  }
}
