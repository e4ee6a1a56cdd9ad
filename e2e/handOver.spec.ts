import { readFileSync } from 'node:fs';
import { expect, test } from './support/test';

const READING_ROOM = '/visits/de300000-0003-4000-8000-000000000001';
const station = (name: string) => new RegExp(`^${name}, `);

test('a visit is handed over: what was found is settled, a day agreed, the page signed, and the papers are there', async ({
  page,
}) => {
  await page.goto(READING_ROOM);
  await page.getByRole('button', { name: station('Wrap up') }).click();
  await expect(page.getByText('Your air handler moves slightly less air than it should')).toBeVisible();
  await page.getByRole('button', { name: 'Resolve findings' }).click();
  const fixed = page.getByRole('button', { name: /: fixed$/ });
  await page.getByRole('button', { name: 'Filter: loaded: fixed' }).click();
  await page.getByRole('button', { name: 'Dampers and registers: some closed: quoted' }).click();
  await page.keyboard.type('120');
  await page.keyboard.press('Enter');
  await expect(page.getByText('quoted at $120 · undo')).toBeVisible();
  // What was judged from the filter goes by itself a moment later: the list is worked until nothing is open.
  const watch = page.getByRole('button', { name: /: watch$/ });
  await expect(async () => {
    if ((await watch.count()) > 0) await watch.first().click({ timeout: 2_000 });
    expect(await fixed.count()).toBe(0);
  }).toPass();
  await page.getByRole('button', { name: station('Wrap up') }).click();
  await page.getByRole('radio', { name: 'in 3 months' }).click();
  await page.getByLabel('Name, if known').fill('Mira Holt');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const pad = page.getByRole('img', { name: 'Signature box, empty' });
  await pad.scrollIntoViewIfNeeded();
  const box = (await pad.boundingBox())!;
  await page.mouse.move(box.x + 30, box.y + 40);
  await page.mouse.down();
  for (const step of [60, 110, 160, 210]) await page.mouse.move(box.x + step, box.y + 40 + (step % 100) / 2);
  await page.mouse.up();
  await page.getByRole('button', { name: 'Save signature' }).click();
  await expect(page.getByRole('img', { name: 'signed', exact: true })).toBeVisible();
  await expect(page.getByText('All findings are resolved, and the next visit has a date.')).toBeVisible();
  // It was sent: the paper says the same as the screen.
  const html = async () => (await page.request.get(`/api${READING_ROOM}/report.html`)).text();
  await expect.poll(html).toContain('Mira Holt');
  expect(await html()).toContain('$120 quoted');
  expect(await html()).toContain('Fixed: the filter was clogged.');
  const pdf = await page.request.get(`/api${READING_ROOM}/report.pdf`);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  // The day stands among what is due, and what was not fixed at the unit.
  await page.goto('/units/de300000-0002-4000-8000-000000000001');
  await expect(page.getByText('quoted $120')).toBeVisible();
});

test('a page to print is made without a signal', async ({ page, context }) => {
  await page.goto(READING_ROOM);
  await page.getByRole('button', { name: station('Wrap up') }).click();
  await expect(page.getByRole('heading', { name: 'Report', exact: true })).toBeVisible();
  await context.setOffline(true);
  const opened = context.waitForEvent('page');
  await page.getByRole('button', { name: 'Print or show' }).click();
  const paper = await opened;
  await expect(paper.getByRole('heading', { name: 'For the next technician' })).toBeAttached();
  await expect(paper.getByRole('img', { name: /^Pressure profile/ }).first()).toBeVisible();
  // A drawing alone, as a picture: made on the phone as well.
  const download = page.waitForEvent('download');
  await page.getByText('PNG', { exact: true }).first().click();
  const picture = readFileSync(await (await download).path());
  expect(picture.subarray(1, 4).toString()).toBe('PNG');
  expect(picture.length).toBeGreaterThan(5000);
});
