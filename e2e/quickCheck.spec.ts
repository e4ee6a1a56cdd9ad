import { expect, test, testWithOwnServer } from './support/test';
import { technician } from './support/steps';

testWithOwnServer(
  '@wide from two statics to a tap, saved, there after a reload and a restart',
  async ({ page, huff }) => {
    const tech = technician(page);
    await page.goto('/');
    await page.getByRole('button', { name: /^Quick check/ }).click();
    await tech.pickTable('AH 36');
    await tech.sayTap('3');
    await tech.read('R2', '0.31');
    await tech.press('.27');
    await tech.keep();

    await expect(page.getByRole('button', { name: /^TESP 0\.58 in\. w\.c\..*out of range/ })).toBeVisible();
    await expect(
      page.getByRole('button', { name: /^Airflow 940 CFM, ± 94, 313 per ton: out of range, 7 % likely within target/ }),
    ).toBeVisible();
    await tech.station('Fix');
    await expect(page.getByRole('heading', { name: 'No speed can do it: clear the restriction first' })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Tap 4: 1,036 CFM at 0\.70/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Tap 5: off its curve/ })).toBeVisible();
    await expect(page.getByText('table at today’s static: 1,083')).toBeVisible();
    await page.getByRole('button', { name: /^Tap 4/ }).click();
    await expect(
      page.getByRole('img', { name: /Then the operating point on tap 4 is 1,036 CFM and 0\.70/ }),
    ).toBeVisible();

    await tech.station('Pressure');
    await page.getByRole('button', { name: /^Airflow 940/ }).click();
    const working = page.getByRole('dialog', { name: 'Airflow' });
    await expect(working.getByText('rule of thumb').first()).toBeVisible();
    await expect(working.getByText('1,080 to 1,320 CFM')).toBeVisible();
    await working.getByRole('button', { name: 'Close' }).click();

    await page.getByRole('button', { name: 'Save this visit' }).click();
    await expect(page).toHaveURL(/\/visits\//);
    await expect(page.getByText('Saved on this phone, not synced')).toHaveCount(0);
    await page.goto('/');
    const row = page.getByRole('link', { name: /^Quick check.*clear the restriction/ });
    await expect(row).toHaveCount(1);
    await page.reload();
    await expect(row).toHaveCount(1);

    await huff.stop();
    await huff.start();
    await page.reload();
    await row.click();
    await expect(page.getByRole('button', { name: /^Airflow 940 CFM/ })).toBeVisible();
  },
);

test('a known unit: what its record says is filled in, and the advice is to stay', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('R2', '0.16');
  await tech.press('0.2');
  await tech.keep();
  // Nobody has looked at the fan yet, and the static is little for its air: no word, no speed.
  await expect(page.getByRole('button', { name: /^Airflow .*not enough data, \d+ % likely/ })).toBeVisible();
  await tech.station('Inspect');
  await tech.see('Blower wheel', 'clean');
  await tech.see('Run capacitor', 'within its rating');
  await tech.see('Coil faces, under side too', 'clean');
  await tech.station('Fix');
  await expect(page.getByRole('heading', { name: 'Stay on tap high' })).toBeVisible();
});

test('a reading is corrected: the old one stays in the log, struck through', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('R2', '0.26');
  await page.keyboard.press('Escape');
  await tech.read('R2', '0.16');
  await page.keyboard.press('Escape');
  await expect(page.getByText('corrected')).toBeVisible();
  await expect(page.getByText('−0.26')).toHaveCSS('text-decoration-line', 'line-through');
  await page.reload();
  await expect(page.getByText('−0.26')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Port R2.*−0\.16/ })).toBeVisible();
});

test('a reading with the door off is kept and does not count', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.openPort('R2');
  await page.getByRole('button', { name: /^door on/ }).click();
  await tech.press('.31');
  await tech.keep();
  await expect(page.getByText('door off, not counted')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Port R2.*not read/ })).toBeVisible();
});

test('starting elsewhere or over saves what was read: nothing is thrown away', async ({ page }) => {
  const tech = technician(page);
  const links = (unit: string) => page.getByRole('link', { name: new RegExp(`${unit} air handler`) });
  // Other tests on the same server may have been at these units before.
  await page.goto('/');
  await expect(links('Closet').first()).toBeVisible();
  const before = { Closet: await links('Closet').count(), Upstairs: await links('Upstairs').count() };
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Closet air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('R2', '.21');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Back' }).click();
  await page.getByRole('link', { name: 'Sites' }).click();
  await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
  await expect(page.getByText(/^A check is open at .*Closet air handler\. Starting here saves it/)).toBeVisible();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('R2', '.16');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Start over/ }).click();
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(links('Closet')).toHaveCount(before.Closet + 1);
  await expect(links('Upstairs')).toHaveCount(before.Upstairs + 1);
});
