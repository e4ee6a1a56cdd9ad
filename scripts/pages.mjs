// Writes down which addresses the built app knows (app/dist/pages.json): its routes and what they were called before. The server answers 404 to the rest.
import { build } from 'esbuild';
import { readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const app = fileURLToPath(new URL('../app', import.meta.url));
const routes = readdirSync(path.join(app, 'src/app'), { withFileTypes: true })
  .map((entry) => (entry.isDirectory() ? entry.name : path.parse(entry.name).name))
  .filter((name) => !/^[_+]/.test(name));
const built = await build({
  entryPoints: [path.join(app, 'src/features/earlierAddress.ts')],
  bundle: true,
  format: 'esm',
  write: false,
});
const { EARLIER_NAMES } = await import(`data:text/javascript,${encodeURIComponent(built.outputFiles[0].text)}`);
const names = [...new Set([...routes.filter((name) => name !== 'index'), ...Object.keys(EARLIER_NAMES)])].sort();
writeFileSync(path.join(app, 'dist/pages.json'), JSON.stringify(names));
