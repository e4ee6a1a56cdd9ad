import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { importBundled } from '../setup/bundle.mjs';
import { median, row } from './median.mjs';

const CONTEXT = { lineVolts: 240, ratedMicrofarads: 10 };
const ROUNDS = 200;

/** How long ranking takes, and how many tests lead to a cause beside the fixed order: for every scheme and every single cause. */
export async function benchPower() {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const {
    gasFurnace,
    nextTests,
    plausiblePairs,
    POWER_SCHEMES,
    rankPatterns,
    readLadder,
    SECTION_ORDER,
    suspects,
    testsUntilFound,
    walk,
  } = await importBundled('scripts/bench/powerEntry.ts', folder);
  const schemes = [...POWER_SCHEMES, gasFurnace];
  const checks = new Map([['callVolts', { point: 'callVolts', value: 25.6 }]]);
  const times = schemes.flatMap((scheme) => {
    nextTests(scheme, checks, CONTEXT);
    return Array.from({ length: ROUNDS }, () => {
      const begun = performance.now();
      suspects(scheme, checks.values(), CONTEXT);
      nextTests(scheme, checks, CONTEXT);
      return performance.now() - begun;
    });
  });
  row('causes of a dead blower ranked, next test chosen', (1000 * median(times)).toFixed(0), 'µs', 'aim: under 2,000');
  let own = 0;
  let fixed = 0;
  let found = 0;
  let cases = 0;
  for (const scheme of schemes)
    for (const cause of Object.keys(scheme.causes)) {
      const led = testsUntilFound(scheme, cause, CONTEXT);
      own += led.tests;
      fixed += testsUntilFound(scheme, cause, CONTEXT, SECTION_ORDER).tests;
      cases += 1;
      if (led.found === cause) found += 1;
    }
  row('schemes × causes that end at their cause', `${found} of ${cases}`, '');
  row('tests needed, its own next tests', (own / cases).toFixed(1), 'mean');
  row('tests needed, in the fixed order', (fixed / cases).toFixed(1), 'mean');
  row('fewer by', (100 * (1 - own / fixed)).toFixed(0), '%', 'aim: at least 30');
  benchWalks({ schemes, plausiblePairs, walk });
  benchPatterns({ rankPatterns, readLadder });
}

/** Answers that are wrong in a walk, as a share, and the walks of each cause. */
const SLIPS = 0.05;
const SEEDS = 60;

/** Walks to every cause, to every plausible pair, and with answers that are wrong. */
function benchWalks({ schemes, plausiblePairs, walk }) {
  const ended = (walks) => walks.filter((one) => one.ended.length === one.causes.length).length;
  const wrong = (walks) => walks.filter((one) => one.wrong.length > 0).length;
  const pairs = schemes.flatMap((scheme) => plausiblePairs(scheme).map((pair) => walk(scheme, pair, CONTEXT)));
  row('plausible pairs found one after the other', `${ended(pairs)} of ${pairs.length}`, '');
  row('pairs with a wrong find on the way', `${wrong(pairs)}`, '', 'aim: none');
  const slips = schemes.flatMap((scheme) =>
    Object.keys(scheme.causes).flatMap((cause) =>
      Array.from({ length: SEEDS }, (_, i) => walk(scheme, [cause], CONTEXT, { slips: SLIPS, seed: i + 1 })),
    ),
  );
  const share = (count) => ((100 * count) / slips.length).toFixed(1);
  row('one answer in twenty wrong: walks that end at the cause', share(ended(slips)), '%');
  row('one answer in twenty wrong: walks that name a wrong cause', share(wrong(slips)), '%', 'aim: none');
}

const LADDER = {
  refrigerant: 'R-410A',
  metering: 'valve',
  highPort: 'liquid',
  suctionPsig: 117,
  highPsig: 358,
  suctionLineF: 64,
  liquidLineF: 109,
  outdoorF: 95,
  returnF: 75,
};

/** How long a circuit takes from its gauges to its ranked patterns. */
function benchPatterns({ rankPatterns, readLadder }) {
  const times = Array.from({ length: ROUNDS }, (_, i) => {
    const begun = performance.now();
    const read = readLadder({ ...LADDER, suctionPsig: LADDER.suctionPsig + (i % 7) });
    if (!read.ok) throw new Error(read.errors.map(({ message }) => message).join(' '));
    rankPatterns(read.ladder, {});
    return performance.now() - begun;
  });
  row(
    'refrigerant patterns ranked, two faults at once among them',
    (1000 * median(times)).toFixed(0),
    'µs',
    'aim: under 5,000',
  );
}
