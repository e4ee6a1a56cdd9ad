import {
  END_TOLERANCE_IN_WC,
  fanRuns,
  flowBetween,
  offTable,
  type BlowerTable,
  type CurveRun,
  type OffTable,
} from '../fan';
import { bracketedRoot } from '../../base/numbers/bracketedRoot';
import { dropAt, pathDropAt, type Resistance } from '../path';
import type { System } from '../system';

/** Where fan and path meet. */
export interface Crossing {
  readonly kind: 'crossing';
  readonly tap: string;
  readonly flowCfm: number;
  readonly tespInWc: number;
}

/** The fan's curve ends before it meets the path: what the edge would move, and what the path would ask for it. */
export interface CrossingOffTable extends OffTable {
  /** What the path asks at the edge's airflow, in. w.c. */
  readonly askedInWc: number;
}

export type Operation = Crossing | CrossingOffTable;

/** How much static the path lacks (below 0) or asks too much (above 0) when the fan stands at `staticInWc`. */
const surplus = (path: readonly Resistance[], flowCfm: number, staticInWc: number) =>
  pathDropAt(path, flowCfm) - staticInWc;

/** A path that asks a shade more or less than the end of a curve meets it there. */
const atEnd = (run: CurveRun, i: number, off: number) =>
  Math.abs(off) <= END_TOLERANCE_IN_WC ? { flowCfm: run.flowsCfm[i]!, tespInWc: run.staticsInWc[i]! + off } : undefined;

function crossingOnRun(
  run: CurveRun,
  path: readonly Resistance[],
  tolerance: number | undefined,
): { flowCfm: number; tespInWc: number } | undefined {
  const last = run.staticsInWc.length - 1;
  const at = (i: number) => surplus(path, run.flowsCfm[i]!, run.staticsInWc[i]!);
  // The surplus falls along the run (flow falls, static rises): one sign change at most.
  if (at(0) < 0) return atEnd(run, 0, at(0));
  if (at(last) > 0) return atEnd(run, last, at(last));
  let low = 0;
  let high = last;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (at(middle) >= 0) low = middle;
    else high = middle;
  }
  if (low === high) return { flowCfm: run.flowsCfm[low]!, tespInWc: run.staticsInWc[low]! };
  const tespInWc = bracketedRoot(
    (p) => surplus(path, flowBetween(run, low, p), p),
    run.staticsInWc[low]!,
    run.staticsInWc[high]!,
    tolerance,
  );
  return { flowCfm: flowBetween(run, low, tespInWc), tespInWc };
}

/**
 * Where a tap's curve crosses a path: airflow and external static.
 *
 * The path must ask more as flow rises and the table's flow must not rise with static; then there is one crossing at
 * most. Where the curve ends first, the answer is `offTable` with the edge and what the path would ask there; nothing is
 * extrapolated or carried across a blank cell.
 *
 * @param table a sound table
 * @param tap a tap of that table
 * @param path resistances outside the cabinet, in series
 * @throws RangeError when the table has no such tap
 * @source fan and system curve method, any fan engineering handbook; bracketed root on each interval of the table
 * @example crossing(exampleA, '4', [resistanceFromPoint(0.58, 940.2, 2)]) // 1,035.5 CFM at 0.704 in. w.c.
 */
export function crossing(table: BlowerTable, tap: string, path: readonly Resistance[]): Operation {
  return crossingOf(tap, fanRuns({ motor: 'psc', table, tap }), path);
}

/**
 * The same for a fan's curve that is at hand already: the search for a plan asks it of one curve many times.
 * @param tolerance in. w.c.; a search needs less than a prediction
 */
export function crossingOf(
  tap: string,
  runs: readonly CurveRun[],
  path: readonly Resistance[],
  tolerance?: number,
): Operation {
  let lastRunBelow = -1;
  for (const [index, run] of runs.entries()) {
    const found = crossingOnRun(run, path, tolerance);
    if (found) return { kind: 'crossing', tap, ...found };
    const last = run.staticsInWc.length - 1;
    // The run's end still asks for more than the fan gives there: the crossing lies beyond it.
    if (surplus(path, run.flowsCfm[last]!, run.staticsInWc[last]!) > 0) lastRunBelow = index;
  }
  const edge = offTable(tap, runs, lastRunBelow);
  return { ...edge, askedInWc: pathDropAt(path, edge.edgeFlowCfm) };
}

/** What is lost inside the cabinet beyond the blower table at an airflow, in. w.c.; 0 where nothing is. */
export const innerDropInWc = ({ inside }: Pick<System, 'inside'>, flowCfm: number): number =>
  inside ? dropAt(inside.resistance, flowCfm) : 0;

/** Everything the fan has to overcome, inside the cabinet and out. */
export const resistancesOf = (system: System): Resistance[] =>
  [...system.path, ...(system.inside ? [system.inside] : [])].map((section) => section.resistance);

/**
 * What the system does as it stands: where its fan and its path cross.
 *
 * @returns flow (CFM) and total external static (in. w.c.), or off the table
 * @example operate(onTap(measured, '4'))
 */
export function operate(system: System): Operation {
  const found = crossingOf(system.fan.tap, fanRuns(system.fan), resistancesOf(system));
  if (!system.inside || found.kind === 'offTable') return found;
  // What is lost inside the cabinet is not in the external static.
  return { ...found, tespInWc: found.tespInWc - innerDropInWc(system, found.flowCfm) };
}
