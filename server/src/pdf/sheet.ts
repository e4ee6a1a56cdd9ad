import { createRequire } from 'node:module';
import { isOurs } from '@huff/paper';
import PDFDocument from 'pdfkit';

export type PaperSize = 'letter' | 'A4';
/** A document of pdfkit that is being drawn. */
export type Sheet = PDFKit.PDFDocument;

const require = createRequire(import.meta.url);
const atkinson = (weight: string) =>
  require.resolve(`@expo-google-fonts/atkinson-hyperlegible-next/${weight}/AtkinsonHyperlegibleNext_${weight}.ttf`);
const inter = (weight: string) => require.resolve(`@expo-google-fonts/inter/${weight}/Inter_${weight}.ttf`);

/** The app's own type, and one with Greek, Cyrillic and the signs of mathematics for what it lacks. */
const FONT_FILES = {
  Huff: atkinson('400Regular'),
  HuffBold: atkinson('700Bold'),
  HuffWide: inter('400Regular'),
  HuffWideBold: inter('700Bold'),
} as const;
type FontName = keyof typeof FONT_FILES;

/** The font that has every letter of a text, if one has. */
export function fontOf(text: string, bold: boolean): FontName {
  if (isOurs(text)) return bold ? 'HuffBold' : 'Huff';
  return bold ? 'HuffWideBold' : 'HuffWide';
}

/** Letters of scripts that neither type has: a PDF shows them as boxes, a browser does not. */
const ABROAD = /[^\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}\p{Script=Common}\p{Script=Inherited}]/u;

/** Whether a text holds letters that are boxes in a PDF of ours. @example hasLettersAbroad('图书馆') // true */
export const hasLettersAbroad = (text: string): boolean => ABROAD.test(text);

/** An empty document with the fonts of the app in it. @param margin points */
export function newSheet(title: string, size: PaperSize | [number, number], margin: number): Sheet {
  const sheet = new PDFDocument({
    size: typeof size === 'string' ? size.toUpperCase() : size,
    margin,
    bufferPages: true,
    autoFirstPage: false,
    info: { Title: title, Creator: 'Huff' },
    lang: 'en',
  });
  for (const [name, file] of Object.entries(FONT_FILES)) sheet.registerFont(name, file);
  return sheet;
}

/** The document as bytes, once all of it was drawn. */
export function bytesOf(sheet: Sheet): Promise<Uint8Array> {
  return new Promise((done, failed) => {
    const chunks: Buffer[] = [];
    sheet.on('data', (chunk: Buffer) => chunks.push(chunk));
    sheet.on('end', () => done(new Uint8Array(Buffer.concat(chunks))));
    sheet.on('error', failed);
    sheet.end();
  });
}
