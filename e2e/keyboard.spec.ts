import type { Page } from '@playwright/test';
import { expect, test } from './support/test';

/** Moves on with Tab until the named thing has the focus. */
async function tabTo(page: Page, name: RegExp, most = 60) {
  for (let i = 0; i < most; i += 1) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const here = document.activeElement;
      return here?.getAttribute('aria-label') ?? here?.textContent ?? '';
    });
    if (name.test(label)) return;
  }
  throw new Error(`${name} was not reached with Tab`);
}

test('@wide the whole check without a pointer', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: /^Quick check/ })).toBeVisible();
  await tabTo(page, /^Quick check/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Blower table/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^AH 36/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^3$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('3 t · constant torque · tap 3 · cooling')).toBeVisible();
  await tabTo(page, /^Port R2/);
  await page.keyboard.press('Enter');
  await page.keyboard.type('.31');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Read S1' })).toBeVisible();
  await page.keyboard.type('0.27');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Airflow 940 CFM/ })).toBeVisible();
  await tabTo(page, /^Save this visit/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/visits\//);
});
