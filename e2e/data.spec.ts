import { rmSync } from 'node:fs';
import { copyOfReadyFolder } from './support/readyFolders';
import { HuffServer } from './support/huffServer';
import { expect, testInEmptyShop as test } from './support/test';

/** A whole shop as it goes out, with its pictures. */
async function demoShop(): Promise<Buffer> {
  const server = new HuffServer(copyOfReadyFolder('demo'));
  await server.start();
  try {
    return Buffer.from(await (await fetch(`${server.url}/api/bundle?photos=yes`)).arrayBuffer());
  } finally {
    await server.stop();
    rmSync(server.dataFolder, { recursive: true, force: true });
  }
}

test('a whole shop comes into an empty one: a broken file is refused, a sound one is looked at first, then it is there', async ({
  page,
}) => {
  const buffer = await demoShop();
  const choose = async (name: string, content: Buffer) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Choose a file' }).click();
    await (await chooser).setFiles({ name, mimeType: 'application/json', buffer: content });
  };
  await page.goto('/settings/data');
  await choose('half.json', buffer.subarray(0, buffer.length / 2));
  await expect(page.getByRole('alert').filter({ hasText: /incomplete/ })).toBeVisible();
  await choose('huff.json', buffer);
  await expect(page.getByText(/^huff\.json adds: \d+ sites, 18 units, \d+ blower tables, 30 visits/)).toBeVisible();
  const units = async () =>
    ((await (await page.request.get('/api/units')).json()) as { records: unknown[] }).records.length;
  expect(await units()).toBe(0);
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByText(/^Imported: \d+ sites/)).toBeVisible();
  expect(await units()).toBe(18);
  await page.getByRole('link', { name: 'Sites' }).click();
  await expect(page.getByText('Lantern Quay library').first()).toBeVisible();
});
