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

test('a log that an instrument wrote: its columns said once, its steady value saved as a reading', async ({ page }) => {
  const from = Date.now() - 120_000;
  const rows = Array.from({ length: 90 }, (_, i) => {
    const pascals = i < 30 ? 20 + i : 77.2;
    return `${new Date(from + 1000 * i).toISOString()},R2,${pascals},Pa`;
  });
  const text = ['Timestamp,Probe tag,Measured,UoM', ...rows, 'soon,R2,1,Pa'].join('\n');
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Glaze room furnace' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  const openLog = async () => {
    await page.getByRole('button', { name: 'Connect probes' }).click();
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: /^Open a log/ }).click();
    await (await chooser).setFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  await openLog();
  await page.getByRole('button', { name: 'Read the log' }).click();
  await expect(page.getByText('Line 92: “soon” is not a time.')).toBeVisible();
  await page.getByRole('button', { name: 'Save at R2' }).last().click();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  // Suction, whatever the sign in the log.
  await expect(page.getByRole('button', { name: /^Port R2, .*: −0\.31/ })).toBeVisible();
  // The columns are known now.
  await openLog();
  await expect(page.getByRole('button', { name: 'Change columns' })).toBeVisible();
});
