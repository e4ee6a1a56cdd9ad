// npm run backup: makes a backup now and reads it back. A Huff that runs makes it itself; else its data folder is opened here.
import { ensureBuilt } from './setup/build.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { run, say, stopWith } from './setup/run.mjs';

await ensureInstalled();
await ensureBuilt();
const address = `http://127.0.0.1:${process.env.PORT ?? 3000}`;
const answer = await fetch(`${address}/api/backups`, { method: 'POST' }).catch(() => undefined);
if (answer) {
  const told = await answer.json().catch(() => ({}));
  if (!answer.ok) stopWith(told.detail ?? `Huff at ${address} refused: ${answer.status}.`);
  say(`Huff at ${address} made a backup and read it back (${told.last.madeAt}, ${told.kept} kept).`);
} else process.exit(await run(process.execPath, ['server/dist/backupTool.mjs', 'backup']));
