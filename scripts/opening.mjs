// The few lines that run before the app is there, beside the page they belong to.
import { build } from 'esbuild';

await build({
  entryPoints: ['app/opening/opening.ts'],
  outfile: 'app/dist/opening.js',
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2020',
  tsconfig: 'app/tsconfig.json',
  logLevel: 'warning',
});
