import { spawn, type ChildProcess, type ChildProcessByStdio } from 'node:child_process';
import { once } from 'node:events';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const READY_WITHIN_MS = 40_000;

/** The built server as a process of its own on a data folder: started, stopped and killed as in life. */
export class HuffServer {
  private process: ChildProcess | undefined;
  private port = 0;

  constructor(
    readonly dataFolder: string,
    /** Another built app than this checkout’s. */
    private readonly webFolder?: string,
    /** With demo data, or an empty shop. */
    private readonly demo = true,
  ) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Starts it, the second time on the same address. */
  async start(): Promise<void> {
    const child = spawn(process.execPath, [path.join(ROOT, 'server/dist/main.mjs')], {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        ...process.env,
        PORT: String(this.port),
        HUFF_DATA: this.dataFolder,
        HUFF_DEMO: this.demo ? '1' : '0',
        HUFF_LOG: 'warn',
        ...(this.webFolder === undefined ? {} : { HUFF_WEB: this.webFolder }),
      },
    });
    this.process = child;
    try {
      await this.ready(child);
    } catch (fault) {
      // A server that came too late must not go on beside the next test.
      await this.stop('SIGKILL');
      throw fault;
    }
  }

  /** Resolves once it says that it is ready, with the address it listens on. */
  private async ready(child: ChildProcessByStdio<null, Readable, Readable>): Promise<void> {
    let said = '';
    await new Promise<void>((resolve, reject) => {
      const late = setTimeout(() => reject(new Error(`The server is not ready: ${said}`)), READY_WITHIN_MS);
      const hear = (chunk: Buffer) => {
        said += chunk.toString();
        const address = /listens on http:\/\/127\.0\.0\.1:(\d+)/.exec(said);
        if (address) this.port = Number(address[1]);
        if (!said.includes('Huff is ready.')) return;
        clearTimeout(late);
        resolve();
      };
      child.stdout.on('data', hear);
      child.stderr.on('data', hear);
      child.once('exit', (code) => reject(new Error(`The server ended with ${code}: ${said}`)));
    });
  }

  /** Ends it: politely by default, or as a crash would. */
  async stop(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const child = this.process;
    this.process = undefined;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = once(child, 'exit');
    child.kill(signal);
    await gone;
  }
}
