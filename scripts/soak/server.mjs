import { spawn } from 'node:child_process';
import { once } from 'node:events';

const READY_WITHIN_MS = 60_000;

/** The built server on a folder of its own, to be killed and started again on the same address. */
export async function killableServer(dataFolder) {
  let port = 0;
  let child;
  const start = async () => {
    child = spawn(process.execPath, ['server/dist/main.mjs'], {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, PORT: String(port), HUFF_DATA: dataFolder, HUFF_DEMO: '0', HUFF_LOG: 'error' },
    });
    let said = '';
    await new Promise((resolve, reject) => {
      const late = setTimeout(() => reject(new Error(`The server is not ready: ${said}`)), READY_WITHIN_MS);
      const hear = (chunk) => {
        said += chunk;
        const address = /listens on http:\/\/127\.0\.0\.1:(\d+)/.exec(said);
        if (address) port = Number(address[1]);
        if (!said.includes('Huff is ready.')) return;
        clearTimeout(late);
        resolve();
      };
      child.stdout.on('data', hear);
      child.stderr.on('data', hear);
      child.once('exit', (code) => reject(new Error(`The server ended with ${code}: ${said}`)));
    });
  };
  const end = async (signal) => {
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = once(child, 'exit');
    child.kill(signal);
    await gone;
  };
  await start();
  return {
    get url() {
      return `http://127.0.0.1:${port}`;
    },
    start,
    /** As a crash would. */
    kill: () => end('SIGKILL'),
    stop: () => end('SIGTERM'),
  };
}
