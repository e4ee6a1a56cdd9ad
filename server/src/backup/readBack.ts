import { execFile } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import type { RowCounts } from './backups';

/** The tool: bundled beside `main.mjs`, a source under `tsx`. */
const TOOL = fileURLToPath(
  new URL(import.meta.url.endsWith('.ts') ? '../backupTool.ts' : './backupTool.mjs', import.meta.url),
);

const tool = (command: string, folder: string) =>
  promisify(execFile)(process.execPath, [...process.execArgv, TOOL, command, folder]);

/** Begins another life of the data in a folder, in a separate process. */
export async function renew(folder: string): Promise<void> {
  await tool('renew', folder);
}

/** Opens a database folder in a separate process, which gives its memory back, and counts its rows. */
export async function readBack(folder: string): Promise<RowCounts> {
  const { stdout } = await tool('count', folder);
  return JSON.parse(stdout) as RowCounts;
}
