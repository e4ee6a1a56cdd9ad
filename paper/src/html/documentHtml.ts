import { VERDICT_TEXT, type VerdictWord } from '@huff/core';
import { SIGNATURE_SIDE, signaturePath, strokesOf } from '@huff/core/call';
import type { Block, OwnerFigure, VisitDocument } from '../document/block';
import { dayText } from '../document/moment';
import { figureBar } from '../drawings/figureBar';
import { qrDrawing } from '../label/qr';
import { INK, verdictMark } from '../shapes';
import { el, escaped, svgOf } from '../svg';

export type PaperSize = 'letter' | 'A4';

const STYLE = `
@page { margin: 16mm }
body { font: 15px/1.45 'Atkinson Hyperlegible Next', 'Helvetica Neue', Arial, sans-serif; color: ${INK.ink}; background: #fff; max-width: 720px; margin: 24px auto; padding: 0 16px }
h1 { font-size: 26px; line-height: 1.2; margin: 0 0 4px } h2 { font-size: 17px; margin: 22px 0 6px }
.under { color: ${INK.softInk}; border-bottom: 2px solid ${INK.ink}; padding-bottom: 12px; margin: 0 0 14px } .soft { color: ${INK.softInk} }
table { border-collapse: collapse; width: 100% } th, td { text-align: left; vertical-align: top; padding: 4px 8px 4px 0; border-bottom: 1px solid ${INK.line}; overflow-wrap: anywhere }
.n { text-align: right; font-variant-numeric: tabular-nums } .big { font-size: 24px; font-weight: 700 } .was { font-size: 20px; color: ${INK.softInk} } .big, .was { white-space: nowrap }
table.head { border-bottom: 2px solid ${INK.ink}; margin-bottom: 14px } table.head td { border: 0 }
table.head img { max-height: 64px; max-width: 160px; display: block; margin-bottom: 4px }
.photos { display: flex; gap: 10px; float: right; width: 45%; justify-content: flex-end } .photos + ul { overflow: hidden } h2 { clear: both }
.photos figure { flex: 1 1 0; max-width: 200px; margin: 0; font-size: 13px; line-height: 1.3 } .photos img { width: 100%; height: 110px; object-fit: cover; border-radius: 4px }
svg { max-width: 100%; height: auto } img { max-width: 100% } ul { margin: 0; padding-left: 18px } section.technician { break-before: page }
h2, .verdict, figure { break-inside: avoid } h2 { break-after: avoid } figure { margin: 12px 0 } .verdict { margin: 10px 0 }
`;

const MARK = 18;

const mark = (word: VerdictWord) =>
  svgOf({ width: MARK, height: MARK, says: VERDICT_TEXT[word], shapes: verdictMark(word, 0, 0, MARK) });

/** What of a block a page cannot draw by itself. */
export interface HtmlOptions {
  /** Where a photo is fetched from. */
  readonly photoUrl?: (id: string) => string;
}

const BAR_WIDTH = 640;

/** A figure’s bar on a row of its own; nothing where it is not known what is right. */
function barRow(row: OwnerFigure): string {
  const bar = figureBar(row, BAR_WIDTH);
  return bar ? el('tr', {}, el('td', { colspan: 4 }, svgOf(bar))) : '';
}

type PhotoUrl = NonNullable<HtmlOptions['photoUrl']>;

const photoHtml = ({ id, caption }: { readonly id: string; readonly caption: string }, photoUrl: PhotoUrl): string =>
  el(
    'figure',
    {},
    el('img', { src: photoUrl(id), alt: caption }),
    el('figcaption', { class: 'soft' }, escaped(caption)),
  );

function blockHtml(block: Block, { photoUrl }: HtmlOptions): string {
  switch (block.kind) {
    case 'heading':
      return el('h2', {}, escaped(block.text));
    case 'text':
      return el('p', { class: block.soft ? 'soft' : undefined }, escaped(block.text));
    case 'list':
      return el('ul', {}, ...block.items.map((item) => el('li', {}, escaped(item))));
    case 'figures':
      return el(
        'table',
        {},
        ...block.rows.map((row) => {
          const { name, under, before, now, word } = row;
          return (
            el(
              'tr',
              {},
              el('td', {}, escaped(name), el('br', {}), el('span', { class: 'soft' }, escaped(under))),
              el('td', { class: 'n was' }, before === undefined ? '' : `${escaped(before)} →`),
              el('td', { class: 'n big' }, escaped(now)),
              el('td', {}, mark(word), ` ${VERDICT_TEXT[word]}`),
            ) + barRow(row)
          );
        }),
      );
    case 'table': {
      const cell = (tag: 'td' | 'th') => (text: string, i: number) =>
        el(tag, { class: block.figures?.includes(i) ? 'n' : undefined }, escaped(text));
      const head = block.head.length > 0 ? el('thead', {}, el('tr', {}, ...block.head.map(cell('th')))) : '';
      return el('table', {}, head, el('tbody', {}, ...block.rows.map((row) => el('tr', {}, ...row.map(cell('td'))))));
    }
    case 'drawing':
      return el('figure', {}, svgOf(block.drawing));
    case 'verdict':
      return el(
        'div',
        { class: 'verdict' },
        mark(block.word),
        ' ',
        el('strong', {}, escaped(block.name)),
        `: ${escaped(block.text)}`,
        ...block.lines.map((line) => el('div', { class: 'soft' }, escaped(line))),
      );
    case 'mark': {
      const strokes = block.signature === undefined ? undefined : strokesOf(block.signature);
      const drawn = strokes
        ? el(
            'svg',
            {
              width: 240,
              height: 80,
              viewBox: `0 0 ${SIGNATURE_SIDE} ${SIGNATURE_SIDE / 3}`,
              role: 'img',
              'aria-label': 'signed',
            },
            el('path', {
              d: signaturePath(strokes, SIGNATURE_SIDE, SIGNATURE_SIDE / 3),
              fill: 'none',
              stroke: INK.ink,
              'stroke-width': 6,
            }),
          )
        : '';
      return el(
        'p',
        {},
        'Report received',
        block.name === undefined ? '' : ` by ${escaped(block.name)}`,
        `, ${dayText(block.at.slice(0, 10))}. `,
        drawn,
      );
    }
    case 'link':
      return el(
        'figure',
        {},
        svgOf(qrDrawing(block.url, 96)),
        el('figcaption', { class: 'soft' }, escaped(block.words)),
      );
    case 'photo':
      return photoUrl ? photoHtml(block, photoUrl) : '';
    case 'photoRow':
      return photoUrl ? el('div', { class: 'photos' }, ...block.photos.map((one) => photoHtml(one, photoUrl))) : '';
  }
}

/** Blocks as markup: for a page of its own, or for a part of one. */
export const blocksHtml = (blocks: readonly Block[], options: HtmlOptions = {}): string =>
  blocks.map((block) => blockHtml(block, options)).join('\n');

const twoLines = ({ name, under, logo }: NonNullable<VisitDocument['head']>) =>
  `${logo === undefined ? '' : el('img', { src: `data:image/jpeg;base64,${logo}`, alt: name === '' ? 'Logo' : name })}${el('strong', {}, escaped(name))}<br>${el('span', { class: 'soft' }, escaped(under))}`;

/** Who comes at the left, what it is and who made it at the right. */
const letterhead = (head: VisitDocument['head'], made: VisitDocument['made']): string =>
  el(
    'table',
    { class: 'head' },
    el('tr', {}, el('td', {}, head ? twoLines(head) : ''), el('td', { class: 'n' }, twoLines(made))),
  );

/** The style of such a page, alone: a server lets a page style itself by exactly this text. */
export const documentStyle = (size: PaperSize): string => `${STYLE}@page { size: ${size === 'A4' ? 'A4' : 'letter'} }`;

/** A document as a page that a browser prints. No script is in it, and nothing of it is fetched but photos. */
export function documentHtml(
  { head, made, title, under, owner, technician }: VisitDocument,
  { size = 'letter', ...options }: HtmlOptions & { readonly size?: PaperSize } = {},
): string {
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${escaped(title)}</title>
<style>${documentStyle(size)}</style></head>
<body><section>${letterhead(head, made)}<h1>${escaped(title)}</h1><p class="under">${escaped(under)}</p>
${blocksHtml(owner, options)}</section>
<section class="technician"><h1>For the next technician</h1><p class="under">${escaped(under)}</p>
${blocksHtml(technician, options)}</section></body></html>
`;
}
