import {
  cutText,
  ended,
  flowText,
  flowWords,
  MOTOR_KINDS,
  roundRpmRows,
  rpmFaults,
  staticText,
  toShown,
  unitText,
  tableFaults,
  type MotorKind,
  type TableFault,
} from '@huff/core';
import Papa from 'papaparse';
import type { TableFiguresDto } from '../blowerTable';
import { between, LIMITS } from '../limits';
import { flowCell, staticCell } from './cells';
import { tableUnitsOf, type TableUnits, US_TABLE_UNITS } from './unitHeads';

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
const FLOW_HEAD = /^(cfm|airflow|flow)s?$/i;
const WATTS_ROW = /^(.+?)\s+(?:w|watts?)$/i;
const STATIC_HEAD = /^(static|external static|esp|tesp)\b/i;
const whole = (message: string): CsvReading => ({ ok: false, faults: [{ message }] });

/** The inside of a spreadsheet cell that was guarded against being run as a formula. */
const unguarded = (text: string) => text.trim().replace(/^'(?=[=+\-@])/, '');

/** A line of cells with the line it stands on. */
interface Line {
  readonly line: number;
  readonly cells: readonly string[];
}

interface Header {
  readonly at: number;
  readonly across: 'statics' | 'taps';
  /** The rows are airflows with an RPM and a brake horsepower in each cell: a belt-driven unit. */
  readonly byRpm?: true;
}

function headerOf(lines: readonly Line[]): Header | undefined {
  for (const [at, { cells }] of lines.entries()) {
    const head = cells[0]!.trim();
    if (TAP_HEAD.test(head)) return { at, across: 'statics' };
    if (FLOW_HEAD.test(head)) return { at, across: 'statics', byRpm: true };
    if (STATIC_HEAD.test(head)) return { at, across: 'taps' };
  }
  return undefined;
}

/** Lines that are looked at: a table and whatever stands around it in a spreadsheet. What comes after is no part of a table. */
const MOST_LINES = 600;
/** Rows and columns that no table has, whichever way it lies, with its watts and its heads. */
const MOST_ROWS = 2 * Math.max(LIMITS.tableTaps.max, LIMITS.tableStatics.max) + 20;
/** Empty cells at the ends of a spreadsheet's rows do not count here. */
const MOST_COLUMNS = 1000;

/** Without the rows of nothing that spreadsheets leave at the end. */
function withoutEnd(text: string): string {
  let end = text.length;
  while (end > 0 && ' ,;|\t\r\n"'.includes(text[end - 1]!)) end -= 1;
  // The last cell of the last row may be meant to be blank.
  const line = text.indexOf('\n', end);
  return line < 0 ? text : text.slice(0, line + 1);
}

/**
 * The text parted by the mark that gives the longest header row. A name may hold any of the marks, so the header decides,
 * not the first lines.
 */
function bestParse(text: string) {
  const tries = [',', ';', '\t', '|'].map((delimiter) => {
    const parsed = Papa.parse<string[]>(text, { delimiter, preview: MOST_LINES });
    const lines = parsed.data
      .map((cells, i): Line => ({ line: i + 1, cells }))
      .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
    const header = headerOf(lines);
    return { lines, header, isCut: parsed.meta.truncated, width: header ? lines[header.at]!.cells.length : 0 };
  });
  return tries.reduce((best, one) => (one.width > best.width ? one : best));
}

function aboutTable(lines: readonly Line[], faults: CsvFault[]) {
  const about: { name?: string; motor?: MotorKind; tons?: number } = {};
  let units: TableUnits = US_TABLE_UNITS;
  for (const { line, cells } of lines) {
    const key = cells[0]!.trim().toLowerCase();
    const text = unguarded(cells[1] ?? '');
    if (text === '') continue;
    if (key === 'table' || key === 'name') about.name = cutText(text, LIMITS.nameLength.max);
    if (key === 'units') {
      const named = tableUnitsOf(text, unguarded(cells[2] ?? ''));
      if (named) units = named;
      else
        faults.push({
          line,
          column: 'B',
          found: text,
          message: 'Units must name the static and the airflow, such as Pa and L/s.',
        });
    }
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
  return { about, units };
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

const staticLimit = (staticInWc: number) => String(Math.round(100 * toShown(staticInWc, 'inWc')) / 100);

function readStatics(head: readonly Placed[], faults: CsvFault[], { staticInWc }: TableUnits): number[] {
  return head.slice(1).map((cell) => {
    const typed = staticCell(cell.text);
    const read = typed.kind === 'number' ? { ...typed, value: staticInWc(typed.value) } : typed;
    const { min, max } = LIMITS.tableStaticInWc;
    if (read.kind === 'number' && read.value >= min && read.value <= max) return read.value;
    const message =
      read.kind === 'blank'
        ? 'A static is missing here: give this column or row its static, or empty it.'
        : `A static must be a number between ${staticLimit(min)} and ${staticLimit(max)} ${ended(unitText('inWc'))}`;
    faults.push({ ...at(cell), message });
    return Number.NaN;
  });
}

function readFlows(
  row: readonly Placed[],
  faults: CsvFault[],
  { flowCfm }: TableUnits = US_TABLE_UNITS,
): (number | null)[] {
  return row.slice(1).map((cell) => {
    const typed = flowCell(cell.text);
    const read = typed.kind === 'number' ? { ...typed, value: flowCfm(typed.value) } : typed;
    if (read.kind === 'blank') return null;
    if (read.kind === 'number' && read.value >= LIMITS.flowCfm.min && read.value <= LIMITS.flowCfm.max)
      return read.value;
    const message =
      read.kind === 'unreadable'
        ? 'Not a number. Enter the airflow here, or leave it blank where the manufacturer gives none.'
        : `Airflow must be between ${flowText(LIMITS.flowCfm.min)} and ${flowWords(LIMITS.flowCfm.max)}.`;
    faults.push({ ...at(cell), message });
    return null;
  });
}

/** Cells such as "823/1.21": RPM and brake horsepower, or blank. */
function readRpmRow(row: readonly Placed[], faults: CsvFault[]): { rpm: (number | null)[]; bhp: (number | null)[] } {
  const rpm: (number | null)[] = [];
  const bhp: (number | null)[] = [];
  for (const cell of row.slice(1)) {
    const [first = '', second = '', ...more] = cell.text.trim().split(/\s*[/@]\s*|\s+/);
    const [turns, power] = [flowCell(first), staticCell(second)];
    const inRange = (value: number, { min, max }: { min: number; max: number }) => value >= min && value <= max;
    if (turns.kind === 'blank' && second === '') {
      rpm.push(null);
      bhp.push(null);
    } else if (
      more.length === 0 &&
      turns.kind === 'number' &&
      inRange(turns.value, LIMITS.rpm) &&
      (power.kind === 'blank' || (power.kind === 'number' && inRange(power.value, LIMITS.bhp)))
    ) {
      rpm.push(turns.value);
      bhp.push(power.kind === 'number' ? power.value : null);
    } else {
      const message = `Put RPM and brake horsepower here, as 823/1.21, or leave it blank. RPM is ${between(LIMITS.rpm)}.`;
      faults.push({ ...at(cell), message });
      rpm.push(null);
      bhp.push(null);
    }
  }
  return { rpm, bhp };
}

/** Rows at round RPMs are drawn and chosen from; about this many of them. */
const ROUND_ROWS = 6;

/** A belt-driven unit's figures: airflows down, statics across, RPM and brake horsepower in the cells. */
function readRpmFigures(
  rows: readonly (readonly Placed[])[],
  staticsInWc: number[],
  faults: CsvFault[],
  { flowCfm }: TableUnits,
): TableFiguresDto | undefined {
  const byFlow = rows
    .slice(1)
    .map((row) => {
      const flow = flowCell(row[0]!.text);
      if (flow.kind !== 'number') faults.push({ ...at(row[0]!), message: 'Begin each row with its airflow.' });
      return { flowCfm: flow.kind === 'number' ? flowCfm(flow.value) : 0, ...readRpmRow(row, faults) };
    })
    .sort((a, b) => a.flowCfm - b.flowCfm);
  if (faults.length > 0) return undefined;
  const byRpm = {
    flowsCfm: byFlow.map((row) => row.flowCfm),
    rpm: byFlow.map((row) => row.rpm),
    bhp: byFlow.map((row) => row.bhp),
  };
  faults.push(...rpmFaults(byRpm, staticsInWc).map(({ message }) => ({ message })));
  if (faults.length > 0) return undefined;
  const known = byRpm.rpm.flat().filter((cell) => cell !== null);
  const step = Math.max(25, Math.ceil((Math.max(...known) - Math.min(...known)) / ROUND_ROWS / 25) * 25);
  const taps = roundRpmRows({ staticsInWc }, byRpm, step).map(({ tap, flowsCfm }) => ({
    tap,
    flowsCfm: [...flowsCfm],
  }));
  if (taps.length === 0) {
    faults.push({ message: 'These figures give no curve. Each RPM needs airflows at two or more statics.' });
    return undefined;
  }
  return { staticsInWc, taps, byRpm };
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
      ? `Static ${staticText(twiceAt.value)} is there twice. Enter each static once.`
      : fault.message;
  return cell ? { ...at(cell), message } : { message };
}

/**
 * Reads a blower table from CSV text.
 *
 * One row begins with "tap" and has statics to its right (or "static" with taps to its right); rows above it may say
 * `table`, `motor`, `tons` and the `units` of statics and airflows, "units,Pa,L/s"; without them in. w.c. and CFM. A row "3 watts" holds what the motor draws on tap 3. A header "CFM" has airflows down and cells such
 * as "823/1.21" with the RPM and brake horsepower of a belt-driven unit. Commas, semicolons or tabs; decimal points or commas; a byte-order mark; blank, "-" or
 * "n/a" cells for what the manufacturer does not allow. Nothing is guessed: a cell that cannot be read is a fault.
 *
 * @returns the table, or every fault with its line and column
 */
export function readBlowerTableCsv(text: string): CsvReading {
  if (text.length > LIMITS.csvBytes.max)
    return whole('The file is over 1 MB. A blower table is only a few lines. Choose the right file.');
  if (text.includes('\u0000')) return whole('This is not a text file. Save the table as CSV and choose that file.');
  const clean = text.replace(/^\ufeff/, '');
  if (clean.trim() === '') return whole('The file is empty. Choose a CSV file with one row for each tap.');
  const { lines, header, isCut } = bestParse(withoutEnd(clean));
  if (!header) {
    return whole('No header row. Start one row with "tap" and put the statics to its right. Then add one row per tap.');
  }
  const below = lines.slice(header.at);
  if (isCut || below.length > MOST_ROWS || below.some(({ cells }) => cells.length > MOST_COLUMNS))
    return whole(
      `This is far larger than a blower table, which has at most ${LIMITS.tableTaps.max} taps and ${LIMITS.tableStatics.max} statics. Keep only the table.`,
    );
  const faults: CsvFault[] = [];
  const { about, units } = aboutTable(lines.slice(0, header.at), faults);
  const all = trimmed(grid(below, header.across));
  const read = readStatics(all[0]!, faults, units);
  const { rows, statics } = faults.length === 0 ? rising(all, read) : { rows: all, statics: read };
  if (header.byRpm) {
    const figures = faults.length === 0 ? readRpmFigures(rows, statics, faults, units) : undefined;
    if (faults.length === 0) faults.push(...tableFaults(figures!).map(({ message }) => ({ message })));
    if (faults.length > 0) return { ok: false, faults };
    return { ok: true, table: { motor: 'beltDrive', ...about, figures: figures! } };
  }
  const nameOf = (row: readonly Placed[]) => unguarded(row[0]!.text).replace(/^tap\s+/i, '');
  const isTapWithFlow = (name: string) => rows.slice(1).some((row) => nameOf(row) === name);
  /** A row "3 watts" beside a row "3" holds what the motor draws on it. */
  const wattsOf = (row: readonly Placed[]) => {
    const tap = WATTS_ROW.exec(nameOf(row))?.[1];
    return tap !== undefined && isTapWithFlow(tap) ? tap : undefined;
  };
  const watts = new Map(
    rows.slice(1).flatMap((row) => {
      const tap = wattsOf(row);
      return tap === undefined ? [] : [[tap, readFlows(row, faults)] as const];
    }),
  );
  const tapRows = rows.slice(1).filter((row) => wattsOf(row) === undefined);
  const taps = tapRows.map((row) => {
    const tap = nameOf(row);
    if (tap === '' || tap.length > LIMITS.tapLength.max) {
      faults.push({ ...at(row[0]!), message: `A tap needs a name of 1 to ${LIMITS.tapLength.max} characters.` });
    }
    const drawn = watts.get(tap);
    return { tap, flowsCfm: readFlows(row, faults, units), ...(drawn ? { watts: drawn } : {}) };
  });
  if (taps.length > LIMITS.tableTaps.max || statics.length > LIMITS.tableStatics.max) {
    return whole(
      `A table takes at most ${LIMITS.tableTaps.max} taps and ${LIMITS.tableStatics.max} statics; this one has ${taps.length} and ${statics.length}.`,
    );
  }
  if (faults.length === 0)
    faults.push(...tableFaults({ staticsInWc: statics, taps }).map((f) => placed(f, [rows[0]!, ...tapRows])));
  if (faults.length > 0) return { ok: false, faults };
  return { ok: true, table: { ...about, figures: { staticsInWc: statics, taps } } };
}
