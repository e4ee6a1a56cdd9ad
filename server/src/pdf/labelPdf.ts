import { PT_PER_MM, type Drawing, type LabelSize } from '@huff/paper';
import { bytesOf, drawSvg, newSheet, type PaperSize } from './sheet';

/** Labels on a page of their own size, one each. */
export function labelPdf(labels: readonly Drawing[], { widthMm, heightMm }: LabelSize): Promise<Uint8Array> {
  const size: [number, number] = [widthMm * PT_PER_MM, heightMm * PT_PER_MM];
  const sheet = newSheet('Labels', size, 0);
  for (const { markup } of labels) {
    sheet.addPage();
    drawSvg(sheet, markup, 0, 0, ...size);
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
  labels.forEach(({ markup }, i) => {
    const place = i % (across * down);
    if (place === 0) sheet.addPage();
    const left = (sheet.page.width - across * width) / 2;
    const top = (sheet.page.height - down * height) / 2;
    drawSvg(sheet, markup, left + (place % across) * width, top + Math.floor(place / across) * height, width, height);
  });
  return bytesOf(sheet);
}
