import { check, look, outcome, type Plan } from './demoVisit';

/** Upstairs air handler: what its filter took at each visit, days before now. A fall is another filter. */
const FILLINGS: readonly (readonly [daysAgo: number, filterInWc: number])[] = [
  [270, 0.052],
  [225, 0.069],
  [180, 0.088],
  [140, 0.11],
  [139, 0.048],
  [95, 0.066],
  [60, 0.081],
  [20, 0.1],
  [12, 0.05],
];
const LOADED_INWC = 0.095;

const round = (value: number) => Number(value.toFixed(3));

/** A year of one unit: a filter that fills and is changed, and a finding that was quoted and never done. */
export const HISTORY: readonly Plan[] = FILLINGS.map(([daysAgo, filterInWc], i) => ({
  unit: 3,
  daysAgo,
  minute: 540,
  readings: [
    { port: 'R1', value: -0.08 },
    { port: 'R2', value: round(-0.08 - filterInWc) },
    { port: 'S1', value: 0.2 },
  ],
  facts: [
    look('filter', filterInWc > LOADED_INWC ? 'loaded' : 'clean'),
    ...(filterInWc > LOADED_INWC ? [outcome('look-filter', 'dealtWith')] : []),
    ...(i === 2 ? [check('drainPitch', 'found'), outcome('check-drainPitch', 'quoted', 240)] : []),
  ],
}));
