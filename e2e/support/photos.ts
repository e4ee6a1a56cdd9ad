import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { FileChooser, Page } from '@playwright/test';

/** Reading takes its time on a busy machine. */
export const READ_WITHIN = { timeout: 60_000 };

/** Sheets that were printed and photographed by scripts/photos. */
export const photoPath = (name: string): string =>
  fileURLToPath(new URL(path.join('..', 'photos', name), import.meta.url));

export async function choosePhoto(
  page: Page,
  button: string,
  file: Parameters<FileChooser['setFiles']>[0],
): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: button, exact: true }).click(),
  ]);
  await chooser.setFiles(file);
}

/** Draws a photo on a canvas of the page. @param table the photographed table, to be drawn into it */
type Drawing = (pen: OffscreenCanvasRenderingContext2D, table: ImageBitmap) => void;

/** A photo that is drawn in the browser, as a JPEG file. */
export async function drawnPhoto(page: Page, [width, height]: readonly [number, number], draw: Drawing) {
  const base64 = readFileSync(photoPath('table.jpg')).toString('base64');
  const made = await page.evaluate<string>(`(async () => {
    const bytes = Uint8Array.from(atob('${base64}'), (sign) => sign.charCodeAt(0));
    const table = await createImageBitmap(new Blob([bytes], { type: 'image/jpeg' }));
    const canvas = new OffscreenCanvas(${width}, ${height});
    (${draw.toString()})(canvas.getContext('2d'), table);
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.8 });
    return new Promise((resolve) => {
      const reader = new FileReader();
      reader.onload = () => resolve(reader.result.split(',')[1]);
      reader.readAsDataURL(blob);
    });
  })()`);
  return { name: 'photo.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(made, 'base64') };
}

/** What is printed on the photographed table. */
export const PRINTED = [
  ['Low', '995', '965', '925', '880', '830', '775'],
  ['Med-Low', '1290', '1250', '1195', '1140', '1075', '1000'],
  ['Med-High', '1585', '1530', '1470', '1400', '1320', '1225'],
  ['High', '1875', '1815', '1740', '1655', '–', '–'],
];

/** Confirms the marked cells one after the other, by what is printed. */
export async function confirmMarked(page: Page): Promise<void> {
  const confirm = page.getByRole('button', { name: /^Confirm/ });
  for (let left = await confirm.count(); left > 0; left = await confirm.count()) {
    const [, tap, at] = /tap (.+) at 0\.(\d)0:/.exec(await page.getByText(/^From your photo/).innerText())!;
    const printed = PRINTED.find(([name]) => name === tap)![Number(at)]!;
    const offered = page.getByRole('radio', { name: printed, exact: true });
    if ((await offered.count()) > 0) await offered.click();
    else {
      await page.getByRole('radio', { name: 'Type it' }).click();
      await page.keyboard.press('Delete');
      await page.keyboard.type(printed);
    }
    await confirm.click();
  }
}

export const cellsOf = (page: Page): Promise<string[]> =>
  page
    .getByRole('table', { name: 'Cells of the table' })
    .getByRole('cell')
    .evaluateAll((cells) => cells.map((cell) => (cell as HTMLElement).innerText.trim()));
