// npm test: installs and builds what is missing, then lint, format, types, unit, API and end-to-end tests.
// Closes with one plain line: N passed, N failed.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ensureBuilt } from './setup/build.mjs';
import { ensureHeadlessChromium } from './setup/chromium.mjs';
import { ensurePdfText } from './setup/pdfText.mjs';
import { ensurePostgres } from './setup/postgres.mjs';
import { ensureInstalled } from './setup/install.mjs';
import { run, runPackage, say } from './setup/run.mjs';

await ensureInstalled();
const chromium = await ensureHeadlessChromium();
await ensurePdfText();
await ensurePostgres();
const reports = mkdtempSync(path.join(tmpdir(), 'huff-reports-'));
const total = { passed: 0, failed: 0 };

/** A report that was not written means that the runner itself broke: one failure. */
function count(file, read) {
  try {
    const { passed, failed } = read(JSON.parse(readFileSync(file, 'utf8')));
    total.passed += passed;
    total.failed += failed;
    return passed + failed;
  } catch {
    return 0;
  }
}

/** @returns the exit code of the work; prints how long it took */
async function timed(name, work) {
  say(name);
  const start = Date.now();
  const code = await work();
  console.log(`  ${name}: ${Math.round((Date.now() - start) / 1000)} s`);
  return code;
}

async function check(name, work) {
  const ok = (await timed(name, work)) === 0;
  total[ok ? 'passed' : 'failed'] += 1;
  return ok;
}

/** Tests are counted one by one; a runner that fails without a failed test counts as one. */
async function suite(name, work, report, read) {
  const code = await timed(name, work);
  const before = total.failed;
  const seen = count(report, read);
  if ((code !== 0 && total.failed === before) || seen === 0) total.failed += 1;
}

/** PGlite wants Jest's modules mode; the app's packages, half of them modules for bundlers, must not see it. */
const JEST_RUNS = [
  // Apart, so that none comes near the time a run may take.
  { name: 'Unit tests', flags: ['--experimental-vm-modules'], projects: ['core', 'contract', 'paper'] },
  { name: 'API tests', flags: ['--experimental-vm-modules'], projects: ['server'] },
  { name: 'API tests on PostgreSQL', flags: ['--experimental-vm-modules'], projects: ['postgres'] },
  { name: 'Component tests', flags: [], projects: ['app'] },
];
/** Three of the eighteen kinds of calls are worked in each run: the next three at the next commit. */
function visitsInTurn() {
  try {
    return execFileSync('git', ['rev-list', '--count', 'HEAD'], { encoding: 'utf8' }).trim();
  } catch {
    return '0';
  }
}
const e2eReport = path.join(reports, 'e2e.json');
/** Reads the code without running it: one on each core, for none needs what another makes. */
const READINGS = [
  [
    'Lint',
    'eslint/bin/eslint.js',
    ['.', '--max-warnings', '0', '--cache', '--cache-location', 'node_modules/.cache/eslint/'],
  ],
  ['What nobody uses', 'knip/bin/knip.js', ['--no-progress']],
  ['Format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.']],
  ...['.', 'core', 'contract', 'paper', 'server', 'app', 'e2e'].map((part) => [
    `Types of ${part === '.' ? 'scripts' : part}`,
    'typescript/bin/tsc',
    ['--noEmit', '-p', part],
  ]),
];
const waiting = [...READINGS];
const readOn = async () => {
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    const [name, program, flags] = next;
    await check(name, () => runPackage(program, flags));
  }
};
/** What the browser needs is built, then shaken, on one core, while the code is read on the other. */
const buildAndShake = async () => {
  await ensureBuilt();
  await check('Soak, short: phones, a bad network, kills', () =>
    run(process.execPath, [
      'scripts/soak.mjs',
      ...['--kills', '6', '--operations', '300', '--phones', '5', '--minutes', '1'],
    ]),
  );
  await check('Soak, short: three servers on one PostgreSQL server', () =>
    run(process.execPath, [
      'scripts/soak.mjs',
      ...['--postgres', '--servers', '3', '--kills', '6', '--operations', '300', '--phones', '8', '--minutes', '1'],
    ]),
  );
  await check('Fuzz, short: requests of every kind, what was accepted drawn', () =>
    run(process.execPath, ['scripts/fuzz.mjs', '--requests', '1600', '--draw', '8']),
  );
};
// By name: a folder alone would run every script in it.
const testsOfScripts = readdirSync('scripts', { recursive: true })
  .filter((name) => name.endsWith('.test.mjs'))
  .map((name) => path.join('scripts', name));
await Promise.all([readOn(), buildAndShake().then(readOn)]);
await check('Words', () => run(process.execPath, ['scripts/words.mjs', '--check']));
await check('Scripts and docs', () => run(process.execPath, ['--test', ...testsOfScripts], { quiet: true }));
for (const { name, flags, projects } of JEST_RUNS) {
  const report = path.join(reports, `${projects[0]}.json`);
  const jest = [
    'node_modules/jest/bin/jest.js',
    '--selectProjects',
    ...projects,
    // Its own choice leaves one of two cores idle.
    '--maxWorkers=2',
    '--silent',
    '--json',
    `--outputFile=${report}`,
  ];
  await suite(
    name,
    () => run(process.execPath, [...flags, '--no-warnings', ...jest], { quiet: true, mostMinutes: 10 }),
    report,
    (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests + r.numRuntimeErrorTestSuites }),
  );
}
await suite(
  'End-to-end tests in Chromium',
  () =>
    runPackage('@playwright/test/cli.js', ['test', '-c', 'e2e'], {
      env: { CHROMIUM: chromium, E2E_REPORT: e2eReport, HUFF_VISITS: visitsInTurn() },
    }),
  e2eReport,
  (r) => ({ passed: r.stats.expected, failed: r.stats.unexpected + r.stats.flaky }),
);
rmSync(reports, { recursive: true, force: true });
console.log(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
