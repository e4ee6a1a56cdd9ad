// Puts the reader of photos into the built app, under an address that changes with it: engine, its worker, and the data of its print.
import { build } from 'esbuild';
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';

const require = createRequire(import.meta.url);
const folderOf = (name) => path.dirname(require.resolve(`${name}/package.json`));
const versionOf = (name) => JSON.parse(readFileSync(path.join(folderOf(name), 'package.json'), 'utf8')).version;
const built = await build({
  entryPoints: ['app/src/features/photoReading/readerFiles.ts'],
  bundle: true,
  format: 'esm',
  write: false,
});
const { readerAddress, READER_FILES } = await import(
  `data:text/javascript,${encodeURIComponent(built.outputFiles[0].text)}`
);

const made = `${versionOf('tesseract.js')}-${versionOf('@tesseract.js-data/eng')}`;
if (readerAddress('') !== `/reader/${made}/`)
  throw new Error(`The reader is ${made}: write that in app/src/features/photoReading/readerFiles.ts.`);
const to = path.join('app/dist', readerAddress(''));
mkdirSync(to, { recursive: true });
const from = {
  worker: path.join(folderOf('tesseract.js'), 'dist/worker.min.js'),
  core: path.join(folderOf('tesseract.js-core'), 'tesseract-core-simd-lstm.wasm.js'),
  data: path.join(folderOf('@tesseract.js-data/eng'), '4.0.0_best_int/eng.traineddata.gz'),
};
for (const [part, name] of Object.entries(READER_FILES)) copyFileSync(from[part], path.join(to, name));
writeFileSync(
  path.join(to, 'LICENSES.txt'),
  ['tesseract.js', 'tesseract.js-core'].map((name) => `${name}: Apache License 2.0\n`).join(''),
);
