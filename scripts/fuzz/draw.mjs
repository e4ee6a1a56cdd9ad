import { chromium } from '@playwright/test';
import { ensureChromium } from '../setup/chromium.mjs';

const LISTS = ['/', '/sites', '/settings', '/settings/rules', '/settings/tables', '/waiting'];

/** Every so many of a list, so that the draw is spread over all that was accepted. */
function spread(list, most) {
  const step = Math.max(1, Math.floor(list.length / most));
  return list.filter((_, i) => i % step === 0).slice(0, most);
}

/** Each station of the visit that is open. */
async function stations(page) {
  const run = page.getByRole('group', { name: 'Steps' }).getByRole('button');
  await run.first().waitFor();
  for (let i = (await run.count()) - 1; i >= 0; i -= 1) {
    // What is looked at may take a station away.
    if ((await run.count()) > i) await run.nth(i).click();
    await page.waitForTimeout(60);
  }
}

/**
 * Draws what was accepted with the app's own components, in Chromium.
 *
 * @param most how many records are opened; the lists are drawn whole
 * @returns how many pages were drawn
 */
export async function drawAll(url, records, most, fault) {
  const executablePath = await ensureChromium();
  const browser = await chromium.launch({ executablePath, args: ['--headless', '--no-sandbox', '--disable-gpu'] });
  let drawn = 0;
  try {
    const context = await browser.newContext({
      baseURL: url,
      viewport: { width: 390, height: 844 },
      reducedMotion: 'reduce',
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    page.setDefaultTimeout(15_000);
    const wrong = [];
    page.on('pageerror', (error) => wrong.push(error.message));
    page.on('console', (message) => {
      if (message.type() === 'error' && /could not be drawn/.test(message.text()))
        wrong.push(message.text().slice(0, 300));
    });
    page.on('dialog', (dialog) => {
      wrong.push(`a script ran: ${dialog.message()}`);
      void dialog.dismiss();
    });
    const look = async (address, then) => {
      wrong.length = 0;
      try {
        await page.goto(address);
        await page.getByRole('heading').first().waitFor();
        await then?.(page);
      } catch (error) {
        wrong.push(error.message.split('\n')[0]);
      }
      const text = await page.locator('body').innerText();
      if (text.trim().length < 20) wrong.push('the page is blank');
      const nonsense = /\b(undefined|NaN|Infinity)\b|\[object /.exec(text.replace(/'[^']*'/g, ''));
      if (nonsense) wrong.push(`it says ${text.split('\n').find((line) => line.includes(nonsense[0]))}`);
      for (const what of wrong) fault(`${address} drawn: ${what}`);
      drawn += 1;
    };
    // The first visit of the page brings everything over.
    await page.goto('/');
    await page.waitForTimeout(1500);
    for (const address of LISTS) await look(address);
    const each = Math.max(1, Math.floor(most / 4));
    for (const { id } of spread(records.visits, each * 2)) await look(`/visits/${id}`, stations);
    for (const { id } of spread(records.units, each)) await look(`/units/${id}`);
    for (const { id } of spread(records['blower-tables'], each)) await look(`/settings/tables/${id}`);
  } finally {
    await browser.close();
  }
  return drawn;
}
