const path = require('node:path');
const esbuild = require('esbuild');

/** Where the CommonJS copies lie; jest.node.js maps to them. */
const folder = path.join(__dirname, 'node_modules/.cache/huff/d3');

/** d3 ships as ES modules only, and Jest's modules mode (which PGlite wants) cannot require such: a CommonJS copy for the tests. */
module.exports = () =>
  esbuild.build({
    entryPoints: ['d3-scale', 'd3-shape'].map((name) => ({ in: name, out: name })),
    absWorkingDir: __dirname,
    outdir: folder,
    outExtension: { '.js': '.cjs' },
    bundle: true,
    format: 'cjs',
    platform: 'node',
    logLevel: 'warning',
  });
