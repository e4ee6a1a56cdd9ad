import { expect, test, testWithOwnServer } from './support/test';
import { technician } from './support/steps';

test('a call solved from live probes, without typing a figure', async ({ page }) => {
  test.setTimeout(120_000);
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Glaze room furnace' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await page.getByRole('button', { name: 'Connect probes' }).click();
  await page.getByRole('button', { name: 'Connect simulated set' }).click();
  await expect(page.getByRole('img', { name: /^Manometer A: / })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('15 probes live.')).toBeVisible();

  await page.getByRole('button', { name: /^Port R2,/ }).click();
  await page.getByRole('button', { name: 'Save when steady' }).click();
  await expect(page.getByRole('dialog', { name: 'Read S1' })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Save probe value' }).click({ timeout: 30_000 });
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Port S1, .*: 0\.\d\d/ })).toBeVisible();

  await tech.station('Temperatures');
  for (const name of ['Psychrometer 1', 'Psychrometer 1 wet', 'Psychrometer 2'])
    await expect(page.getByRole('img', { name: new RegExp(`^${name}: .*, steady$`) }).first()).toBeVisible({
      timeout: 60_000,
    });
  await page.getByRole('button', { name: /^Measure temperatures/ }).click();
  await page.getByRole('button', { name: 'Save temperatures' }).click();
  await expect(page.getByRole('button', { name: /^ΔT \d/ })).toBeVisible();

  await tech.station('Causes');
  await expect(page.getByRole('img', { name: /^Temperature drop: \d/ })).toBeVisible({ timeout: 20_000 });
  await expect(
    page.getByRole('button', { name: /^Fan and motor, |^Return side, |^Filter, |^Refrigerant side, /i }).first(),
  ).toBeVisible();
});

testWithOwnServer(
  'a bridge that goes away and comes back: values stay, and it is said',
  async ({ page, request, huff }) => {
    test.setTimeout(90_000);
    const send = (value: number) =>
      request.post('/api/bridge/values', {
        data: { values: [{ probe: 'Field manometer', channel: 'static', value, atMs: Date.now() }] },
      });
    await page.goto('/sites');
    await page.getByRole('button', { name: 'Unit Glaze room furnace' }).click();
    await page.getByRole('button', { name: /^Start a visit/ }).click();
    await page.getByRole('button', { name: 'Connect probes' }).click();
    await page.getByRole('button', { name: 'Connect bridge' }).click();
    await expect(async () => {
      await send(-0.2);
      await expect(page.getByRole('img', { name: /^Field manometer: −0\.20/ })).toBeVisible({ timeout: 1_000 });
    }).toPass();
    await page.getByRole('button', { name: 'Field manometer: move it' }).click();
    await page.getByRole('radio', { name: 'R2', exact: true }).click();
    // A value that is no value is refused, with the reason.
    expect((await (await send(99)).json()) as object).toMatchObject({ taken: 0 });

    await huff.stop('SIGKILL');
    await expect(page.getByText(/^Connection lost/)).toBeVisible({ timeout: 20_000 });
    await expect(page.getByRole('img', { name: /^Field manometer: −0\.20/ })).toBeVisible();
    await huff.start();
    await expect(async () => {
      await send(-0.25);
      await expect(page.getByRole('img', { name: /^Field manometer: −0\.25/ })).toBeVisible({ timeout: 1_000 });
    }).toPass({ timeout: 30_000 });
    await expect(page.getByText(/^Connection lost/)).toBeHidden();
  },
);

testWithOwnServer('the step Causes ranks what explains a visit, and begins the next reading', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/visits/de300000-0003-4000-8000-000000000001');
  await tech.station('Causes');
  await expect(page.getByRole('button', { name: /^Filter, 9\d %$/ })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('img', { name: /^R2: −0\.31 in\. w\.c\., expected −0\.3\d/ })).toBeVisible();
  await page.getByRole('button', { name: /^Nothing wrong, / }).click();
  await expect(page.getByRole('heading', { name: 'Nothing wrong' })).toBeVisible();
});
