// npm run build: the app, its service worker and the server, where their sources have changed.
import { ensureBuilt } from './setup/build.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { say } from './setup/run.mjs';

await ensureInstalled();
await ensureBuilt();
say('Built. Start it with: npm start');
