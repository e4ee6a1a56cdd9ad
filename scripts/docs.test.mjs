import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const PACKAGES = ['core', 'contract', 'paper', 'server', 'app', 'e2e'];
const WINGS = readdirSync(path.join(ROOT, 'core/src'));
const FOLDERS = ['.', 'docs', 'docs/decisions', ...PACKAGES, 'core/data', ...WINGS.map((wing) => `core/src/${wing}`)];
const PAGES = FOLDERS.flatMap((folder) => readdirSync(path.join(ROOT, folder)).map((name) => path.join(folder, name)))
  // The review is made by a script.
  .filter((page) => page.endsWith('.md') && page !== 'docs/review.md');

/** Where a path in a page may begin. */
const FROM = [
  '.',
  ...PACKAGES.flatMap((name) => [name, `${name}/src`]),
  'app/src/features',
  'core/src/visit',
  'core/src/call',
];
const isThere = (name) =>
  FROM.some((from) => ['', '.ts'].some((ending) => existsSync(path.join(ROOT, from, `${name}${ending}`))));
const said = (text, pattern) => [...text.matchAll(pattern)].map(([, name]) => name);

test('there are pages to read', () => assert.ok(PAGES.length > 25));

for (const page of PAGES)
  test(`${page}: every file it names and every page it links to is there`, () => {
    const text = readFileSync(path.join(ROOT, page), 'utf8');
    const named = said(text, /`([\w.-]+(?:\/[\w.-]+)+\.(?:ts|tsx|mjs|cjs|sql|md|csv))`/g);
    const inCore = said(text, new RegExp(`\`((?:${WINGS.join('|')})(?:/\\w+)+)\``, 'g'));
    const links = said(text, /\]\((?!https?:|#|mailto:)([^)#\s]+)/g);
    assert.deepEqual(
      [...named, ...inCore].filter((name) => !isThere(name)),
      [],
    );
    assert.deepEqual(
      links.filter((to) => !existsSync(path.join(ROOT, path.dirname(page), to))),
      [],
    );
  });
