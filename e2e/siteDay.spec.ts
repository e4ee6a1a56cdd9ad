import type { Page } from '@playwright/test';
import { expect, testWithOwnServer as test } from './support/test';
import { technician } from './support/steps';

/** Opens today's stop of this place from Today and starts its visit. */
async function startStop(page: Page, place: number) {
  await page.goto('/');
  await page.getByRole('link', { name: new RegExp(`^Job ${place}: `) }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
}

const save = (page: Page) => page.getByRole('button', { name: 'Save the visit' }).click();

test('a day of three stops: loaded, counted, visited with and without a signal, handed over, reminded of', async ({
  page,
  context,
}) => {
  const tech = technician(page);
  // In the morning: what the stops need, and what of it is not on the truck.
  await page.goto('/');
  await page.getByRole('link', { name: 'Plan and load' }).click();
  const load = page.getByRole('region', { name: 'Truck load' });
  await expect(load.getByText('1 on the truck')).toBeVisible();
  await load.getByRole('radio', { name: /^Buy, 1/ }).click();
  await expect(load.getByText('Filter 20 × 25, 1 in. MERV 8')).toBeVisible();
  await page.goto('/settings/stock');
  await page.getByRole('button', { name: 'Filter 20 × 25 × 1: one more' }).click();
  await page.getByRole('button', { name: 'Save count' }).click();
  await page.goto('/schedule');
  await expect(load.getByText('Buy, 0')).toBeVisible();

  // The first stop: a belt goes off the truck, and the report to the owner.
  await startStop(page, 1);
  await tech.station('Wrap up');
  await page.getByRole('button', { name: 'Add part' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Belt A48/ })
    .click();
  await expect(page.getByText('Installed: Belt A48.')).toBeVisible();
  await page.getByRole('button', { name: 'Email report to desk@lanternquay.example' }).click();
  await expect(page.getByText(/^The report goes to desk@lanternquay\.example/)).toBeVisible();
  await page.getByRole('radio', { name: 'in a month' }).click();
  await save(page);

  // The second: up on the roof there is no signal.
  await startStop(page, 2);
  await context.setOffline(true);
  await tech.read('R2', '0.31');
  await page.keyboard.press('Escape');
  await tech.read('S1', '0.22');
  await page.keyboard.press('Escape');
  await tech.station('Wrap up');
  await page.getByLabel('Name, if known').fill('The librarian');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('radio', { name: 'in 3 months' }).click();
  await save(page);
  await context.setOffline(false);

  // The third is another site.
  await startStop(page, 3);
  await tech.station('Wrap up');
  await page.getByRole('radio', { name: 'in 6 months' }).click();
  await save(page);

  // At the end: every stop is done, the stock is lower, papers, labels and mail are there.
  await page.goto('/');
  await expect(page.getByText('Jobs, 3 of 3 done')).toBeVisible();
  const stock = async () =>
    ((await (await page.request.get('/api/stock')).json()) as { parts: { key: string; left?: number }[] }).parts.find(
      ({ key }) => key === 'belt:A48',
    )?.left;
  await expect.poll(stock).toBe(0);
  await page.goto('/settings/mail');
  await page.getByRole('button', { name: /^Report: Roof 2 stacks/ }).click();
  await expect(page.getByText(/Installed: Belt A48\./)).toBeVisible();
  const due = async () =>
    ((await (await page.request.get('/api/due')).json()) as { due: { unit: string; kind: string }[] }).due.filter(
      ({ kind }) => kind === 'return',
    ).length;
  await expect.poll(due).toBeGreaterThanOrEqual(3);
  for (const paper of ['label.pdf', 'label.svg'])
    expect((await page.request.get(`/api/units/de300000-0002-4000-8000-000000000009/${paper}`)).ok()).toBe(true);
  const calendar = await (await page.request.get('/api/due/calendar.ics')).text();
  expect(calendar).toContain('BEGIN:VEVENT');
});

test('@wide a day at the desk: found, compared, sorted, planned, by the keyboard where hands are on it', async ({
  page,
}) => {
  // Phones have a day of their own.
  test.skip((page.viewportSize()?.width ?? 0) < 1000, 'the desk is wide');
  await page.goto('/');
  await page.getByRole('link', { name: 'Plan and load' }).waitFor();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  const find = page.getByRole('textbox', { name: /^Find anything/ });
  await expect(find).toBeFocused();
  await page.keyboard.type('upstairs');
  await page
    .getByRole('button', { name: /Upstairs air handler/ })
    .first()
    .click();
  const [unit, visit] = ['Unit', 'Visit'].map((name) => page.getByRole('region', { name, exact: true }));
  await expect(unit!.getByText('Compare two')).toBeVisible();
  await expect(visit!.getByText(/^Your air handler/)).toBeVisible();
  await visit!.getByRole('radio', { name: 'for the technician' }).click();
  await expect(
    visit!
      .getByText('Static limit')
      .or(visit!.getByText(/^Filter/))
      .first(),
  ).toBeVisible();
  // A pane is as wide as one likes, with the arrows as well.
  const bar = page.getByRole('separator', { name: 'Width of Unit' });
  const width = () => bar.getAttribute('aria-valuenow').then(Number);
  const before = await width();
  await bar.focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(width).toBe(before - 24);
  await unit!.getByText('Compare two').click();
  await expect(page.getByText('Pressure profile')).toBeVisible();

  await page.keyboard.press('s');
  await page.getByRole('radio', { name: 'table' }).click();
  const rows = page.getByRole('table', { name: 'Units' }).getByRole('row');
  await expect(rows).toHaveCount(19);
  await page.getByRole('button', { name: 'Sort by Unit' }).click();
  await expect(rows.nth(1)).toHaveAccessibleName(/^Attic air handler/);
  await page.getByRole('radio', { name: 'out of range' }).click();
  await expect(page.getByText(/ of 18$/)).not.toHaveText('18 of 18');

  await page.keyboard.press('d');
  await page.getByRole('button', { name: 'Plan a job' }).click();
  await page.getByLabel('Site or unit').fill('hallway');
  await page.getByRole('button', { name: /^Hallway air handler/ }).click();
  await page.getByRole('radio', { name: 'filter' }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'Tamsin' }).click();
  await page.getByRole('button', { name: 'Save job' }).click();
  await expect(page.getByRole('link', { name: /^Job 4: Hallway air handler/ })).toBeVisible();
});
