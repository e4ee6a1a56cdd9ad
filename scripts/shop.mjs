// npm run shop -- --name "Gull works" --owner "Ada": makes another shop on the same server and a code for its owner. With the embedded database stop
// Huff first; its data folder has to be there already.
import { parseArgs } from 'node:util';
import { ensureBuilt } from './setup/build.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { run, stopWith } from './setup/run.mjs';

const { values } = parseArgs({ options: { name: { type: 'string' }, owner: { type: 'string' } } });
if (!values.name?.trim() || !values.owner?.trim())
  stopWith('Say the name of the shop and of its owner: npm run shop -- --name "Gull works" --owner "Ada"');
await ensureInstalled();
await ensureBuilt();
process.exit(await run(process.execPath, ['server/dist/shopTool.mjs', values.name.trim(), values.owner.trim()]));
