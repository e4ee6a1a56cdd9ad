import type { BlowerTable, TapRow } from './tableShape';

/** A run of neighbouring filled cells of one tap: the fan's curve exists on it and nowhere else. */
export interface CurveRun {
  readonly staticsInWc: readonly number[];
  readonly flowsCfm: readonly number[];
}

/** Why a static cannot be read from a tap's row. Neither side is ever extrapolated. */
export type OffTableSide = 'aboveTable' | 'belowTable' | 'blankCell';

/** A place where the maker's table says nothing, with the nearest figure it does give. */
export interface OffTable {
  readonly kind: 'offTable';
  readonly tap: string;
  readonly side: OffTableSide;
  /** The nearest static the row covers, in. w.c. */
  readonly edgeStaticInWc: number;
  /** Airflow at that edge, CFM. */
  readonly edgeFlowCfm: number;
}

export interface FlowReading {
  readonly kind: 'flow';
  readonly tap: string;
  readonly flowCfm: number;
}

/** The runs of a row, split at its blank cells. A lone cell is a run of one point. */
export function curveRuns(table: BlowerTable, row: TapRow): CurveRun[] {
  const runs: { staticsInWc: number[]; flowsCfm: number[] }[] = [];
  let open = false;
  row.flowsCfm.forEach((flow, i) => {
    const staticInWc = table.staticsInWc[i];
    if (flow === null || staticInWc === undefined) {
      open = false;
      return;
    }
    if (!open) runs.push({ staticsInWc: [], flowsCfm: [] });
    open = true;
    const run = runs[runs.length - 1]!;
    run.staticsInWc.push(staticInWc);
    run.flowsCfm.push(flow);
  });
  return runs;
}

/** Airflow inside one interval of a run, linear between its two figures. */
export function flowBetween(run: CurveRun, interval: number, staticInWc: number): number {
  const p0 = run.staticsInWc[interval]!;
  const p1 = run.staticsInWc[interval + 1]!;
  const q0 = run.flowsCfm[interval]!;
  const q1 = run.flowsCfm[interval + 1]!;
  return q0 + ((q1 - q0) * (staticInWc - p0)) / (p1 - p0);
}

function flowOnRun(run: CurveRun, staticInWc: number): number | undefined {
  const last = run.staticsInWc.length - 1;
  if (staticInWc < run.staticsInWc[0]! || staticInWc > run.staticsInWc[last]!) return undefined;
  if (last === 0) return run.flowsCfm[0];
  let i = 0;
  while (i < last - 1 && staticInWc > run.staticsInWc[i + 1]!) i += 1;
  return flowBetween(run, i, staticInWc);
}

/**
 * Airflow of a tap at a static, by linear interpolation between the maker's figures.
 *
 * Valid only where the row has figures on both sides (or the static is exactly a filled cell). Outside, and across a
 * blank cell, the answer is `offTable` with the nearest edge: a value, not an error.
 *
 * @param table a sound table (see `tableFaults`)
 * @param row one of its taps
 * @param staticInWc external static pressure, in. w.c.
 * @returns CFM, or where the table ends
 * @source linear interpolation, as the makers' instructions for their tables ask
 * @example flowAtStatic(exampleA, tap 3, 0.58).flowCfm // 940.2
 */
export function flowAtStatic(table: BlowerTable, row: TapRow, staticInWc: number): FlowReading | OffTable {
  const runs = curveRuns(table, row);
  let lastRunBelow = -1;
  for (const [index, run] of runs.entries()) {
    const flowCfm = flowOnRun(run, staticInWc);
    if (flowCfm !== undefined) return { kind: 'flow', tap: row.tap, flowCfm };
    if (run.staticsInWc[run.staticsInWc.length - 1]! < staticInWc) lastRunBelow = index;
  }
  return offTable(row.tap, runs, lastRunBelow);
}

/**
 * Where a row ends, for a static that none of its runs covers.
 *
 * @param lastRunBelow index of the last run that lies wholly below that static, −1 when there is none
 * @throws RangeError for a row without figures
 */
export function offTable(tap: string, runs: readonly CurveRun[], lastRunBelow: number): OffTable {
  const below = runs[lastRunBelow];
  const run = below ?? runs[0];
  if (!run) throw new RangeError(`Tap ${tap} has no figures.`);
  const edge = below ? run.staticsInWc.length - 1 : 0;
  const blank = below !== undefined && lastRunBelow < runs.length - 1;
  return {
    kind: 'offTable',
    tap,
    side: blank ? 'blankCell' : below ? 'aboveTable' : 'belowTable',
    edgeStaticInWc: run.staticsInWc[edge]!,
    edgeFlowCfm: run.flowsCfm[edge]!,
  };
}
