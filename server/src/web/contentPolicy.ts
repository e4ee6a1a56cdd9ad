import { documentStyle } from '@huff/paper';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';

const hashOf = (text: string) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;

/** The styles that a page brings in its own text. */
const stylesIn = (html: string): string[] =>
  [...html.matchAll(/<style[^>]*>([^]*?)<\/style>/g)].map(([, text]) => text!);

/** Styles that may stand in a page: an empty one, which the view library fills rule by rule; the app's own; those of documents. */
function ownStyles(webFolder: string | undefined): string[] {
  const page = webFolder && path.join(webFolder, 'index.html');
  const app = page && existsSync(page) ? stylesIn(readFileSync(page, 'utf8')) : [];
  return ['', ...app, documentStyle('letter'), documentStyle('A4')].map(hashOf);
}

/** What a page of this server may load and run, as helmet takes it. Whatever gets into a page as markup runs nothing and styles nothing. */
export const contentPolicy = (webFolder: string | undefined) => ({
  directives: {
    'style-src': ["'self'", ...ownStyles(webFolder)],
    'style-src-attr': ["'none'"],
    'font-src': ["'self'"],
    'img-src': ["'self'", 'data:', 'blob:'],
    'worker-src': ["'self'", 'blob:'],
    // Plain HTTP on the local network must keep working.
    'upgrade-insecure-requests': null,
  },
});

/** What the worker that reads photos may run: its engine is compiled WebAssembly. No page gets this. */
export const READER_POLICY = "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'";
