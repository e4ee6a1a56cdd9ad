import { build } from 'esbuild';
import { cpSync, rmSync } from 'node:fs';

rmSync('server/dist', { recursive: true, force: true });
await build({
  entryPoints: [
    { in: 'server/src/main.ts', out: 'main' },
    { in: 'server/src/beside/heavyWork.ts', out: 'heavyWork' },
    { in: 'server/src/beside/quietWork.ts', out: 'quietWork' },
    { in: 'server/src/backupTool.ts', out: 'backupTool' },
    { in: 'server/src/shopTool.ts', out: 'shopTool' },
    { in: 'server/src/moveTool.ts', out: 'moveTool' },
    { in: 'server/src/db/dbThread.ts', out: 'dbThread' },
    { in: 'server/src/watch/watchThread.ts', out: 'watchThread' },
  ],
  outdir: 'server/dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  // What only some servers need (another database, certificates, passkeys) is loaded when it is needed.
  splitting: true,
  // Beside the programs: what they read they find by where they are.
  chunkNames: 'part-[hash]',
  platform: 'node',
  format: 'esm',
  target: 'node20',
  // Our own packages are taken in; all from node_modules stays outside (PGlite finds its .wasm beside itself).
  alias: {
    '@huff/paper': './paper/src/index.ts',
    '@huff/core/call': './core/src/entries/call.ts',
    '@huff/core/first': './core/src/entries/first.ts',
    '@huff/core/explain': './core/src/entries/explain.ts',
    '@huff/core/photo': './core/src/entries/photo.ts',
    '@huff/core/practice': './core/src/entries/practice.ts',
    '@huff/core/fix': './core/src/entries/fix.ts',
    '@huff/core/instruments': './core/src/entries/instruments.ts',
    '@huff/core': './core/src/entries/main.ts',
    '@huff/contract/call': './contract/src/call.ts',
    '@huff/contract/explain': './contract/src/explain.ts',
    '@huff/contract/practice': './contract/src/practice.ts',
    '@huff/contract/fix': './contract/src/fix.ts',
    '@huff/contract/spine': './contract/src/spine/index.ts',
    '@huff/contract/sync': './contract/src/sync.ts',
    '@huff/contract': './contract/src/index.ts',
  },
  packages: 'external',
  sourcemap: true,
  tsconfig: 'server/tsconfig.json',
  logLevel: 'warning',
});
cpSync('server/src/db/migrations', 'server/dist/migrations', { recursive: true });
cpSync('server/src/reach/phone.css', 'server/dist/phone.css');
