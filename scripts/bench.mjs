// npm run bench: prints the figures of docs/benchmarks.md as this machine gives them now.
import os from 'node:os';
import { ensureBuilt } from './setup/build.mjs';
import { ensureChromium } from './setup/chromium.mjs';
import { ensureInstalled } from './setup/install.mjs';

await ensureInstalled();
const chromium = await ensureChromium();
await ensureBuilt();
const { benchAirway } = await import('./bench/airway.mjs');
const { benchBundle } = await import('./bench/bundle.mjs');
const { benchCore } = await import('./bench/core.mjs');
const { benchDownload } = await import('./bench/download.mjs');
const { endByLimits } = await import('./bench/limits.mjs');
const { benchPlanPage } = await import('./bench/planPage.mjs');
const { benchPage } = await import('./bench/page.mjs');
const { benchFirstUse } = await import('./bench/firstUse.mjs');
const { benchPostgres } = await import('./bench/postgres.mjs');
const { benchPower } = await import('./bench/power.mjs');
const { benchServer } = await import('./bench/server.mjs');
const { benchSpine } = await import('./bench/spine.mjs');
const { benchUsualCurves } = await import('./bench/usualCurves.mjs');

console.log(`Node.js ${process.versions.node}, ${os.cpus().length} cores\n`);
await benchCore();
await benchPower();
await benchUsualCurves();
await benchPlanPage(chromium);
await benchPage(chromium);
await benchAirway(chromium);
await benchServer();
await benchBundle();
await benchSpine(chromium);
await benchPostgres();
await benchFirstUse(chromium);
await benchDownload();
endByLimits();
