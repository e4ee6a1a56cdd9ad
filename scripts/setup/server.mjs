import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { performance } from 'node:perf_hooks';

/** Starts the built server on a data folder and waits until it is ready. @param port 0 for any that is free */
export async function startServer(dataFolder, { demo = true, port = 0, webFolder, database } = {}) {
  const from = performance.now();
  const child = spawn(process.execPath, ['server/dist/main.mjs'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      PORT: String(port),
      HUFF_DATA: dataFolder,
      HUFF_DEMO: demo ? '1' : '0',
      HUFF_LOG: 'warn',
      ...(webFolder ? { HUFF_WEB: webFolder } : {}),
      ...(database ? { DATABASE_URL: database } : {}),
    },
  });
  let said = '';
  await new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
    child.stdout.on('data', (chunk) => {
      said += chunk;
      if (said.includes('Huff is ready.')) resolve();
    });
  });
  const memoryMB = (field) =>
    Number(new RegExp(`${field}:\\s+(\\d+)`).exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))[1]) / 1000;
  const end = async (signal) => {
    if (child.exitCode !== null || child.signalCode !== null) return;
    const gone = once(child, 'exit');
    child.kill(signal);
    await gone;
  };
  return {
    url: /http:\/\/[\d.:]+/.exec(said)[0],
    pid: child.pid,
    readyAfterMs: performance.now() - from,
    /** What it wrote: its log of errors. */
    said: () => said,
    residentMB: () => memoryMB('VmRSS'),
    peakMB: () => memoryMB('VmHWM'),
    stop: () => end('SIGTERM'),
    /** As a crash would. */
    kill: () => end('SIGKILL'),
  };
}
