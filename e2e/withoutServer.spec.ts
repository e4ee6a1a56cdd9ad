import type { VisitDto } from '@huff/contract';
import { expect, testWithOwnServer as test } from './support/test';
import { technician } from './support/steps';

test.use({ serviceWorkers: 'allow' });

test('with the server stopped it opens, computes and saves; the visit arrives once, later', async ({ page, huff }) => {
  const tech = technician(page);
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Glaze room/ })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto('/shop/tables');
  await expect(page.getByText('AH 36, constant torque')).toBeVisible();
  // What was read is written to the phone at most every 200 ms.
  await page.waitForTimeout(500);
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
  await expect(page.getByText('Kept on this phone, waiting to be sent.')).toBeVisible();
  await page.waitForTimeout(500);
  await page.reload();
  await expect(page.getByText('Kept on this phone, waiting to be sent.')).toBeVisible();
  const id = new URL(page.url()).pathname.split('/').pop()!;

  await huff.start();
  await expect(page.getByText('Kept on this phone, waiting to be sent.')).toHaveCount(0, { timeout: 20_000 });
  const list = (await (await page.request.get(`${huff.url}/api/visits`)).json()) as VisitDto[];
  expect(list.filter((v) => v.id === id)).toHaveLength(1);
  expect(list.find((v) => v.id === id)!.readings).toHaveLength(2);
});
