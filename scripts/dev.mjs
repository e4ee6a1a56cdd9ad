// npm run dev: server and app for developers, each reloading when a source changes.
import { ensureInstalled } from './setup/install.mjs';
import { say, stopWith } from './setup/run.mjs';

await ensureInstalled();
const { default: concurrently } = await import('concurrently');
const port = process.env.PORT ?? '3000';
say(`The app opens on http://127.0.0.1:8099, its server on port ${port} (Ctrl-C stops both)`);
const { result } = concurrently(
  [
    {
      name: 'server',
      command: 'node --watch --import tsx server/src/main.ts',
      env: { PORT: port, HUFF_DEMO: '1', HUFF_LOG: 'warn' },
    },
    {
      name: 'app',
      command: 'npm run start -w app',
      env: { API_PORT: port, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', EXPO_NO_TYPESCRIPT_SETUP: '1' },
    },
  ],
  { killOthersOn: ['failure', 'success'], prefix: 'name' },
);
await result.catch(() => stopWith('Server or app has stopped; what is wrong stands above.'));
