import { MOTOR_KINDS, staticText, tableFaults, type MotorKind, type TableFault } from '@huff/core';
import Papa from 'papaparse';
import type { TableFiguresDto } from '../blowerTable';
import { between, LIMITS } from '../limits';
import { flowCell, staticCell } from './cells';

/** What is wrong in a file, and where a person finds it in a spreadsheet. */
export interface CsvFault {
  /** 1 is the first line of the file; absent when the whole file is to blame. */
  readonly line?: number;
  /** "A", "B" … as a spreadsheet names it */
  readonly column?: string;
  /** What stands there. */
  readonly found?: string;
  readonly message: string;
}

export interface CsvTable {
  readonly name?: string;
  readonly motor?: MotorKind;
  readonly tons?: number;
  readonly figures: TableFiguresDto;
}

export type CsvReading =
  { readonly ok: true; readonly table: CsvTable } | { readonly ok: false; readonly faults: readonly CsvFault[] };

const columnName = (index: number): string =>
  index < 26
    ? String.fromCharCode(65 + index)
    : columnName(Math.floor(index / 26) - 1) + String.fromCharCode(65 + (index % 26));

const TAP_HEAD = /^(tap|speed|speed tap)s?$/i;
const STATIC_HEAD = /^(static|external static|esp|tesp)\b/i;
const whole = (message: string): CsvReading => ({ ok: false, faults: [{ message }] });

/** The inside of a spreadsheet cell that was guarded against being run as a formula. */
const unguarded = (text: string) => text.trim().replace(/^'(?=[=+\-@])/, '');

/** A line of cells with the line it stands on. */
interface Line {
  readonly line: number;
  readonly cells: readonly string[];
}

function headerOf(lines: readonly Line[]): { at: number; across: 'statics' | 'taps' } | undefined {
  for (const [at, { cells }] of lines.entries()) {
    const head = cells[0]!.trim();
    if (TAP_HEAD.test(head)) return { at, across: 'statics' };
    if (STATIC_HEAD.test(head)) return { at, across: 'taps' };
  }
  return undefined;
}

/**
 * The text parted by the mark that gives the longest header row. A name may hold any of the marks, so the header decides,
 * not the first lines.
 */
function bestParse(text: string) {
  const tries = [',', ';', '\t', '|'].map((delimiter) => {
    const lines = Papa.parse<string[]>(text, { delimiter })
      .data.map((cells, i): Line => ({ line: i + 1, cells }))
      .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
    const header = headerOf(lines);
    return { lines, header, width: header ? lines[header.at]!.cells.length : 0 };
  });
  return tries.reduce((best, one) => (one.width > best.width ? one : best));
}

function aboutTable(lines: readonly Line[], faults: CsvFault[]) {
  const about: { name?: string; motor?: MotorKind; tons?: number } = {};
  for (const { line, cells } of lines) {
    const key = cells[0]!.trim().toLowerCase();
    const text = unguarded(cells[1] ?? '');
    if (text === '') continue;
    if (key === 'table' || key === 'name') about.name = text.slice(0, LIMITS.nameLength.max);
    if (key === 'motor') {
      const motor = MOTOR_KINDS.find((kind) => kind.toLowerCase() === text.toLowerCase().replace(/[\s-]/g, ''));
      if (motor) about.motor = motor;
      else faults.push({ line, column: 'B', found: text, message: `Motor must be one of ${MOTOR_KINDS.join(', ')}.` });
    }
    if (key === 'tons') {
      const cell = staticCell(text);
      if (cell.kind === 'number' && cell.value >= LIMITS.tons.min && cell.value <= LIMITS.tons.max)
        about.tons = cell.value;
      else faults.push({ line, column: 'B', found: text, message: `Tons must be ${between(LIMITS.tons)}.` });
    }
  }
  return about;
}

/** Turns a table with taps across into one with statics across; `Placed` remembers where each cell stood. */
interface Placed {
  readonly text: string;
  readonly line: number;
  readonly column: number;
}

function grid(lines: readonly Line[], across: 'statics' | 'taps'): Placed[][] {
  const width = Math.max(...lines.map((l) => l.cells.length));
  const rows = lines.map(({ line, cells }) =>
    Array.from({ length: width }, (_, column): Placed => ({ text: cells[column] ?? '', line, column })),
  );
  return across === 'statics' ? rows : rows[0]!.map((_, column) => rows.map((row) => row[column]!));
}

const isEmpty = (cells: readonly Placed[]) => cells.every((c) => c.text.trim() === '');
const at = (cell: Placed) => ({ line: cell.line, column: columnName(cell.column), found: cell.text.trim() });

/** Drops rows and columns that are wholly empty: spreadsheets leave them at the ends. */
function trimmed(rows: Placed[][]): Placed[][] {
  const full = rows.filter((row) => !isEmpty(row));
  const keep = (full[0] ?? []).map((_, c) => !isEmpty(full.map((row) => row[c]!)));
  return full.map((row) => row.filter((_, c) => keep[c]));
}

function readStatics(head: readonly Placed[], faults: CsvFault[]): number[] {
  return head.slice(1).map((cell) => {
    const read = staticCell(cell.text);
    const { min, max } = LIMITS.tableStaticInWc;
    if (read.kind === 'number' && read.value >= min && read.value <= max) return read.value;
    const message =
      read.kind === 'blank'
        ? 'A static is missing here: give this column or row its static, or empty it.'
        : `A static must be a number ${between({ min, max })} in. w.c.`;
    faults.push({ ...at(cell), message });
    return Number.NaN;
  });
}

function readFlows(row: readonly Placed[], faults: CsvFault[]): (number | null)[] {
  return row.slice(1).map((cell) => {
    const read = flowCell(cell.text);
    if (read.kind === 'blank') return null;
    if (read.kind === 'number' && read.value >= LIMITS.flowCfm.min && read.value <= LIMITS.flowCfm.max)
      return read.value;
    const message =
      read.kind === 'unreadable'
        ? 'Not a number. Put the CFM here, or leave it blank where the maker gives none.'
        : `CFM must be ${between(LIMITS.flowCfm)}.`;
    faults.push({ ...at(cell), message });
    return null;
  });
}

/** Statics may stand in any order in the file; the table wants them rising. */
function rising(rows: Placed[][], statics: readonly number[]): { rows: Placed[][]; statics: number[] } {
  const order = statics.map((_, i) => i).sort((a, b) => statics[a]! - statics[b]!);
  return {
    statics: order.map((i) => statics[i]!),
    rows: rows.map((row) => [row[0]!, ...order.map((i) => row[i + 1]!)]),
  };
}

function placed(fault: TableFault, rows: readonly (readonly Placed[])[]): CsvFault {
  const row = rows[fault.tapIndex === undefined ? 0 : fault.tapIndex + 1] ?? rows[0]!;
  const cell = row[fault.staticIndex === undefined ? 0 : fault.staticIndex + 1];
  const twiceAt = fault.code === 'staticsNotRising' && cell ? staticCell(cell.text) : undefined;
  const message =
    twiceAt?.kind === 'number'
      ? `Static ${staticText(twiceAt.value)} stands twice. Give each static one place.`
      : fault.message;
  return cell ? { ...at(cell), message } : { message };
}

/**
 * Reads a blower table from CSV text.
 *
 * One row begins with "tap" and has statics to its right (or "static" with taps to its right); rows above it may say
 * `table`, `motor` and `tons`. Commas, semicolons or tabs; decimal points or commas; a byte-order mark; blank, "-" or
 * "n/a" cells for what the maker does not allow. Nothing is guessed: a cell that cannot be read is a fault.
 *
 * @returns the table, or every fault with its line and column
 */
export function readBlowerTableCsv(text: string): CsvReading {
  if (text.length > LIMITS.csvBytes.max)
    return whole('The file is over 1 MB: a blower table is a few lines. Choose the right file.');
  if (text.includes('\u0000')) return whole('This is not a text file. Save the table as CSV and choose that file.');
  const clean = text.replace(/^\ufeff/, '');
  if (clean.trim() === '') return whole('The file is empty. Choose a CSV file with one row for each tap.');
  const { lines, header } = bestParse(clean);
  if (!header) {
    return whole(
      'No header row: begin one row with "tap" and put the statics to its right, then one row for each tap.',
    );
  }
  const faults: CsvFault[] = [];
  const about = aboutTable(lines.slice(0, header.at), faults);
  const all = trimmed(grid(lines.slice(header.at), header.across));
  const read = readStatics(all[0]!, faults);
  const { rows, statics } = faults.length === 0 ? rising(all, read) : { rows: all, statics: read };
  const taps = rows.slice(1).map((row) => {
    const tap = unguarded(row[0]!.text).replace(/^tap\s+/i, '');
    if (tap === '' || tap.length > LIMITS.tapLength.max) {
      faults.push({ ...at(row[0]!), message: `A tap needs a name of 1 to ${LIMITS.tapLength.max} characters.` });
    }
    return { tap, flowsCfm: readFlows(row, faults) };
  });
  if (taps.length > LIMITS.tableTaps.max || statics.length > LIMITS.tableStatics.max) {
    return whole(
      `A table takes at most ${LIMITS.tableTaps.max} taps and ${LIMITS.tableStatics.max} statics; this one has ${taps.length} and ${statics.length}.`,
    );
  }
  if (faults.length === 0) faults.push(...tableFaults({ staticsInWc: statics, taps }).map((f) => placed(f, rows)));
  if (faults.length > 0) return { ok: false, faults };
  return { ok: true, table: { ...about, figures: { staticsInWc: statics, taps } } };
}
