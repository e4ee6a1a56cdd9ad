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
  await expect(page.getByRole('button', { name: /Set up equipment$/ }).first()).toBeVisible();
  await tabTo(page, /Set up equipment$/);
  await page.keyboard.press('Enter');
  // Arrows go through a group, Tab from group to group.
  await tabTo(page, /^Air handler/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Furnace, coil' })).toBeChecked();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('radio', { name: 'Air handler' })).toBeChecked();
  await tabTo(page, /^Blower table/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^AH 36/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^1$/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Escape');
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

/** On a phone each value is typed at its spot: Enter opens it, and goes on to the next. */
async function typeOnDrawing(page: Page): Promise<void> {
  await tabTo(page, /^Flow plate reading/);
  await page.keyboard.press('Enter');
  await page.keyboard.type('760');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Static, flow plate' })).toBeVisible();
  await page.keyboard.type('.2');
  await page.keyboard.press('Enter');
  await tabTo(page, /^Static, filter in/);
  await page.keyboard.press('Enter');
  await page.keyboard.type('25');
  await expect(page.getByText(/^Enter between 0 and 5 in\. w\.c\./)).toBeVisible();
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await page.keyboard.type('.25');
  await page.keyboard.press('Enter');
  await tabTo(page, /^Save 850 CFM/);
  await page.keyboard.press('Enter');
}

/** At the desk it is a form. */
async function typeInForm(page: Page): Promise<void> {
  await tabTo(page, /^Flow plate reading/);
  await page.keyboard.type('760');
  await page.keyboard.press('Tab');
  await page.keyboard.type('25');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Static, filter in must be between 0 and 5 in. w.c.')).toBeVisible();
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('.25');
  await page.keyboard.press('Tab');
  await page.keyboard.type('.2');
  await expect(page.getByRole('dialog').getByText('850', { exact: true })).toBeVisible();
  await tabTo(page, /^Save airflow/);
  await page.keyboard.press('Enter');
}

test('@wide a method of airflow without a pointer: opened, typed, mended, kept', async ({ page }) => {
  await page.goto('/sites');
  await expect(page.getByRole('button', { name: 'Unit Upstairs air handler' })).toBeVisible();
  await tabTo(page, /^Unit Upstairs air handler/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Start a visit/ })).toBeVisible();
  await tabTo(page, /^Start a visit/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Airflow, / })).toBeVisible();
  await tabTo(page, /^Airflow, /);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Flow plate: open/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Flow plate' })).toBeVisible();
  if ((page.viewportSize()?.width ?? 0) < 1000) await typeOnDrawing(page);
  else await typeInForm(page);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Airflow 850 CFM, ± 59, 425 per ton: borderline/ })).toBeVisible();
});
