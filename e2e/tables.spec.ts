import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from './support/test';

async function choose(page: Page, name: string, text: string | Buffer) {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: /^Choose (a|another) file/ }).click();
  await (await chooser).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
}

test('a bad file is told by line and column, mended in place, and stored only when confirmed', async ({ page }) => {
  await page.goto('/settings/tables/import');
  await choose(page, 'attic-unit.csv', 'tap,0.1,0.2,0.3\nlow,800,abc,700\nhigh,900,9 x 0,850\n');
  await expect(page.getByRole('alert')).toContainText('2 things to correct');
  await expect(page.getByText('line 2, column C: “abc”')).toBeVisible();
  await expect(page.getByText(/line 3, column C/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Save table/ })).toHaveCount(0);
  const text = page.getByLabel('Table text');
  await expect(text).toHaveValue(/low,800,abc,700/);
  await text.fill('tap,0.1,0.2,0.3\nlow,800,750,700\nhigh,950,900,\n');
  await page.getByRole('button', { name: 'Read text' }).click();
  await expect(page.getByRole('heading', { name: 'What was read' })).toBeVisible();
  await expect(page.getByLabel('Table name')).toHaveValue('attic unit');
  await page.goto('/settings/tables');
  await expect(page.getByText('AH 24, PSC three-speed')).toBeVisible();
  await expect(page.getByText('attic unit')).toHaveCount(0);
});

test('semicolons, decimal commas and a byte order mark are read; what is exported reads back the same', async ({
  page,
}) => {
  await page.goto('/settings/tables/import');
  await choose(page, 'loft.csv', '\ufefftap;0,10;0,20;0,30\nlow;800;750;700\nhigh;950;900;\n');
  await expect(page.getByRole('heading', { name: 'What was read' })).toBeVisible();
  await page.getByRole('radio', { name: 'PSC' }).click();
  await page.getByRole('button', { name: /^Save table/ }).click();
  await page.getByRole('link', { name: /^loft/ }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Export this table/ }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('loft.csv');
  const csv = readFileSync(await file.path(), 'utf8');
  await page.goto('/settings/tables/import');
  await choose(page, 'again.csv', csv);
  await expect(page.getByLabel('Table name')).toHaveValue('loft');
  await expect(page.getByRole('radio', { name: 'PSC' })).toBeChecked();
  const cells = page.getByLabel('CFM by tap and external static, in. w.c.');
  await expect(cells).toContainText('950');
  await expect(cells).toContainText('–');
});

test('a book in place of a table: the file stays where it is, and what was pasted is not thrown away', async ({
  page,
}) => {
  const book = `static,1\n${Array.from({ length: 9000 }, (_, i) => `${i / 100},${900 - i}`).join('\n')}`;
  await page.goto('/settings/tables/import');
  await choose(page, 'book.csv', book);
  await expect(page.getByRole('alert')).toContainText('far larger than a blower table');
  const text = page.getByLabel('Table text');
  await expect(text).toHaveValue('');
  await expect(page.getByRole('heading', { name: 'Or paste it' })).toBeVisible();
  // Pasted as a person does: what `fill` does takes a browser half a minute with so many lines.
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.evaluate((copied) => navigator.clipboard.writeText(copied), book);
  await text.focus();
  await page.keyboard.press('Control+V');
  await page.getByRole('button', { name: 'Read text' }).click();
  await expect(page.getByRole('heading', { name: 'Correct it here' })).toBeVisible();
  await expect(text).toHaveValue(book);
});

test.describe('files that are no table', () => {
  const files: [string, string | Buffer, RegExp][] = [
    ['empty.csv', '', /empty/i],
    ['no-header.csv', '1,2,3\n4,5,6\n', /tap/],
    ['twice.csv', 'tap,0.1,0.2\nlow,800,700\nlow,900,800\n', /is there twice/],
    ['huge.csv', Buffer.alloc(20_000_000, 'a'), /20 MB/],
  ];
  for (const [name, content, says] of files) {
    test(name, async ({ page }) => {
      await page.goto('/settings/tables/import');
      await choose(page, name, content);
      await expect(page.getByRole('alert')).toContainText(says);
      await expect(page.getByRole('button', { name: /^Save table/ })).toHaveCount(0);
    });
  }
});
