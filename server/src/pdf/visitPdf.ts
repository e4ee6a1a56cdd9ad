import { strokesOf, signaturePath } from '@huff/core/call';
import { VERDICT_TEXT } from '@huff/core';
import {
  figureBar,
  INK,
  momentsIn,
  qrDrawing,
  verdictMark,
  type Block,
  type Drawing,
  type VisitDocument,
} from '@huff/paper';
import { drawShapes } from './drawShapes';
import { bytesOf, fontOf, hasLettersAbroad, newSheet, type PaperSize, type Sheet } from './sheet';

const MARGIN = 46;
const GAP = 7;
const PX_TO_PT = 0.75;

/** A document as it is drawn: where it stands, and the pictures that go into it. */
interface Pen {
  readonly sheet: Sheet;
  readonly width: number;
  readonly photos: ReadonlyMap<string, Uint8Array>;
  /** Words of the head of a page that begins in the middle of a part. */
  readonly running: string;
}

const left = MARGIN;
const bottomOf = ({ page }: Sheet) => page.height - MARGIN - 18;

/** A new page where less than so much room is left. */
function need(pen: Pen, height: number): void {
  if (pen.sheet.y + height > bottomOf(pen.sheet)) newPage(pen);
}

function newPage({ sheet, running, width }: Pen): void {
  sheet.addPage();
  if (running === '') return;
  sheet
    .font('Huff')
    .fontSize(8.5)
    .fillColor(INK.softInk)
    .text(running, left, MARGIN - 18, { width, lineBreak: false });
  sheet.x = left;
  sheet.y = MARGIN;
}

const text = (
  pen: Pen,
  words: string,
  {
    size = 10.5,
    bold = false,
    color = INK.ink,
    gap = GAP,
    indent = 0,
  }: { size?: number; bold?: boolean; color?: string; gap?: number; indent?: number } = {},
) => {
  const { sheet, width } = pen;
  sheet.font(fontOf(words, bold)).fontSize(size);
  const room = width - indent;
  need(pen, Math.min(sheet.heightOfString(words, { width: room }), 120));
  sheet.fillColor(color).text(words, left + indent, sheet.y, { width: room });
  sheet.y += gap;
};

function figures(pen: Pen, { rows }: Extract<Block, { kind: 'figures' }>): void {
  const { sheet, width } = pen;
  for (const row of rows) {
    const { name, under, before, now, word } = row;
    need(pen, 46);
    const y = sheet.y + 4;
    sheet
      .font('Huff')
      .fontSize(12)
      .fillColor(INK.ink)
      .text(name, left, y, { width: width * 0.48 });
    sheet
      .fontSize(9)
      .fillColor(INK.softInk)
      .text(under, left, sheet.y + 1, { width: width * 0.48 });
    const after = sheet.y;
    if (before !== undefined) {
      sheet
        .font('Huff')
        .fontSize(16)
        .fillColor(INK.softInk)
        .text(before, left + width * 0.46, y, { width: width * 0.13, align: 'right', lineBreak: false });
      sheet.save().strokeColor(INK.softInk).lineWidth(1);
      const [x, mid] = [left + width * 0.615, y + 10];
      sheet
        .moveTo(x, mid)
        .lineTo(x + 32, mid)
        .moveTo(x + 26, mid - 4)
        .lineTo(x + 32, mid)
        .lineTo(x + 26, mid + 4)
        .stroke()
        .restore();
    }
    sheet
      .font('HuffBold')
      .fontSize(20)
      .fillColor(INK.ink)
      .text(now, left + width * 0.66, y - 3, { width: width * 0.15, align: 'right', lineBreak: false });
    drawShapes(sheet, verdictMark(word, left + width * 0.83, y + 2, 13));
    sheet
      .font('Huff')
      .fontSize(10.5)
      .fillColor(INK.ink)
      .text(VERDICT_TEXT[word], left + width * 0.83 + 19, y + 3, { lineBreak: false });
    sheet.y = Math.max(after, y + 24) + 4;
    const bar = figureBar(row, width / PX_TO_PT);
    if (bar) {
      need(pen, 24);
      drawShapes(sheet, bar.shapes, { x: left, y: sheet.y, scale: PX_TO_PT });
      sheet.y += bar.height * PX_TO_PT;
    }
    sheet.y += 6;
  }
}

function table(pen: Pen, { head, rows, figures: right = [], shares }: Extract<Block, { kind: 'table' }>): void {
  const { sheet, width } = pen;
  const columns = Math.max(head.length, ...rows.map((row) => row.length));
  const parts = Array.from({ length: columns }, (_, i) => shares?.[i] ?? 1);
  const whole = parts.reduce((sum, part) => sum + part, 0);
  const [pad, size] = [6, 9];
  const widths = parts.map((part) => (part / whole) * width - pad);
  const line = (cells: readonly string[], bold: boolean) => {
    const sized = (cell: string) => sheet.font(fontOf(cell, bold)).fontSize(size);
    const height = Math.max(
      11,
      ...cells.map((cell, i) => (cell === '' ? 0 : sized(cell).heightOfString(cell, { width: widths[i] }))),
    );
    need(pen, Math.min(height, 400) + 6);
    const y = sheet.y;
    let x = left;
    cells.forEach((cell, i) => {
      const own = widths[i]!;
      sized(cell)
        .fillColor(bold ? INK.softInk : INK.ink)
        .text(cell, x, y, { width: own, align: right.includes(i) ? 'right' : 'left' });
      x += own + pad;
    });
    sheet
      .save()
      .strokeColor(INK.line)
      .lineWidth(0.5)
      .moveTo(left, y + height + 2)
      .lineTo(left + width, y + height + 2)
      .stroke()
      .restore();
    sheet.y = y + height + 5;
  };
  if (head.length > 0) line(head, true);
  for (const row of rows) line(row, false);
  sheet.y += 4;
}

/** Most of a page's height that a drawing takes, points. */
const MOST_HEIGHT = 470;

function picture(pen: Pen, { width: own, height, shapes }: Drawing): void {
  const { sheet, width } = pen;
  const scale = Math.min(PX_TO_PT, width / own, MOST_HEIGHT / height);
  need(pen, height * scale + 8);
  drawShapes(sheet, shapes, { x: left, y: sheet.y, scale });
  sheet.y += height * scale + 8;
}

function photo(pen: Pen, { id, caption }: Extract<Block, { kind: 'photo' }>): void {
  const bytes = pen.photos.get(id);
  if (!bytes) return text(pen, `${caption}: picture missing.`, { color: INK.softInk, size: 9 });
  need(pen, 220);
  const { sheet, width } = pen;
  try {
    sheet.image(Buffer.from(bytes), left, sheet.y, { fit: [width * 0.6, 200] });
    sheet.y += 204;
    text(pen, caption, { color: INK.softInk, size: 9 });
  } catch {
    // A picture that pdfkit cannot take in costs its place, never the document.
    text(pen, `${caption}: the picture cannot be drawn.`, { color: INK.softInk, size: 9 });
  }
}

/** Share of the page, height and gap of the photos beside a list, points. */
const ROW = { share: 0.45, height: 84, gap: 8 } as const;

/** Photos at the right of the list that follows. @returns where they end */
function photoRow(
  { sheet, width, photos: bytesOfPhotos }: Pen,
  { photos }: Extract<Block, { kind: 'photoRow' }>,
): number {
  const room = (width * ROW.share - ROW.gap * (photos.length - 1)) / photos.length;
  const top = sheet.y;
  let foot = top;
  photos.forEach(({ id, caption }, i) => {
    const bytes = bytesOfPhotos.get(id);
    const x = left + width - (photos.length - i) * room - (photos.length - 1 - i) * ROW.gap;
    try {
      if (bytes) sheet.image(Buffer.from(bytes), x, top, { fit: [room, ROW.height], align: 'right' });
    } catch {
      // A picture that pdfkit cannot take in costs its place, never the document.
    }
    sheet.font(fontOf(caption, false)).fontSize(8).fillColor(INK.softInk);
    sheet.text(caption, x, top + ROW.height + 2, { width: room, align: 'right' });
    foot = Math.max(foot, sheet.y);
  });
  sheet.x = left;
  sheet.y = top;
  return foot;
}

/** Blocks one after the other; what follows photos is beside them. */
function drawAll(pen: Pen, blocks: readonly Block[]): void {
  blocks.forEach((block, i) => {
    const before = blocks[i - 1];
    if (block.kind === 'photoRow' || before?.kind !== 'photoRow') return draw(pen, block, blocks[i + 1]);
    need(pen, ROW.height + 30);
    const foot = photoRow(pen, before);
    draw({ ...pen, width: pen.width * (1 - ROW.share) - 2 * ROW.gap }, block, blocks[i + 1]);
    pen.sheet.y = Math.max(pen.sheet.y, foot + GAP);
  });
}

/** Room that a heading wants under it: it never stands alone at the foot of a page. */
const roomFor = (next: Block | undefined): number =>
  next?.kind === 'drawing' ? next.drawing.height * PX_TO_PT + 36 : 60;

function draw(pen: Pen, block: Block, next?: Block): void {
  const { sheet } = pen;
  switch (block.kind) {
    case 'heading':
      need(pen, roomFor(next));
      sheet.y += 6;
      return text(pen, block.text, { size: 12.5, bold: true, gap: 4 });
    case 'text':
      return text(pen, block.text, block.soft ? { color: INK.softInk, size: 9.5 } : {});
    case 'list':
      for (const item of block.items) text(pen, `·  ${item}`, { gap: 3 });
      sheet.y += 4;
      return;
    case 'figures':
      return figures(pen, block);
    case 'table':
      return table(pen, block);
    case 'drawing':
      return picture(pen, block.drawing);
    case 'verdict': {
      need(pen, 40);
      drawShapes(sheet, verdictMark(block.word, left, sheet.y + 1, 10));
      text(pen, `${block.name}: ${block.text}`, { indent: 17, gap: 1 });
      for (const line of block.lines) text(pen, line, { indent: 17, size: 8.5, color: INK.softInk, gap: 1 });
      sheet.y += 5;
      return;
    }
    case 'mark': {
      need(pen, 70);
      text(
        pen,
        `Report received${block.name === undefined ? '' : ` by ${block.name}`}, ${momentsIn('UTC').day(block.at)}.`,
        { gap: 2 },
      );
      const strokes = block.signature === undefined ? undefined : strokesOf(block.signature);
      if (strokes) {
        sheet
          .save()
          .translate(left, sheet.y)
          .path(signaturePath(strokes, 150, 50))
          .strokeColor(INK.ink)
          .lineWidth(1.2)
          .stroke()
          .restore();
        sheet.y += 54;
      }
      return;
    }
    case 'link':
      // It stands at the head of its page.
      return;
    case 'photo':
      return photo(pen, block);
    case 'photoRow':
      // It is drawn with the list that follows.
      return;
  }
}

const LOGO = { width: 110, height: 46, gap: 12 } as const;

/** The shop's logo at the head of the page. @returns whether it is there */
function drawLogo(sheet: Sheet, logo: string): boolean {
  try {
    sheet.image(Buffer.from(logo, 'base64'), left, sheet.y, { fit: [LOGO.width, LOGO.height] });
    return true;
  } catch {
    // A picture that pdfkit cannot take in costs its place, never the document.
    return false;
  }
}

/** Who comes at the left, what it is and who made it at the right. */
function letterhead({ sheet, width }: Pen, { head, made }: VisitDocument): void {
  const y = sheet.y;
  const half = width / 2;
  const beside = head?.logo !== undefined && drawLogo(sheet, head.logo) ? LOGO.width + LOGO.gap : 0;
  const lines = (words: readonly [string, string], x: number, align: 'left' | 'right', room = half) => {
    sheet.font(fontOf(words[0], true)).fontSize(12).fillColor(INK.ink).text(words[0], x, y, { width: room, align });
    sheet
      .font(fontOf(words[1], false))
      .fontSize(9)
      .fillColor(INK.softInk)
      .text(words[1], x, sheet.y, { width: room, align });
    return sheet.y;
  };
  const named = head ? lines([head.name, head.under], left + beside, 'left', half - beside) : y;
  const at = Math.max(named, beside > 0 ? y + LOGO.height : y);
  sheet.x = left;
  sheet.y = Math.max(at, lines([made.name, made.under], left + half, 'right')) + 14;
  sheet.x = left;
}

const CODE = 72;

/** The head of a part; the code that opens the unit's record stands at its right, where it is found again. */
function title(pen: Pen, words: string, under: string, code?: Extract<Block, { kind: 'link' }>): void {
  const { sheet, width } = pen;
  const top = sheet.y;
  const narrow = code ? { ...pen, width: width - CODE - 12 } : pen;
  text(narrow, words, { size: 21, bold: true, gap: 2 });
  text(narrow, under, { size: 9.5, color: INK.softInk, gap: 6 });
  if (code) {
    drawShapes(sheet, qrDrawing(code.url, CODE).shapes, { x: left + width - CODE, y: top - 10 });
    sheet.font('Huff').fontSize(8).fillColor(INK.softInk);
    sheet.text(code.words, left + width - CODE - 40, top + CODE - 12, {
      width: CODE + 40,
      align: 'right',
      lineBreak: false,
    });
    sheet.x = left;
    sheet.y = Math.max(sheet.y, top + CODE);
  }
  sheet
    .save()
    .strokeColor(INK.ink)
    .lineWidth(1.5)
    .moveTo(left, sheet.y)
    .lineTo(left + width, sheet.y)
    .stroke()
    .restore();
  sheet.y += 12;
}

/** Page numbers, once it is known how many there are; what the first page says of the others. */
function feet(sheet: Sheet, width: number): void {
  const { start, count } = sheet.bufferedPageRange();
  for (let i = start; i < start + count; i += 1) {
    sheet.switchToPage(i);
    const y = sheet.page.height - MARGIN - 4;
    // The foot lies in the margin: without this pdfkit begins another page for it.
    sheet.page.margins.bottom = 0;
    sheet
      .save()
      .strokeColor(INK.line)
      .lineWidth(0.8)
      .moveTo(left, y - 4)
      .lineTo(left + width, y - 4)
      .stroke()
      .restore();
    sheet.font('Huff').fontSize(8.5).fillColor(INK.softInk);
    if (i === start)
      sheet.text('Readings, conditions and calculations: page 2 and on.', left, y, {
        lineBreak: false,
      });
    sheet.text(`${i - start + 1} of ${count}`, left, y, { width, align: 'right', lineBreak: false });
    sheet.page.margins.bottom = MARGIN;
  }
}

/**
 * A visit’s document as PDF: a page for the owner, then what the next technician needs.
 *
 * @param photos JPEG by the photo’s id
 */
export function visitPdf(
  document: VisitDocument,
  size: PaperSize,
  photos: ReadonlyMap<string, Uint8Array> = new Map(),
): Promise<Uint8Array> {
  const sheet = newSheet(document.title, size, MARGIN);
  sheet.addPage();
  const width = sheet.page.width - 2 * MARGIN;
  const owner: Pen = { sheet, width, photos, running: '' };
  const code = document.owner.find((block) => block.kind === 'link');
  letterhead(owner, document);
  title(owner, document.title, document.under, code);
  if (hasLettersAbroad(JSON.stringify(document)))
    text(owner, 'This PDF cannot show some of these letters. Print the visit’s page instead.', {
      size: 8.5,
      color: INK.softInk,
    });
  drawAll(owner, document.owner);
  const technician: Pen = { ...owner, running: document.under };
  sheet.addPage();
  title(technician, 'For the next technician', document.under);
  drawAll(technician, document.technician);
  feet(sheet, width);
  return bytesOf(sheet);
}
