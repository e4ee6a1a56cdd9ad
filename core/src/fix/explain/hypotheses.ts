import type { System } from '../../air/system';
import { ALL_CAUSES, type Cause } from '../causes';
import { complaintFactor } from './complaintOdds';
import type { ExplainRequest } from './request';

/** What may be wrong with a unit: nothing, one cause, or two together. */
export interface Hypothesis {
  readonly causes: readonly Cause[];
  /** Logarithm of its odds before anything is read. */
  readonly logPrior: number;
}

/** (J) Calls in a hundred on which nothing is wrong with what is read here. */
const HEALTHY_WEIGHT = 20;
/** (J) The same of what is none of the causes. */
export const UNEXPLAINED_WEIGHT = 2;

/** Severities in place of all between mild and bad. */
const SINGLE_SEVERITIES = [0.1, 0.3, 0.5, 0.7, 0.9];
const PAIR_SEVERITIES = [0.17, 0.5, 0.83];

/** Readings that say something of the refrigerant side. */
const REFRIGERANT_READINGS = new Set(['drop', 'evaporating', 'condensing', 'superheat', 'subcooling']);

/** Whether the refrigerant side can be judged at all: by a temperature drop or by gauges. */
const speaksOfRefrigerant = ({ evidence }: Pick<ExplainRequest, 'evidence'>): boolean =>
  evidence.some(({ reading }) => REFRIGERANT_READINGS.has(reading));

/** The causes a unit can have, by what was read of it. */
function possibleCauses(request: ExplainRequest): Cause[] {
  const { system } = request;
  const unit = { layout: system.layout, motor: system.fan.motor, filterPlace: system.filterPlace };
  const cools = system.cooling !== undefined;
  const refrigerant = cools && speaksOfRefrigerant(request);
  return ALL_CAUSES.filter(
    (cause) =>
      cause.at(unit) &&
      cause.isPossible?.(system) !== false &&
      (cause.group !== 'refrigerant' || refrigerant) &&
      (cools || cause.id !== 'iced'),
  );
}

/** Pairs in one group that are met together. */
const TOGETHER: readonly (readonly [string, string])[] = [
  ['dirtyOutdoorCoil', 'lowCharge'],
  ['wheelCaked', 'weakCapacitor'],
  ['wheelCaked', 'wrongTap'],
  ['wheelCaked', 'slippingBelt'],
  ['slippingBelt', 'wrongSheave'],
  ['returnUndersized', 'returnLeak'],
];

/** Whether two causes are tried together: of different groups, or of one group where both are met at once. */
function isSensible(a: Cause, b: Cause): boolean {
  if (a.group === 'reading' && b.group === 'reading') return false;
  if (a.group !== b.group) return true;
  return TOGETHER.some(([x, y]) => (x === a.id && y === b.id) || (x === b.id && y === a.id));
}

/** Odds of a cause before anything is read, per 100 calls: the shop's or the usual, by the complaint. */
const oddsOf = (cause: Cause, { odds, complaint }: Pick<ExplainRequest, 'odds' | 'complaint'>): number =>
  (odds?.[cause.id] ?? cause.prior) * complaintFactor(complaint, cause);

/** Nothing wrong, and each cause alone. */
export function singleHypotheses(request: ExplainRequest): Hypothesis[] {
  return [
    { causes: [], logPrior: Math.log(HEALTHY_WEIGHT) },
    ...possibleCauses(request).map((cause) => ({ causes: [cause], logPrior: Math.log(oddsOf(cause, request)) })),
  ];
}

/** Two causes together, independent of each other. */
export function pairHypotheses(request: ExplainRequest): Hypothesis[] {
  const causes = possibleCauses(request);
  return causes.flatMap((a, i) =>
    causes
      .slice(i + 1)
      .flatMap((b) =>
        isSensible(a, b)
          ? [{ causes: [a, b], logPrior: Math.log((oddsOf(a, request) * oddsOf(b, request)) / 100) }]
          : [],
      ),
  );
}

/** One way a cause may be there. */
type Way = (system: System) => System;

function waysOf(cause: Cause, severities: readonly number[]): Way[] {
  const isOneSize = cause.range.mild === cause.range.bad;
  const grid = isOneSize ? [1] : cause.range.mild === 1 && cause.range.bad === 2 ? [0, 1] : severities;
  return [
    ...grid.map((severity) => (system: System) => cause.apply(system, severity)),
    ...(cause.opposite ? grid.map((severity) => (system: System) => cause.opposite!(system, severity)) : []),
  ];
}

/** Every system a hypothesis means, all as likely as each other; none where a cause can change nothing on this unit. */
export function systemsOf({ causes }: Hypothesis, sound: System): System[] {
  const severities = causes.length > 1 ? PAIR_SEVERITIES : SINGLE_SEVERITIES;
  return causes.reduce<System[]>(
    (systems, cause) =>
      systems.flatMap((system) =>
        waysOf(cause, severities)
          .map((way) => way(system))
          .filter((changed) => changed !== system),
      ),
    [sound],
  );
}
