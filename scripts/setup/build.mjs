import { existsSync } from 'node:fs';
import { fingerprint, holds, stamp } from './fingerprint.mjs';
import { run, say, stopWith } from './run.mjs';

const SHARED = ['core/src', 'contract/src', 'paper/src', 'package-lock.json', 'tsconfig.base.json'];
export const QUIET_EXPO = {
  CI: '1',
  EXPO_NO_TELEMETRY: '1',
  EXPO_OFFLINE: '1',
  EXPO_NO_TYPESCRIPT_SETUP: '1',
  NODE_ENV: 'production',
};

/** What is built, from what, and how. */
const PARTS = [
  {
    name: 'the app (a minute the first time)',
    result: 'app/dist/index.html',
    from: [
      ...SHARED,
      'app',
      'scripts/opening.mjs',
      'scripts/pages.mjs',
      'scripts/reader.mjs',
      'scripts/service-worker.mjs',
    ],
    stamp: 'node_modules/.cache/huff/app-built',
    steps: [
      () => run('npm', ['run', '--silent', 'build', '-w', 'app'], { env: QUIET_EXPO, quiet: true }),
      () => run(process.execPath, ['scripts/opening.mjs']),
      () => run(process.execPath, ['scripts/pages.mjs']),
      () => run(process.execPath, ['scripts/reader.mjs']),
      () => run(process.execPath, ['scripts/service-worker.mjs']),
    ],
  },
  {
    name: 'the server',
    result: 'server/dist/main.mjs',
    from: [...SHARED, 'server/src', 'scripts/build-server.mjs'],
    stamp: 'node_modules/.cache/huff/server-built',
    steps: [() => run(process.execPath, ['scripts/build-server.mjs'])],
  },
];

/** Builds app and server where their sources have changed since. */
export async function ensureBuilt() {
  for (const part of PARTS) {
    const print = fingerprint(part.from);
    if (existsSync(part.result) && holds(part.stamp, print)) continue;
    say(`Building ${part.name}`);
    for (const step of part.steps) {
      if ((await step()) !== 0) stopWith(`${part.result} could not be built; what is wrong stands above.`);
    }
    stamp(part.stamp, print);
  }
}
