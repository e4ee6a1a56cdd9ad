import { build } from 'esbuild';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** A process that is watched and then does something; how it ended and what it said. */
async function watched(then: string) {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-watch-'));
  const contents = `import { watchThisThread } from './watch'; const { end, whileDisk } = watchThisThread('database', 600); ${then}`;
  const built = { bundle: true, platform: 'node', format: 'esm' } as const;
  const stdin = { contents, resolveDir: __dirname };
  await build({ ...built, stdin, outfile: path.join(folder, 'watched.mjs') });
  await build({
    ...built,
    entryPoints: [path.join(__dirname, 'watchThread.ts')],
    outfile: path.join(folder, 'watchThread.mjs'),
  });
  const child = spawn(process.execPath, [path.join(folder, 'watched.mjs')], {
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (chunk) => (said += String(chunk)));
  const [code, signal] = (await once(child, 'exit')) as [number | null, string | null];
  rmSync(folder, { recursive: true });
  return { code, signal, said };
}

test('a server that stands still is ended with a sentence, though it hears no signal', async () => {
  const { signal, said } = await watched('setTimeout(() => { for (;;); }, 1500);');
  expect(signal).toBe('SIGKILL');
  expect(said).toMatch(/did not respond for \d+ s.*Free up space/);
}, 30_000);

test('one that is busy and moves is left alone', async () => {
  const busy = `const busy = setInterval(() => { const until = Date.now() + 150; while (Date.now() < until); }, 10);
    setTimeout(() => { clearInterval(busy); end(); }, 2500);`;
  expect(await watched(busy)).toMatchObject({ code: 0, signal: null });
}, 30_000);

test('a disk that is slow is told and waited for', async () => {
  const slow = `const wait = new Int32Array(new SharedArrayBuffer(4));
    setTimeout(() => { whileDisk(() => Atomics.wait(wait, 0, 0, 2500)); end(); }, 500);`;
  const { code, said } = await watched(slow);
  expect(code).toBe(0);
  expect(said.match(/The disk needed \d+ s for one request/g)).toHaveLength(1);
}, 30_000);

test('many slow requests of the disk in one go are movement', async () => {
  const many = `const wait = new Int32Array(new SharedArrayBuffer(4));
    setTimeout(() => { for (let k = 0; k < 20; k += 1) whileDisk(() => Atomics.wait(wait, 0, 0, 150)); end(); }, 500);`;
  expect(await watched(many)).toMatchObject({ code: 0, said: '' });
}, 30_000);

test('a disk that refuses at once, for ever, is no movement', async () => {
  const { signal } = await watched('setTimeout(() => { for (;;) whileDisk(() => undefined); }, 300);');
  expect(signal).toBe('SIGKILL');
}, 30_000);
