import { documentHtml, documentStyle } from '@huff/paper';
import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { contentPolicy } from './contentPolicy';

const hashOf = (text: string) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
const stylesOf = (folder?: string) => contentPolicy(folder).directives['style-src'];
const page = (style: string) => `<head><style id="own">${style}</style></head>`;

test('the app’s own styles and those of documents are let through by their text, and no other', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-policy-'));
  writeFileSync(path.join(folder, 'index.html'), `${page('body { margin: 0 }')}<style>\n#opening { top: 0 }\n</style>`);
  const styles = stylesOf(folder);
  for (const own of ['', 'body { margin: 0 }', '\n#opening { top: 0 }\n', documentStyle('A4'), documentStyle('letter')])
    expect(styles).toContain(hashOf(own));
  expect(styles).toHaveLength(6);
  expect(styles.join(' ')).not.toContain('unsafe');
  rmSync(folder, { recursive: true });
});

test('a document styles itself by the text that is let through', () => {
  const document = { made: { name: 'a', under: 'b' }, title: 't', under: 'u', owner: [], technician: [] };
  for (const size of ['letter', 'A4'] as const) {
    const [, style] = /<style>([^]*?)<\/style>/.exec(documentHtml(document, { size }))!;
    expect(stylesOf()).toContain(hashOf(style!));
  }
});
