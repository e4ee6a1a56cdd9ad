import { staticText, flowWords } from '../../base/words';
import { rpmIn } from './usualCurve';
import type { BlowerTable, RpmFigures, TableFault, TapRow } from './tableShape';

type Cell = number | null | undefined;

/** What keeps RPM figures from being read: shapes that differ, flows that do not rise, RPM that falls as flow rises. */
export function rpmFaults(figures: RpmFigures, statics: readonly number[]): TableFault[] {
  const { flowsCfm, rpm, bhp } = figures;
  const fault = (message: string): TableFault[] => [{ code: 'badRpm', message }];
  if (flowsCfm.length < 2) return fault('A table by RPM needs at least two airflows to read between.');
  if (flowsCfm.some((flow, i) => !(flow > (flowsCfm[i - 1] ?? 0)))) return fault('Airflows must rise from row to row.');
  for (const rows of [rpm, bhp]) {
    if (rows.length !== flowsCfm.length || rows.some((row) => row.length !== statics.length))
      return fault('Each airflow needs an RPM and a BHP, or a blank, for each static.');
    if (rows.some((row) => row.some((cell) => cell !== null && !(Number.isFinite(cell) && cell > 0))))
      return fault('RPM and BHP must be numbers above 0, or blank.');
  }
  for (const [i, row] of rpm.entries()) {
    const at = row.findIndex((cell, j) =>
      isBelow(
        cell,
        row.slice(0, j).findLast((c) => c !== null),
      ),
    );
    if (at >= 0)
      return fault(
        `At ${flowWords(flowsCfm[i]!)} the RPM falls as the static rises to ${staticText(statics[at]!)}. Check this cell.`,
      );
  }
  return [];
}

const isBelow = (cell: Cell, before: Cell) => typeof cell === 'number' && typeof before === 'number' && cell < before;

/** A value between the grid's figures, linear both ways; undefined outside and beside a blank cell. */
function between(
  grid: readonly (readonly (number | null)[])[],
  flows: readonly number[],
  statics: readonly number[],
  flowCfm: number,
  staticInWc: number,
): number | undefined {
  const i = interval(flows, flowCfm);
  const j = interval(statics, staticInWc);
  if (i < 0 || j < 0) return undefined;
  const u = (flowCfm - flows[i]!) / (flows[i + 1]! - flows[i]!);
  const v = (staticInWc - statics[j]!) / (statics[j + 1]! - statics[j]!);
  let sum = 0;
  for (const [row, column, weight] of [
    [i, j, (1 - u) * (1 - v)],
    [i + 1, j, u * (1 - v)],
    [i, j + 1, (1 - u) * v],
    [i + 1, j + 1, u * v],
  ] as const) {
    if (weight === 0) continue;
    const cell = grid[row]![column];
    if (typeof cell !== 'number') return undefined;
    sum += weight * cell;
  }
  return sum;
}

function interval(rising: readonly number[], value: number): number {
  if (value < rising[0]! || value > rising[rising.length - 1]!) return -1;
  let i = 0;
  while (i < rising.length - 2 && value > rising[i + 1]!) i += 1;
  return i;
}

/**
 * Blower RPM for an airflow at a static, linear between the manufacturer's figures.
 * @returns undefined where the table says nothing
 */
export const rpmAt = (table: BlowerTable, flowCfm: number, staticInWc: number): number | undefined =>
  table.byRpm ? between(table.byRpm.rpm, table.byRpm.flowsCfm, table.staticsInWc, flowCfm, staticInWc) : undefined;

/**
 * Brake horsepower for an airflow at a static, linear between the manufacturer's figures.
 * @returns undefined where the table says nothing
 */
export const bhpAt = (table: BlowerTable, flowCfm: number, staticInWc: number): number | undefined =>
  table.byRpm ? between(table.byRpm.bhp, table.byRpm.flowsCfm, table.staticsInWc, flowCfm, staticInWc) : undefined;

/** The airflow at which one static's column asks for an RPM; null where the column does not reach it. */
function flowInColumn({ flowsCfm, rpm }: RpmFigures, column: number, wanted: number): number | null {
  // The last interval that rises through the RPM: left of it a forward-curved wheel is near its stall, where manufacturers give none.
  for (let i = flowsCfm.length - 2; i >= 0; i -= 1) {
    const low = rpm[i]![column];
    const high = rpm[i + 1]![column];
    if (typeof low !== 'number' || typeof high !== 'number' || !(low <= wanted && wanted <= high)) continue;
    const share = high === low ? 1 : (wanted - low) / (high - low);
    return flowsCfm[i]! + share * (flowsCfm[i + 1]! - flowsCfm[i]!);
  }
  return null;
}

function rowFromRpm(table: BlowerTable, figures: RpmFigures, rpm: number, tap: string): TapRow | undefined {
  const flowsCfm = table.staticsInWc.map((_, column) => flowInColumn(figures, column, rpm));
  return flowsCfm.some((flow) => flow !== null) ? { tap, flowsCfm } : undefined;
}

function rowBetween(table: BlowerTable, rpm: number, tap: string): TapRow | undefined {
  const rows = table.taps.map((row) => ({ row, rpm: rpmIn(row.tap) }));
  if (rows.length < 2 || rows.some((r) => r.rpm === undefined)) return undefined;
  const sorted = rows.sort((a, b) => a.rpm! - b.rpm!);
  const above = sorted.findIndex((r) => r.rpm! > rpm);
  if (above < 1) return undefined;
  const low = sorted[above - 1]!;
  const high = sorted[above]!;
  const share = (rpm - low.rpm!) / (high.rpm! - low.rpm!);
  const flowsCfm = low.row.flowsCfm.map((flow, i) => {
    const next = high.row.flowsCfm[i];
    return flow === null || typeof next !== 'number' ? null : flow + share * (next - flow);
  });
  return flowsCfm.some((flow) => flow !== null) ? { tap, flowsCfm } : undefined;
}

/**
 * The row of a tap. In a table by RPM any RPM between its figures has a row: read from the manufacturer's RPM by airflow and static,
 * or between its two neighbouring rows.
 *
 * @param tap the tap's mark, or an RPM as a number in text
 * @returns undefined when the table does not know it
 * @example tapRow(exampleA, '3')?.flowsCfm[4] // 973
 */
export function tapRow(table: BlowerTable, tap: string): TapRow | undefined {
  const own = table.taps.find((row) => row.tap === tap);
  if (own) return own;
  const rpm = rpmIn(tap);
  if (rpm === undefined) return undefined;
  return table.byRpm ? rowFromRpm(table, table.byRpm, rpm, tap) : rowBetween(table, rpm, tap);
}

/** Rows at round RPMs, for drawing and choosing. @param step RPM from row to row */
export function roundRpmRows(table: Pick<BlowerTable, 'staticsInWc'>, figures: RpmFigures, step: number): TapRow[] {
  const cells = figures.rpm.flat().filter((cell) => cell !== null);
  const low = Math.ceil(Math.min(...cells) / step) * step;
  const high = Math.max(...cells);
  const whole: BlowerTable = { staticsInWc: table.staticsInWc, taps: [], byRpm: figures };
  const rows: TapRow[] = [];
  for (let rpm = low; rpm <= high; rpm += step) {
    const row = rowFromRpm(whole, figures, rpm, String(rpm));
    // A row of a single figure is no curve.
    if (row && row.flowsCfm.filter((flow) => flow !== null).length > 1) rows.push(row);
  }
  return rows;
}

/** The RPM at which a table by RPM runs on a tap; undefined for a table by taps. */
export const tapRpm = (table: BlowerTable, tap: string): number | undefined =>
  table.byRpm || table.taps.every((row) => rpmIn(row.tap) !== undefined) ? rpmIn(tap) : undefined;
