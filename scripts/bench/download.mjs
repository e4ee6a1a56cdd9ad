import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { fingerprint, holds, stamp } from '../setup/fingerprint.mjs';
import { run, stopWith } from '../setup/run.mjs';
import { QUIET_EXPO } from '../setup/build.mjs';
import { limited } from './limits.mjs';
import { row } from './median.mjs';

const BARE = 'scripts/bench/bare';
export const BARE_DIST = `${BARE}/dist`;

const filesUnder = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesUnder(path.join(folder, entry.name)) : [path.join(folder, entry.name)],
  );

/** Page and entry bundle, compressed as the server sends them; files that later pages ask for do not count. */
function firstScreen(dist) {
  const html = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const scripts = [...html.matchAll(/src="\/([^"]+\.js)"/g)].map((m) => path.join(dist, m[1]));
  const size = (file) => gzipSync(readFileSync(file), { level: 6 }).length;
  return [path.join(dist, 'index.html'), ...scripts].reduce((sum, file) => sum + size(file), 0);
}

const fonts = (dist) =>
  filesUnder(dist)
    .filter((file) => file.endsWith('.ttf'))
    .reduce((sum, file) => sum + gzipSync(readFileSync(file)).length, 0);

/** Builds the bare page where it is not built as it now stands. */
export async function ensureBare() {
  const print = fingerprint([BARE, 'package-lock.json']);
  const file = 'node_modules/.cache/huff/bare-built';
  if (!holds(file, print) || !existsSync(`${BARE_DIST}/index.html`)) {
    const expo = path.resolve('node_modules/expo/bin/cli');
    const code = await run(process.execPath, [expo, 'export', '-p', 'web'], {
      env: QUIET_EXPO,
      quiet: true,
      cwd: BARE,
    });
    if (code !== 0) stopWith('The bare page could not be built; what is wrong stands above.');
    stamp(file, print);
  }
}

export async function benchDownload() {
  await ensureBare();
  const kB = (bytes) => (bytes / 1000).toFixed(0);
  const ours = firstScreen('app/dist');
  const bare = firstScreen(`${BARE}/dist`);
  row('first screen, page and script, gzip', kB(ours), 'kB');
  row('the same of a bare Expo Router + Paper page', kB(bare), 'kB');
  limited('first screen ÷ bare page', ours / bare, 1.25);
  row('fonts of the first screen, gzip', kB(fonts('app/dist')), 'kB', 'the bare page ships none');
}
