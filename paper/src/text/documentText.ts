import { VERDICT_TEXT } from '@huff/core';
import type { Block } from '../document/block';

function blockText(block: Block): string {
  switch (block.kind) {
    case 'heading':
      return `\n${block.text.toUpperCase()}`;
    case 'text':
      return block.text;
    case 'list':
      return block.items.map((item) => `- ${item}`).join('\n');
    case 'figures':
      return block.rows
        .map(({ name, under, before, now, word }) =>
          [name, ': ', before === undefined ? '' : `${before} before, `, now, ` (${under}), `, VERDICT_TEXT[word]].join(
            '',
          ),
        )
        .join('\n');
    case 'table':
      return block.rows.map((row) => row.filter((cell) => cell !== '').join(' | ')).join('\n');
    case 'verdict':
      return [`${block.name}: ${block.text}`, ...block.lines].join('\n');
    case 'link':
      return `${block.words}: ${block.url}`;
    case 'mark':
      return block.name === undefined ? '' : `${block.name}, ${block.at}`;
    // A mail of words has no drawings: the document that goes with it has.
    case 'drawing':
    case 'photo':
    case 'photoRow':
      return '';
  }
}

/** Blocks as plain text, for a mail: a line each, headings in capitals. */
export const documentText = (blocks: readonly Block[]): string =>
  blocks
    .map(blockText)
    .filter((text) => text !== '')
    .join('\n')
    .trim();
