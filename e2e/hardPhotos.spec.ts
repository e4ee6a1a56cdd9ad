import type { Page } from '@playwright/test';
import { cellsOf, choosePhoto, confirmMarked, drawnPhoto, PRINTED, READ_WITHIN } from './support/photos';
import { expect, test } from './support/test';

type Photo = Awaited<ReturnType<typeof drawnPhoto>>;

/** Has a photo read; ends on the table, or on the words that say why there is none. */
async function read(page: Page, file: Photo): Promise<void> {
  await page.goto('/settings/tables/type');
  await choosePhoto(page, 'photo', file);
  await page.getByRole('button', { name: /^Read the table/ }).click();
}

const rowsOf = (page: Page) => page.getByRole('rowheader').allInnerTexts();

async function expectPrinted(page: Page): Promise<void> {
  await expect(page.getByRole('dialog', { name: 'Blower table from photo' })).toHaveCount(0, READ_WITHIN);
  await expect(page.getByRole('rowheader')).toHaveCount(PRINTED.length);
  await confirmMarked(page);
  expect(await rowsOf(page)).toEqual(PRINTED.map(([name]) => name));
  expect(await cellsOf(page)).toEqual(PRINTED.flatMap(([, ...cells]) => cells));
}

test('upside down, and of 50 megapixels: the table is there', async ({ page }) => {
  await page.goto('/settings/tables/type');
  const upsideDown = await drawnPhoto(page, [1500, 1061], (pen, table) => {
    pen.translate(1500, 1061);
    pen.rotate(Math.PI);
    pen.drawImage(table, 0, 0);
  });
  await read(page, upsideDown);
  await expectPrinted(page);
  await page.evaluate(() => localStorage.clear());
  const large = await drawnPhoto(page, [8660, 5774], (pen, table) => pen.drawImage(table, 0, 0, 8660, 5774));
  await read(page, large);
  await expectPrinted(page);
});

test('of a screen, with its pattern over the print: the table is there', async ({ page }) => {
  await page.goto('/settings/tables/type');
  const screen = await drawnPhoto(page, [1500, 1061], (pen, table) => {
    pen.drawImage(table, 0, 0);
    pen.fillStyle = 'rgba(0, 0, 40, 0.22)';
    for (let x = 0; x < 1500; x += 3) pen.fillRect(x + 20 * Math.sin(x / 60), 0, 1, 1061);
    for (let y = 0; y < 1061; y += 3) pen.fillRect(0, y + 8 * Math.sin(y / 40), 1500, 1);
  });
  await read(page, screen);
  await expectPrinted(page);
});

test('a table cut in half: what is there is read, and it says that the photo ends', async ({ page }) => {
  await page.goto('/settings/tables/type');
  const half = await drawnPhoto(page, [1500, 1061], (pen, table) => {
    pen.fillRect(0, 0, 1500, 1061);
    pen.drawImage(table, 0, 0, 1040, 1061, 300, 0, 1040, 1061);
  });
  await read(page, half);
  await expect(page.getByText(/^The photo ends at the last static/)).toBeVisible(READ_WITHIN);
  expect(await rowsOf(page)).toEqual(PRINTED.map(([name]) => name));
});

test('two tables on one sheet: one is picked; another language and m³/h are read', async ({ page }) => {
  await page.goto('/settings/tables/type');
  const two = await drawnPhoto(page, [1500, 1300], (pen) => {
    pen.fillStyle = '#fff';
    pen.fillRect(0, 0, 1500, 1300);
    pen.fillStyle = '#111';
    const print = (top: number, title: string, head: readonly string[], rows: readonly (readonly string[])[]) => {
      const place = (j: number) => 60 + (j === 0 ? 0 : 200) + 200 * j;
      pen.font = '40px "DejaVu Sans"';
      pen.fillText(title, 60, top);
      head.forEach((text, j) => pen.fillText(text, place(j), top + 100));
      rows.forEach((row, i) => row.forEach((text, j) => pen.fillText(text, place(j), top + 200 + 90 * i)));
    };
    print(
      80,
      'Luftmenge m³/h, Pressung Pa',
      ['Stufe', '25', '50', '75', '100', '125'],
      [
        ['niedrig', '918', '880', '839', '795', '748'],
        ['mittel', '1163', '1128', '1092', '1054', '1014'],
        ['hoch', '1445', '1414', '1382', '1349', '1315'],
      ],
    );
    print(
      720,
      'Luftmenge m³/h, Pressung Pa',
      ['Stufe', '25', '50', '75', '100', '125'],
      [
        ['klein', '1318', '1280', '1239', '1195', '1148'],
        ['gross', '1745', '1714', '1682', '1649', '1615'],
      ],
    );
  });
  await read(page, two);
  await expect(page.getByText('2 tables. Pick yours.')).toBeVisible(READ_WITHIN);
  await page.getByRole('button', { name: /klein: 1318/ }).click();
  await expect(page.getByText(/Airflow was read as m³\/h/)).toBeVisible();
  expect(await rowsOf(page)).toEqual(['klein', 'gross']);
  // 1,318 m³/h are 776 CFM.
  expect(Math.round(Number((await cellsOf(page))[0]))).toBe(776);
});

test('fur and handwriting are no print: it says so, and typing goes on', async ({ page }) => {
  await page.goto('/settings/tables/type');
  const fur = await drawnPhoto(page, [1500, 1061], (pen) => {
    pen.fillStyle = '#7a8a60';
    pen.fillRect(0, 0, 1500, 1061);
    for (let i = 0; i < 9000; i += 1) {
      const [turn, far] = [i * 2.399, 4 * Math.sqrt(i)];
      pen.strokeStyle = `rgb(${120 + 60 * Math.sin(i)}, ${90 + 40 * Math.sin(i * 1.3)}, 60)`;
      pen.lineWidth = 2 + (i % 3);
      pen.beginPath();
      pen.moveTo(750 + far * Math.cos(turn), 530 + far * Math.sin(turn));
      pen.lineTo(750 + (far + 30) * Math.cos(turn + 0.1), 530 + (far + 30) * Math.sin(turn + 0.1));
      pen.stroke();
    }
  });
  const handwriting = await drawnPhoto(page, [1500, 1061], (pen) => {
    pen.fillStyle = '#f4f1e4';
    pen.fillRect(0, 0, 1500, 1061);
    pen.strokeStyle = '#223';
    pen.lineWidth = 5;
    let state = 7;
    const random = () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
    for (let row = 0; row < 6; row += 1)
      for (let k = 0; k < 22; k += 1) {
        const [x, y] = [90 + 60 * k, 150 + 140 * row];
        pen.beginPath();
        pen.moveTo(x, y);
        for (let n = 0; n < 4; n += 1)
          pen.quadraticCurveTo(x + 40 * random(), y - 60 * random() + 30, x + 45 * random(), y - 50 * random() + 20);
        pen.stroke();
      }
  });
  for (const file of [fur, handwriting]) {
    await read(page, file);
    await expect(page.getByText(/^No print could be read/)).toBeVisible(READ_WITHIN);
    await page.getByRole('button', { name: 'Type it instead' }).click();
    await page.getByRole('cell').first().click();
    await page.keyboard.press('Delete');
    await page.keyboard.type('905');
    expect((await cellsOf(page))[0]).toBe('905');
  }
});
