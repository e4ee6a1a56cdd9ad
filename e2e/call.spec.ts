import type { Page } from '@playwright/test';
import { expect, test } from './support/test';
import { technician } from './support/steps';

/** Someone on a call, from what was said to the list of what was found. */
function onCall(page: Page) {
  const tech = technician(page);
  const button = (name: RegExp | string) => page.getByRole('button', { name }).first();
  return {
    ...tech,
    async begin(words: string) {
      await page.goto('/quick');
      await tech.station('Complaint');
      await page.getByRole('radio', { name: words }).click();
      await expect(page.getByText(`“${words}”`)).toBeVisible();
    },
    /** Reads the cautions that stand here, one after the other. */
    async readCautions() {
      const next = page.getByRole('button', { name: /: read$/ });
      for (let i = 0; i < 4 && (await next.count()) > 0; i += 1) {
        const name = (await next.first().getAttribute('aria-label'))!;
        await next.first().click();
        await expect(page.getByRole('button', { name })).toHaveCount(0);
      }
    },
    /** Touches a spot of a drawing and types its figure. */
    async type(spot: RegExp, figure: string) {
      await button(spot).click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await page.keyboard.type(figure);
      await page.keyboard.press('Enter');
      await expect(page.getByRole('dialog')).toHaveCount(0);
    },
    async touch(spot: RegExp, state: string) {
      await button(spot).click();
      await page.getByRole('dialog').getByRole('radio', { name: state, exact: true }).click();
      await expect(page.getByRole('dialog')).toHaveCount(0);
    },
  };
}

test('a blower that does not run: from the call to the cause, saved, and there again', async ({ page }) => {
  const call = onCall(page);
  await call.begin('blower does not run');
  await call.readCautions();
  await page.getByRole('button', { name: /^2\. Power at the unit/ }).click();
  await call.readCautions();
  await expect(page.getByText(/^Nothing tested yet\. Before any test/)).toBeVisible();

  await call.type(/^T1, Disconnect/, '24');
  await expect(page.getByText(/24 V is control voltage/)).toBeVisible();
  await call.type(/^T1, Disconnect/, '238');
  await expect(page.getByText(/24 V is control voltage/)).toHaveCount(0);
  await call.type(/^T2, Transformer/, '26');
  await call.type(/^T3, Call for fan/, '25.6');
  await call.type(/^T4, Line at the motor/, '0');
  await expect(page.getByText('Power stops here')).toBeVisible();
  await call.touch(/^The motor on a call/, 'nothing at all');
  await call.touch(/^Relay by ear/, 'silent');
  // One reading carries it: it is read again before anything is named.
  await call.type(/^Measure again: call for fan/, '25.4');
  await expect(page.getByText(/^Board output 9\d %\. Test the board/)).toBeVisible();

  await call.station('Findings');
  await expect(page.getByText('Board output', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Board output: declined' }).click();
  await expect(page.getByRole('button', { name: 'Board output: reopen' })).toBeVisible();
  await page.reload();
  await call.station('Findings');
  await expect(page.getByRole('button', { name: 'Board output: reopen' })).toBeVisible();
});

test('electric heat by touch: a late blower, with the keyboard alone', async ({ page }) => {
  const call = onCall(page);
  await call.begin('no heat');
  await call.station('Heating');
  await call.readCautions();
  await page.getByRole('button', { name: 'Element on' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Shut heat off now/)).toBeVisible();
  await page.getByRole('button', { name: 'Blower on' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/after the first element: acceptable|^Blower first/)).toBeVisible();
});

test('a start-up: the gate opens on sound air, the ladder is typed, the pattern is named', async ({ page }) => {
  const call = onCall(page);
  // A unit whose air was found in its band.
  await page.goto('/visits/de300000-0003-4000-8000-000000000012');
  await call.station('Inspect');
  await call.see('Ice', 'none');
  await call.station('Refrigerant');
  await call.readCautions();
  // Minutes, return and outdoor air were typed with the temperature drop: they are not asked again.
  await expect(page.getByRole('button', { name: /^return air, 7\d/ })).toBeVisible();
  await expect(page.getByText(/^Ready/)).toBeVisible();
  await page.getByRole('button', { name: /^evaporating,/ }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'R-410A' }).click();
  // The keypad goes on to what was not typed yet.
  for (const [asked, figure] of [
    ['Suction pressure', '118'],
    ['High side pressure', '330'],
    ['Liquid line', '102'],
    ['Suction line', '64'],
  ] as const) {
    await page.getByRole('dialog', { name: asked }).waitFor();
    await page.keyboard.type(figure);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await call.type(/^outdoors,/, '88');
  await expect(page.getByRole('img', { name: /^superheat 2\d degrees, out of range/ })).toBeVisible();
  await expect(page.getByRole('status').getByText(/^Short of charge \(\d\d% likely/)).toBeVisible();
  await call.station('Findings');
  await expect(page.getByText('Find and repair the leak, then weigh the charge in')).toBeVisible();
});

test('@wide a neglected rooftop unit: upkeep beside the list of everything found', async ({ page }) => {
  const call = onCall(page);
  await call.begin('planned maintenance');
  await call.station('Maintenance');
  await call.readCautions();
  await call.touch(/^Cabinet doors/, 'done');
  await call.touch(/^Trap refilled/, 'found');
  await expect(page.getByText(/^2 of \d+ done, 1 found/)).toBeVisible();
  // On a wide screen the list stands beside it; on a phone it is a station.
  if ((page.viewportSize()?.width ?? 0) < 1000) await call.station('Findings');
  await expect(page.getByText('Trap is missing or the wrong depth.').first()).toBeVisible();
});

test('a unit that freezes in the cold: air in its band, charge not judged, the control that failed is found', async ({
  page,
}) => {
  const call = onCall(page);
  await page.goto('/visits/de300000-0003-4000-8000-000000000019');
  await expect(page.getByText('“freezing up”')).toBeVisible();
  await call.station('Refrigerant');
  await call.readCautions();
  await expect(page.getByText(/^Not yet\. Under 65 °F outdoors the high side cannot be judged/)).toBeVisible();
  await expect(page.getByText(/head-pressure control failed or is missing/)).toBeVisible();
  await expect(page.getByText(/^For R-410A: fan off near \d+ psig, on near \d+ psig/)).toBeVisible();
  await expect(page.getByText('Likely causes')).toHaveCount(0);
  await call.station('Findings');
  await expect(page.getByText(/head-pressure control failed or is missing/)).toBeVisible();
});
