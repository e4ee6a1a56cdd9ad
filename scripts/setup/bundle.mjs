import { build } from 'esbuild';
import path from 'node:path';
import { pathToFileURL } from 'node:url';

/** What a TypeScript file of ours exports, for a script: bundled into `folder`, then imported. */
export async function importBundled(entry, folder, alias = {}) {
  const outfile = path.join(folder, `${path.parse(entry).name}.mjs`);
  await build({
    entryPoints: [entry],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    alias,
    // Some libraries ask for modules as CommonJS does.
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
    logLevel: 'warning',
  });
  return import(pathToFileURL(outfile).href);
}
