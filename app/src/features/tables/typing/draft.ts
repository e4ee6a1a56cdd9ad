import type { BlowerTableDto, TableFiguresDto } from '@huff/contract';
import { fromShown, roundRpmRows, staticText, tableFaults, toShown, type MotorKind, type TypedGrid } from '@huff/core';

/** Figures of a blower table as they are typed: text, so that nothing half typed is lost. */
export interface DraftRow {
  /** The tap's mark, a switch setting; of a table by RPM the airflow. */
  readonly name: string;
  /** Airflow; of a table by RPM the RPM. Empty: not typed yet. */
  readonly cells: readonly string[];
  /** Brake horsepower, of a table by RPM. */
  readonly bhp: readonly string[];
}

/** A cell that was read from a photo and is not sure: a person passes over it. */
export interface CellMark extends Place {
  /** Absent of a table whose cells have airflow alone. */
  readonly layer: Layer;
  /** What else may be printed there, likeliest first. */
  readonly others: readonly string[];
  /** What the rest of the table makes likely, as it is printed. */
  readonly likely?: number;
  /** Where it is in the straightened photo, px. */
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
}

export interface TableDraft {
  readonly by: 'taps' | 'rpm';
  /** in. w.c. */
  readonly staticsInWc: readonly number[];
  readonly rows: readonly DraftRow[];
  /** Cells that still have to be passed over, in reading order; absent of a table that was typed. */
  readonly marks?: readonly CellMark[];
  /** Of a table that was read: what a person compares, beside the marks. */
  readonly fromPhoto?: {
    /** As it was printed. */
    readonly flowUnit: string;
    /** Where the photo ended so close to the table that a part of it may be missing. */
    readonly cutAt: readonly ('right' | 'below')[];
  };
}

/** Which figures of the cells are worked on. */
export type Layer = 'cells' | 'bhp';

export interface Place {
  readonly row: number;
  readonly column: number;
}

/** A cell that the manufacturer leaves out: not allowed, never filled in. */
export const LEFT_OUT = '–';

const ROW_NAMES: Readonly<Record<Exclude<MotorKind, 'beltDrive'>, readonly string[]>> = {
  psc: ['low', 'medium', 'high'],
  constantTorque: ['1', '2', '3', '4', '5'],
  constantAirflow: ['A', 'B', 'C', 'D'],
};
const STATICS = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6];
const BELT_STATICS = [0.2, 0.4, 0.6, 0.8, 1];

const emptyRow = (name: string, columns: number): DraftRow => ({
  name,
  cells: Array.from({ length: columns }, () => ''),
  bhp: Array.from({ length: columns }, () => ''),
});

/** The grid one begins with, as manufacturers of that kind print it. */
export function emptyDraft(motor: MotorKind, tons?: number | null): TableDraft {
  if (motor !== 'beltDrive')
    return {
      by: 'taps',
      staticsInWc: STATICS,
      rows: ROW_NAMES[motor].map((name) => emptyRow(name, STATICS.length)),
    };
  const about = Math.round((tons ?? 5) * 4) * 100;
  const flows = [0.8, 0.9, 1, 1.1, 1.2].map((share) => String(Math.round(toShown(about * share, 'cfm') / 10) * 10));
  return {
    by: 'rpm',
    staticsInWc: BELT_STATICS,
    rows: flows.map((name) => emptyRow(name, BELT_STATICS.length)),
  };
}

const cellText = (value: number | null | undefined, unit: 'cfm' | 'plain') =>
  value === null || value === undefined
    ? LEFT_OUT
    : String(Number((unit === 'cfm' ? toShown(value, 'cfm') : value).toPrecision(6)));

/** A table that is there as a draft: to correct it, or as a start for another size. */
export function draftOf(table: Pick<BlowerTableDto, 'staticsInWc' | 'taps' | 'byRpm'>): TableDraft {
  const { staticsInWc, taps, byRpm } = table;
  if (!byRpm)
    return {
      by: 'taps',
      staticsInWc,
      rows: taps.map(({ tap, flowsCfm }) => ({
        name: tap,
        cells: flowsCfm.map((flow) => cellText(flow, 'cfm')),
        bhp: flowsCfm.map(() => ''),
      })),
    };
  return {
    by: 'rpm',
    staticsInWc,
    rows: byRpm.flowsCfm.map((flow, i) => ({
      name: cellText(flow, 'cfm'),
      cells: byRpm.rpm[i]!.map((cell) => cellText(cell, 'plain')),
      bhp: byRpm.bhp[i]!.map((cell) => cellText(cell, 'plain')),
    })),
  };
}

/** What was typed in a cell as a number; null when it is blank, left out or no number. */
export function cellNumber(text: string): number | null {
  const value = Number(text);
  return text === '' || text === LEFT_OUT || !(value > 0) ? null : value;
}

const rowsWith = (draft: TableDraft, at: Place, change: (row: DraftRow) => DraftRow): TableDraft => ({
  ...draft,
  rows: draft.rows.map((row, i) => (i === at.row ? change(row) : row)),
});

/** The draft with a cell changed. */
export const withCell = (draft: TableDraft, layer: Layer, at: Place, change: (text: string) => string): TableDraft =>
  rowsWith(draft, at, (row) => ({
    ...row,
    [layer]: row[layer].map((text, j) => (j === at.column ? change(text) : text)),
  }));

/** One more static, as far on as the last two are apart. */
export function withStatic(draft: TableDraft): TableDraft {
  const [before = 0, last = 0.1] = draft.staticsInWc.slice(-2);
  const next = Number((last + (draft.staticsInWc.length > 1 ? last - before : 0.1)).toFixed(3));
  return {
    ...draft,
    staticsInWc: [...draft.staticsInWc, next],
    rows: draft.rows.map((row) => ({ ...row, cells: [...row.cells, ''], bhp: [...row.bhp, ''] })),
  };
}

/** One more tap (or airflow), named on from the last. */
export function withRow(draft: TableDraft): TableDraft {
  const names = draft.rows.map((row) => row.name);
  const last = names.at(-1) ?? '0';
  const [a, b] = names.slice(-2).map(Number);
  const number = Number(last);
  const next =
    draft.by === 'rpm' && a !== undefined && b !== undefined
      ? String(2 * b - a)
      : Number.isInteger(number)
        ? String(number + 1)
        : /^[A-Y]$/.test(last)
          ? String.fromCharCode(last.charCodeAt(0) + 1)
          : `${names.length + 1}`;
  return { ...draft, rows: [...draft.rows, emptyRow(next, draft.staticsInWc.length)] };
}

/** The marks that are left when a row or a column is taken out; those behind it move up. */
const marksWithout = (draft: TableDraft, along: 'row' | 'column', gone: number): Pick<TableDraft, 'marks'> =>
  draft.marks
    ? {
        marks: draft.marks
          .filter((mark) => mark[along] !== gone)
          .map((mark) => (mark[along] > gone ? { ...mark, [along]: mark[along] - 1 } : mark)),
      }
    : {};

export const withoutRow = (draft: TableDraft, row: number): TableDraft => ({
  ...draft,
  ...marksWithout(draft, 'row', row),
  rows: draft.rows.filter((_, i) => i !== row),
});

export function withoutStatic(draft: TableDraft, column: number): TableDraft {
  const rest = <T>(list: readonly T[]) => list.filter((_, i) => i !== column);
  return {
    ...draft,
    ...marksWithout(draft, 'column', column),
    staticsInWc: rest(draft.staticsInWc),
    rows: draft.rows.map((row) => ({ ...row, cells: rest(row.cells), bhp: rest(row.bhp) })),
  };
}

/** Why a static cannot stand in a column, in a sentence: statics rise from left to right. */
export function staticFault(draft: TableDraft, column: number, staticInWc: number): string | undefined {
  const [before, after] = [draft.staticsInWc[column - 1], draft.staticsInWc[column + 1]];
  if (before !== undefined && staticInWc <= before)
    return `Statics rise from left to right: it must be above ${staticText(before)}.`;
  if (after !== undefined && staticInWc >= after)
    return `Statics rise from left to right: it must be under ${staticText(after)}.`;
  return undefined;
}

/** The figures as far as they are numbers, for what asks about their pattern and draws them. */
export const gridOf = (draft: TableDraft, layer: Layer): TypedGrid => ({
  staticsInWc: draft.staticsInWc,
  along: draft.by === 'rpm' ? 'rising' : 'falling',
  rows: draft.rows.map((row) => ({ name: row.name, cells: row[layer].map(cellNumber) })),
});

export type Figures = Pick<TableFiguresDto, 'staticsInWc' | 'taps' | 'byRpm' | 'part'>;

const asFlow = (text: string) => {
  const value = cellNumber(text);
  return value === null ? null : fromShown(value, 'cfm');
};

/** RPM from row to row of what is drawn of a table by RPM. */
const RPM_STEP = 50;

/**
 * The manufacturer's figures behind a draft: rows and columns in which nothing was typed are left away, so that two cells are enough.
 *
 * @returns what is missing, in a sentence
 */
export function figuresOf(draft: TableDraft): { ok: true; figures: Figures } | { ok: false; why: string } {
  const typedRows = draft.rows.filter((row) => row.cells.some((text) => cellNumber(text) !== null));
  const columns = draft.staticsInWc.flatMap((_, j) =>
    typedRows.some((row) => cellNumber(row.cells[j]!) !== null) ? [j] : [],
  );
  const staticsInWc = columns.map((j) => draft.staticsInWc[j]!);
  // A dash is the manufacturer's; a cell that was passed over only says that nobody typed it.
  const part = typedRows.some((row) => row.cells.includes('')) ? { part: true } : {};
  if (typedRows.length === 0) return { ok: false, why: 'Enter airflow at two statics of one tap.' };
  if (columns.length < 2)
    return { ok: false, why: 'One static is only a point. Enter the same tap at one more static.' };
  if (draft.by === 'taps') {
    const taps = typedRows.map((row) => ({ tap: row.name, flowsCfm: columns.map((j) => asFlow(row.cells[j]!)) }));
    const fault = tableFaults({ staticsInWc, taps })[0];
    return fault ? { ok: false, why: fault.message } : { ok: true, figures: { staticsInWc, taps, ...part } };
  }
  const byRpm = {
    flowsCfm: typedRows.map((row) => asFlow(row.name) ?? 0),
    rpm: typedRows.map((row) => columns.map((j) => cellNumber(row.cells[j]!))),
    bhp: typedRows.map((row) => columns.map((j) => cellNumber(row.bhp[j]!))),
  };
  if (byRpm.flowsCfm.length < 2)
    return { ok: false, why: 'A table by RPM needs at least two airflows to read between.' };
  const fault = tableFaults({ staticsInWc, taps: [{ tap: '0', flowsCfm: columns.map(() => 1) }], byRpm })[0];
  if (fault) return { ok: false, why: fault.message };
  const taps = roundRpmRows({ staticsInWc }, byRpm, RPM_STEP).map(({ tap, flowsCfm }) => ({
    tap,
    flowsCfm: [...flowsCfm],
  }));
  if (taps.length === 0) return { ok: false, why: 'No RPM has two statics yet. Enter the cells next to it too.' };
  return { ok: true, figures: { staticsInWc, taps, byRpm, ...part } };
}

/** The cell after one: along the row, then the next row; undefined at the end. */
export function nextPlace({ rows, staticsInWc }: TableDraft, { row, column }: Place): Place | undefined {
  if (column + 1 < staticsInWc.length) return { row, column: column + 1 };
  return row + 1 < rows.length ? { row: row + 1, column: 0 } : undefined;
}

/** How many cells hold a figure. */
export const typedCount = ({ rows }: TableDraft): number =>
  rows.reduce((sum, row) => sum + row.cells.filter((text) => cellNumber(text) !== null).length, 0);
