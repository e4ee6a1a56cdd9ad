// Makes what tests start from, beside Jest: it is TypeScript, and Jest's own set-up is not.
const { execFileSync } = require('node:child_process');
const path = require('node:path');

/** @param target a file for the embedded database, or the address of a database on a server */
module.exports = (target) =>
  execFileSync(process.execPath, ['--import', 'tsx', path.join(__dirname, 'src/testing/makeTemplate.ts'), target], {
    cwd: __dirname,
    env: { ...process.env, NODE_OPTIONS: '' },
    stdio: ['ignore', 'inherit', 'inherit'],
    timeout: 120_000,
  });
