// npm run visits: the eighteen kinds of calls in an empty shop, with what each cost in touches and typed figures.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ensureBuilt } from './setup/build.mjs';
import { ensureHeadlessChromium } from './setup/chromium.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { runPackage } from './setup/run.mjs';

await ensureInstalled();
const chromium = await ensureHeadlessChromium();
await ensureBuilt();
const folder = mkdtempSync(path.join(tmpdir(), 'huff-visits-'));
const told = path.join(folder, 'visits.jsonl');
const code = await runPackage('@playwright/test/cli.js', ['test', '-c', 'e2e', 'visits', '--project', 'phone'], {
  env: { CHROMIUM: chromium, HUFF_VISITS: 'all', HUFF_VISITS_OUT: told },
});
const visits = existsSync(told)
  ? readFileSync(told, 'utf8')
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line))
      .sort((a, b) => a.number - b.number)
  : [];
rmSync(folder, { recursive: true, force: true });
console.log(
  '\nTouches and typed figures to the first useful verdict, and to the page that is handed over (most allowed)\n',
);
for (const { number, name, first, end, most } of visits) {
  const cost = ({ touches, figures }, bound) =>
    `${String(touches).padStart(3)} touches (${bound}), ${String(figures).padStart(2)} figures`;
  console.log(`${String(number).padStart(2)} ${name.padEnd(56)} ${cost(first, most.first)}   ${cost(end, most.end)}`);
}
process.exit(code);
