// npm run demo: installs and builds what is missing, loads the demo data, starts Huff and prints its address.
import { spawn } from 'node:child_process';
import { ensureBuilt } from './setup/build.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { say } from './setup/run.mjs';

await ensureInstalled();
await ensureBuilt();
say(`Starting Huff with demo data in ${process.env.HUFF_DATA ?? './data'} (Ctrl-C stops it)`);
const server = spawn(process.execPath, ['--enable-source-maps', 'server/dist/main.mjs', ...process.argv.slice(2)], {
  stdio: 'inherit',
  env: { HUFF_LOG: 'warn', ...process.env, HUFF_DEMO: '1' },
});
// Ctrl-C in a terminal reaches the server by itself; a signal sent to this process alone is handed on.
process.on('SIGINT', () => {});
process.on('SIGTERM', () => server.kill('SIGTERM'));
server.once('exit', (code) => process.exit(code ?? 1));
