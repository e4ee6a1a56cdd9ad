import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';

const ROOT = path.resolve(__dirname, '../../..');
const ENDINGS = ['.tsx', '.ts', '/index.ts', '/index.tsx'];

/** The packages' entries: "@huff/core/first" and its file. */
const entries = new Map<string, string>(
  ['core', 'contract', 'paper'].flatMap((name) => {
    const { exports } = JSON.parse(readFileSync(path.join(ROOT, name, 'package.json'), 'utf8')) as {
      exports: Record<string, string>;
    };
    return Object.entries(exports).map(
      ([entry, file]) => [`@huff/${name}${entry.slice(1)}`, path.join(ROOT, name, file)] as const,
    );
  }),
);

const isFile = (file: string) => existsSync(file) && statSync(file).isFile();

/** The file an import names, where it is ours. */
function fileOf(from: string, name: string): string | undefined {
  if (!name.startsWith('.')) return entries.get(name);
  const base = path.resolve(path.dirname(from), name);
  return ENDINGS.map((ending) => base + ending).find(isFile);
}

/** What a file takes in when it is downloaded: types are not, nor what is fetched later by `import()`. */
function imported(file: string): string[] {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(/^(?:import|export)\s+(type\s+)?([^;]*?)\s*from\s*'([^']+)';/gm)].flatMap(
    ([, isType, names = '', name]) => {
      const list = names.replace(/[{}\s]+/g, ' ').split(',');
      const onlyTypes = names.startsWith('{') && list.every((one) => /^\s*(type .*)?$/.test(one));
      return isType || onlyTypes ? [] : (fileOf(file, name!) ?? []);
    },
  );
}

const pages = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name);
    return entry.isDirectory() ? pages(file) : /\.tsx$/.test(entry.name) ? [file] : [];
  });

test('the first screen does not download what judges a visit', () => {
  const reached = new Set(pages(path.join(ROOT, 'app/src/app')));
  for (const file of reached) for (const next of imported(file)) reached.add(next);
  const names = [...reached].map((file) => path.relative(ROOT, file));
  // It is seen at all: the way from a page over its feature to core.
  expect(names).toEqual(
    expect.arrayContaining(['app/src/features/today/TodayPage.tsx', 'core/src/base/words/figures.ts']),
  );
  const judging = /^core\/src\/(index|visit|model|moves|advise|plan|prove|checks|tools\/index)\b/;
  expect(names.filter((name) => judging.test(name))).toEqual([]);
});
