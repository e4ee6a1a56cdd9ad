import type { BlowerTable, TapRow } from './tableShape';

/** A run of neighbouring filled cells of one tap: the fan's curve exists on it and nowhere else. */
export interface CurveRun {
  readonly staticsInWc: readonly number[];
  readonly flowsCfm: readonly number[];
}

/** Why a static cannot be read from a tap's row. Neither side is ever extrapolated. */
type OffTableSide = 'aboveTable' | 'belowTable' | 'blankCell';

/** A place where the blower table says nothing, with the nearest figure it does give. */
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

/** A static this little past the end of a curve is still read at its end, in. w.c.: −0.34 and 0.26 is 0.60. */
export const END_TOLERANCE_IN_WC = 0.005 + 1e-9;

function flowOnRun(run: CurveRun, staticInWc: number): number | undefined {
  const last = run.staticsInWc.length - 1;
  const [least, most] = [run.staticsInWc[0]!, run.staticsInWc[last]!];
  if (staticInWc < least - END_TOLERANCE_IN_WC || staticInWc > most + END_TOLERANCE_IN_WC) return undefined;
  if (last === 0 || staticInWc <= least) return run.flowsCfm[0];
  if (staticInWc >= most) return run.flowsCfm[last];
  let i = 0;
  while (i < last - 1 && staticInWc > run.staticsInWc[i + 1]!) i += 1;
  return flowBetween(run, i, staticInWc);
}

/** Airflow of runs at a static, or the last run that lies wholly below it (−1 for none). */
export function flowOnRuns(
  runs: readonly CurveRun[],
  staticInWc: number,
): { readonly flowCfm?: number; readonly lastRunBelow: number } {
  let lastRunBelow = -1;
  for (const [index, run] of runs.entries()) {
    const flowCfm = flowOnRun(run, staticInWc);
    if (flowCfm !== undefined) return { flowCfm, lastRunBelow };
    if (run.staticsInWc[run.staticsInWc.length - 1]! < staticInWc) lastRunBelow = index;
  }
  return { lastRunBelow };
}

/** The static at which runs move an airflow, in. w.c.; of a level piece its high end; undefined off them. */
export function staticOnRuns(runs: readonly CurveRun[], flowCfm: number): number | undefined {
  for (let r = runs.length - 1; r >= 0; r -= 1) {
    const { flowsCfm, staticsInWc } = runs[r]!;
    for (let i = flowsCfm.length - 2; i >= 0; i -= 1) {
      const [high, low] = [flowsCfm[i]!, flowsCfm[i + 1]!];
      if (flowCfm > high || flowCfm < low) continue;
      const [p0, p1] = [staticsInWc[i]!, staticsInWc[i + 1]!];
      return high === low ? p1 : p0 + ((high - flowCfm) / (high - low)) * (p1 - p0);
    }
  }
  return undefined;
}

/**
 * Airflow of a tap at a static, by linear interpolation between the manufacturer's figures, as they are printed.
 *
 * Valid only where the row has figures on both sides, or within `END_TOLERANCE_IN_WC` of its end. Outside, and across a blank cell, the
 * answer is `offTable` with the nearest edge: a value, not an error.
 *
 * @param table a sound table (see `tableFaults`)
 * @param row one of its taps
 * @param staticInWc external static pressure, in. w.c.
 * @returns CFM, or where the table ends
 * @source linear interpolation, as the manufacturers' instructions for their tables ask
 * @example flowAtStatic(exampleA, tap 3, 0.58).flowCfm // 940.2
 */
export function flowAtStatic(table: BlowerTable, row: TapRow, staticInWc: number): FlowReading | OffTable {
  const runs = curveRuns(table, row);
  const { flowCfm, lastRunBelow } = flowOnRuns(runs, staticInWc);
  return flowCfm === undefined ? offTable(row.tap, runs, lastRunBelow) : { kind: 'flow', tap: row.tap, flowCfm };
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
