import { readFileSync } from 'node:fs';
import type { BlowerTableDto } from '@huff/contract';
import { cellsOf, choosePhoto, confirmMarked, photoPath, PRINTED, READ_WITHIN } from './support/photos';
import { expect, test as shared, testWithOwnServer } from './support/test';

testWithOwnServer.describe('the reader on the phone', () => {
  testWithOwnServer.use({ serviceWorkers: 'allow' });

  testWithOwnServer(
    'fetched once, it reads a table without a signal; what is marked is passed over, and the table is the shop’s',
    async ({ page, huff }) => {
      await page.goto('/settings/tables/type');
      await page.evaluate(() => navigator.serviceWorker.ready);
      await page.reload();
      await choosePhoto(page, 'photo', photoPath('table.jpg'));
      await expect(page.getByText(/7 MB, fetched once/)).toBeVisible();
      await page.getByRole('button', { name: /^Read the table/ }).click();
      await expect(page.getByRole('rowheader', { name: /^Row Med-High/ })).toBeVisible(READ_WITHIN);

      // Now without a signal, from the beginning.
      await huff.stop();
      await page.reload();
      await choosePhoto(page, 'photo', photoPath('blurred.jpg'));
      await expect(page.getByText(/Pull the corners/)).toBeVisible();
      await page.getByRole('button', { name: /^Read the table/ }).click();
      await expect(page.getByRole('dialog', { name: 'Blower table from photo' })).toHaveCount(0, READ_WITHIN);
      await expect(page.getByRole('rowheader')).toHaveCount(4);
      await confirmMarked(page);
      expect(await cellsOf(page)).toEqual(PRINTED.flatMap(([, ...cells]) => cells));

      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByLabel('Table name').fill('Read in the attic');
      await page.getByRole('button', { name: 'Save table' }).click();
      await huff.start();
      await expect
        .poll(
          async () => {
            const answer = await page.request.get(`${huff.url}/api/blower-tables`);
            const { records } = (await answer.json()) as { records: BlowerTableDto[] };
            return records.find(({ name }) => name === 'Read in the attic')?.taps[3]?.flowsCfm;
          },
          { timeout: 80_000 },
        )
        .toEqual([1875, 1815, 1740, 1655, null, null]);
      // The paper is kept with its table, at the server as well.
      const paper = page.getByRole('img', { name: 'Paper, photo 1 of 1' });
      await expect(paper).toBeVisible();
      const tableId = new URL(page.url()).pathname.split('/').at(-1)!;
      await expect
        .poll(
          async () => {
            const answer = await page.request.get(`${huff.url}/api/blower-tables/${tableId}/photos`);
            return ((await answer.json()) as { photos: unknown[] }).photos.length;
          },
          { timeout: 80_000 },
        )
        .toBe(1);
    },
  );
});

shared('a nameplate fills its form, field by field beside the photo', async ({ page }) => {
  await page.goto('/quick');
  await page.getByRole('button', { name: 'Set up equipment', exact: true }).click();
  await page.getByRole('button', { name: /^Nameplate: model/ }).click();
  await choosePhoto(page, 'Read from a photo', photoPath('plate.jpg'));
  await page.getByRole('button', { name: /^Read the nameplate/ }).click();
  const use = page.getByRole('button', { name: /^Use these figures/ });
  await expect(use).toBeVisible(READ_WITHIN);
  const confirm = page.getByRole('button', { name: 'Confirm', exact: true });
  while ((await confirm.count()) > 0) await confirm.first().click();
  await use.click();
  await expect(page.getByLabel('Model number')).toHaveValue('ZP024W87-9L');
});

shared('photos of nothing say what they are, and typing goes on', async ({ page }) => {
  const picture = async (color: string, text: string) => {
    const data = await page.evaluate(
      ([fill, words]) => {
        const canvas = document.createElement('canvas');
        canvas.width = 900;
        canvas.height = 600;
        const pen = canvas.getContext('2d')!;
        pen.fillStyle = fill!;
        pen.fillRect(0, 0, 900, 600);
        pen.fillStyle = '#000';
        pen.font = '48px sans-serif';
        words!.split('\n').forEach((line, i) => pen.fillText(line, 60, 100 + 80 * i));
        return canvas.toDataURL('image/png').split(',')[1]!;
      },
      [color, text],
    );
    return { name: 'photo.png', mimeType: 'image/png', buffer: Buffer.from(data, 'base64') };
  };
  await page.goto('/settings/tables/type');
  // The keyboard is the sheet's while it is open: an arrow moves a corner, a digit goes into no cell.
  await choosePhoto(page, 'photo', photoPath('table.jpg'));
  const corner = page.getByRole('slider', { name: 'Top left corner' });
  const before = Number(await corner.getAttribute('aria-valuenow'));
  await corner.focus();
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', '7']) await page.keyboard.press(key);
  await expect(corner).toHaveAttribute('aria-valuenow', String(before + 3));
  await page.keyboard.press('Escape');
  expect((await cellsOf(page)).join('')).not.toContain('7');
  for (const [color, text, says] of [
    ['#000', '', /nearly black/],
    ['#ddd', '', /Nothing is printed/],
    ['#fff', 'CAUTION\nDisconnect power before service\nRead the manual with care', /no table was found/],
  ] as const) {
    await choosePhoto(page, 'photo', await picture(color, text));
    await page.getByRole('button', { name: /^Read the table/ }).click();
    await expect(page.getByText(says)).toBeVisible(READ_WITHIN);
    await page.getByRole('button', { name: 'Type it instead' }).click();
  }
  await choosePhoto(page, 'photo', {
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: readFileSync(import.meta.filename),
  });
  await expect(page.getByText(/is not a readable picture/)).toBeVisible();
  await page.getByRole('cell').first().click();
  await page.keyboard.type('905');
  expect((await cellsOf(page))[0]).toBe('905');
});
