import type { VisitDto } from '@huff/contract';
import { expect, testWithOwnServer as test } from './support/test';
import { ARRIVE_WITHIN } from './support/arriveWithin';
import { technician } from './support/steps';
import { visitsAt } from './support/visitsAt';

test.use({ serviceWorkers: 'allow' });

test('with the server stopped it opens, computes and saves; the visit arrives once, later', async ({ page, huff }) => {
  const tech = technician(page);
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Glaze room/ })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto('/settings/tables');
  await expect(page.getByText('AH 36, constant torque')).toBeVisible();
  await huff.stop();

  await page.goto('/');
  await page.getByRole('button', { name: /^Quick check/ }).click();
  await tech.pickTable('AH 36');
  await tech.sayTap('3');
  await tech.read('R2', '0.2');
  await tech.press('0.18');
  await tech.keep();
  await expect(page.getByRole('button', { name: /^Airflow 1,019 CFM/ })).toBeVisible();
  await page.getByRole('button', { name: 'Save this visit' }).click();
  await expect(page.getByText('Saved on this phone, not synced yet.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Saved on this phone, not synced yet.')).toBeVisible();
  const id = new URL(page.url()).pathname.split('/').pop()!;

  await huff.start();
  await expect(page.getByText('Saved on this phone, not synced yet.')).toHaveCount(0, ARRIVE_WITHIN);
  const list = await visitsAt(page.request, huff.url);
  expect(list.filter((v) => v.id === id)).toHaveLength(1);
  expect(list.find((v) => v.id === id)!.readings).toHaveLength(2);
});

test('what is measured without a server arrives whole: looks, a method, temperatures, in one visit', async ({
  page,
  huff,
}) => {
  const tech = technician(page);
  await page.goto('/sites');
  await expect(page.getByRole('button', { name: 'Unit Reading room air handler' })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto('/settings/tables');
  await expect(page.getByText('AH 36, constant torque')).toBeVisible();
  await huff.stop();

  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Reading room air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.station('Inspect');
  await tech.see('Filter', 'loaded');
  await tech.station('Pressure');
  await tech.read('R2', '.31');
  await tech.press('.27');
  await tech.keep();
  await tech.station('Airflow');
  await page.getByRole('button', { name: /^Flow plate.*open/ }).click();
  await tech.fill({ 'Flow plate reading': '900', 'Static, filter': '.27', 'Static, flow plate': '.25' });
  await page.getByRole('button', { name: /^Save (airflow|[\d,]+ CFM)/ }).click();
  await tech.station('Temperatures');
  await page.getByRole('button', { name: /^Measure temperatures/ }).click();
  await tech.fill({
    'Return dry bulb': '75.2',
    'Return wet bulb': '62.6',
    'Outdoor dry bulb': '91',
    'Supply dry bulb': '51.3',
  });
  await page.getByRole('button', { name: 'Save temperatures' }).click();
  await page.getByRole('button', { name: 'Save this visit' }).click();
  await expect(page.getByText('Saved on this phone, not synced yet.')).toBeVisible();
  const id = new URL(page.url()).pathname.split('/').pop()!;

  await huff.start();
  await expect(page.getByText('Saved on this phone, not synced yet.')).toHaveCount(0, ARRIVE_WITHIN);
  const visit = (await (await page.request.get(`${huff.url}/api/visits/${id}`)).json()) as VisitDto;
  expect(visit.readings.map((r) => [r.port, r.value])).toEqual([
    ['R2', -0.31],
    ['S1', 0.27],
  ]);
  expect(visit.readings[0]!.conditions).toMatchObject({ door: 'on', filter: 'in', mode: 'cooling', tap: '3' });
  expect(visit.facts!.map((f) => f.kind)).toEqual(['look', 'flowPlate', 'measuredDrop']);
  expect(visit.setup).toMatchObject({ altitudeFt: 620 });
});
