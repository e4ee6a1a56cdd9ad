import { PT_PER_MM, type Drawing, type LabelSize } from '@huff/paper';
import { drawShapes } from './drawShapes';
import { bytesOf, newSheet, type PaperSize } from './sheet';

/** Labels on a page of their own size, one each. */
export function labelPdf(labels: readonly Drawing[], { widthMm, heightMm }: LabelSize): Promise<Uint8Array> {
  const size: [number, number] = [widthMm * PT_PER_MM, heightMm * PT_PER_MM];
  const sheet = newSheet('Labels', size, 0);
  for (const { shapes } of labels) {
    sheet.addPage();
    drawShapes(sheet, shapes);
  }
  return bytesOf(sheet);
}

/** Labels side by side on sheets, as many as go on each, in the middle of the paper. */
export function labelSheetPdf(
  labels: readonly Drawing[],
  { widthMm, heightMm, across, down }: LabelSize,
  paper: PaperSize,
): Promise<Uint8Array> {
  const sheet = newSheet('Labels', paper, 0);
  const [width, height] = [widthMm * PT_PER_MM, heightMm * PT_PER_MM];
  labels.forEach(({ shapes }, i) => {
    const place = i % (across * down);
    if (place === 0) sheet.addPage();
    const left = (sheet.page.width - across * width) / 2;
    const top = (sheet.page.height - down * height) / 2;
    drawShapes(sheet, shapes, {
      x: left + (place % across) * width,
      y: top + Math.floor(place / across) * height,
    });
  });
  return bytesOf(sheet);
}
