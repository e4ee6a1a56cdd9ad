// npm run restore -- --from <folder>: puts a backup in the place of the data; without --from the newest one. Stop Huff first.
import { parseArgs } from 'node:util';
import { ensureBuilt } from './setup/build.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { run } from './setup/run.mjs';

const { values } = parseArgs({ options: { from: { type: 'string' } } });
await ensureInstalled();
await ensureBuilt();
process.exit(
  await run(process.execPath, ['server/dist/backupTool.mjs', 'restore', ...(values.from ? [values.from] : [])]),
);
