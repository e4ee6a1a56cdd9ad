import { existsSync } from 'node:fs';
import { fingerprint, holds, stamp } from './fingerprint.mjs';
import { run, say, stopWith } from './run.mjs';

const STAMP = 'node_modules/.cache/huff/installed';
const LEAST_NODE = [20, 19, 4];

function checkNode() {
  const now = process.versions.node.split('.').map(Number);
  const at = LEAST_NODE.findIndex((part, i) => now[i] !== part);
  if (at >= 0 && now[at] < LEAST_NODE[at]) {
    stopWith(
      `Huff needs Node.js ${LEAST_NODE.join('.')} or newer; this is ${process.versions.node}. Install a newer one.`,
    );
  }
}

/** Installs the packages of the lock file, unless they are here. */
export async function ensureInstalled() {
  checkNode();
  // The lock file names every package of every workspace.
  const print = fingerprint(['package-lock.json']);
  if (existsSync('node_modules') && holds(STAMP, print)) return;
  say('Installing packages (a minute or two, once)');
  const code = await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  if (code !== 0) {
    stopWith(
      'The packages could not be installed. Check that npm is there and its registry can be reached, then run this again.',
    );
  }
  stamp(STAMP, print);
}
