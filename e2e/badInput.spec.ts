import { expect, test } from './support/test';
import { technician } from './support/steps';

test('a dropped decimal point is asked about and put back; too much is refused', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.openPort('R2');
  await tech.press('31');
  await expect(page.getByRole('alert').getByText('Huff takes up to 5')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Too large' })).toBeDisabled();
  await page.getByRole('button', { name: 'Use −0.31' }).click();
  await tech.keep();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Port R2.*−0\.31/ })).toBeVisible();
});

test('a static over 2 is kept only after a question', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.openPort('S1');
  await tech.press('2.4');
  await tech.keep();
  await expect(page.getByRole('dialog', { name: 'Read S1' })).toBeVisible();
  await page.getByRole('button', { name: 'Yes, save 2.4' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Port S1.*2\.40/ })).toBeVisible();
});

test('a nameplate of 50 and tons of 400 are named at the keypad, and stay as typed', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/quick');
  await tech.pickTable('AH 36');
  await page.getByRole('button', { name: /^Nameplate max static/ }).click();
  await page.keyboard.type('50');
  await expect(page.getByRole('alert').getByText(/^Enter between 0\.05 and 5 in\. w\.c\./)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Check it' })).toBeDisabled();
  await expect(page.getByRole('status', { name: '50 in. w.c.' })).toBeVisible();
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await page.keyboard.type('.5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Nameplate max static: 0\.50 in\. w\.c\./ })).toBeVisible();
  await page.getByRole('radio', { name: 'more' }).click();
  await page.keyboard.type('400');
  await expect(page.getByRole('alert').getByText(/^Enter between 0\.5 and 150 tons/)).toBeVisible();
});

test('an address that leads nowhere, and a visit that is not there', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'No such page' })).toBeVisible();
  await page.goto('/visits/11110000-0000-4000-8000-000000000001');
  await expect(page.getByText('No such visit.')).toBeVisible();
});
