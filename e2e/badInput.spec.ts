import { expect, test } from './support/test';
import { technician } from './support/steps';

test('a dropped decimal point is asked about and put back; too much is refused', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Check Upstairs air handler' }).click();
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
  await page.getByRole('button', { name: 'Check Upstairs air handler' }).click();
  await tech.openPort('S1');
  await tech.press('2.4');
  await tech.keep();
  await expect(page.getByRole('dialog', { name: 'Read S1' })).toBeVisible();
  await page.getByRole('button', { name: 'Yes, keep 2.4' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Port S1.*2\.40/ })).toBeVisible();
});

test('letters and far-off numbers in the unit’s fields are named, and stay as typed', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/quick');
  await tech.pickTable('AH 36');
  await page.getByRole('button', { name: /^Plate, target, air path/ }).click();
  const sheet = page.getByRole('dialog', { name: 'The unit' });
  await sheet.getByLabel('Nominal tons').fill('three');
  await sheet.getByLabel('Nameplate maximum static').fill('50');
  await sheet.getByLabel('Target, CFM a ton').fill('');
  await sheet.getByRole('button', { name: 'Keep these' }).click();
  await expect(sheet.getByText('Tons must be a number.')).toBeVisible();
  await expect(sheet.getByText('Nameplate static must be between 0.05 and 5 in. w.c.')).toBeVisible();
  await expect(sheet.getByText('Target must be a number.')).toBeVisible();
  await expect(sheet.getByLabel('Nominal tons')).toHaveValue('three');
  await sheet.getByLabel('Nominal tons').fill('2,5');
  await sheet.getByLabel('Nameplate maximum static').fill('0.5');
  await sheet.getByLabel('Target, CFM a ton').fill('400');
  await sheet.getByRole('button', { name: 'Keep these' }).click();
  await expect(sheet).toHaveCount(0);
  await expect(page.getByText('2.5 t · constant torque · cooling')).toBeVisible();
});

test('an address that leads nowhere, and a visit that is not there', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'No such page' })).toBeVisible();
  await page.goto('/visits/11110000-0000-4000-8000-000000000001');
  await expect(page.getByText('There is no such visit.')).toBeVisible();
});
