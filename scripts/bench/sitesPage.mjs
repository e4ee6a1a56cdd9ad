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

/**
 * Flings the list down and looks at each frame whether rows stand at three heights of it.
 *
 * @param pxAFrame how fast: a strong fling of a thumb is about 60, 3,600 px a second
 * @returns how many of how many frames showed an empty place
 */
const blankFrames = (page, pxAFrame) =>
  page.evaluate(async (step) => {
    const list = [...document.querySelectorAll('div')].find(
      (one) =>
        one.scrollHeight > 3 * one.clientHeight &&
        one.clientHeight > 300 &&
        /auto|scroll/.test(getComputedStyle(one).overflowY),
    );
    const { left, top, width, height } = list.getBoundingClientRect();
    const isRow = (share) => {
      const hit = document.elementFromPoint(left + width / 3, top + height * share);
      // What holds many rows is the empty place between them.
      return hit !== null && (hit.textContent ?? '').length > 0 && hit.textContent.length < 400;
    };
    const frame = () => new Promise((go) => requestAnimationFrame(go));
    list.scrollTop = 0;
    await frame();
    let [blank, frames] = [0, 0];
    const seconds = performance.now() + 4000;
    while (performance.now() < seconds && list.scrollTop + height < list.scrollHeight - 10) {
      list.scrollTop += step;
      await frame();
      frames += 1;
      if (![0.2, 0.5, 0.8].some(isRow)) blank += 1;
    }
    return { blank, frames };
  }, pxAFrame);

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
    for (const [rate, how] of [
      [1, 'as it is'],
      [4, 'CPU 4× slower'],
    ]) {
      await session.send('Emulation.setCPUThrottlingRate', { rate });
      await page.waitForTimeout(2000);
      const { blank, frames } = await blankFrames(page, 60);
      row(`blank frames of the list, flung, ${how}`, `${blank} of ${frames}`, '', '60 px a frame for 4 s; aim: none');
    }
  } finally {
    await browser.close();
  }
}
