import { logFigureFault, logUnit, type ChannelId, type Sample } from '@huff/core/instruments';
import Papa from 'papaparse';
import type { CsvFault } from './readBlowerTableCsv';

/** What the columns of a log hold. */
export const LOG_PARTS = ['time', 'channel', 'value', 'unit'] as const;
export type LogPart = (typeof LOG_PARTS)[number];

/** Which column holds what, by its head. */
export type LogColumns = Readonly<Record<LogPart, string>>;

/** The head of a log and its first rows, to say which column is which. */
export interface LogHead {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What the heads themselves say. */
  readonly guess: Partial<LogColumns>;
}

/** One channel of a log. */
export interface LogSeries {
  readonly name: string;
  /** What its unit may mean; the place that is chosen decides. */
  readonly channels: readonly ChannelId[];
  readonly samples: readonly Sample[];
}

export interface LogReading {
  readonly series: readonly LogSeries[];
  /** Times are those of a clock; else seconds since the log began. */
  readonly isClock: boolean;
  readonly faults: readonly CsvFault[];
  /** Rows that were left out, all of them. */
  readonly leftOut: number;
}

const SHOWN_ROWS = 4;
const SHOWN_FAULTS = 5;
/** A log with more channels is no log of a unit. */
const MOST_SERIES = 40;
const GUESSES: Readonly<Record<LogPart, RegExp>> = {
  time: /time|date|seconds|elapsed|stamp/i,
  channel: /channel|probe|sensor|place|port|name|tag/i,
  value: /value|reading|measure|result/i,
  unit: /unit|uom/i,
};

const rowsOf = (text: string, preview = 0) =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', preview }).data.map((cells) =>
    cells.map((cell) => cell.trim()),
  );

/** The head of a log and its first rows; undefined where the text has no rows of at least four columns. */
export function logHead(text: string): LogHead | undefined {
  const [heads, ...rows] = rowsOf(text, SHOWN_ROWS + 1);
  if (!heads || heads.length < LOG_PARTS.length || rows.length === 0) return undefined;
  const guess: Partial<Record<LogPart, string>> = {};
  for (const part of LOG_PARTS) {
    const head = heads.find((one) => GUESSES[part].test(one) && !Object.values(guess).includes(one));
    if (head !== undefined) guess[part] = head;
  }
  return { heads, rows, guess };
}

/** Counted from the begin of the log, a count of a day is no time since 1970. */
const SINCE_1970_S = 1e9;
const SINCE_1970_MS = 1e11;
const DAY_MS = 86_400_000;

/** A time as logs write it: of a clock, or since the log began. */
function timeOf(text: string): { readonly ms: number; readonly isClock: boolean } | undefined {
  if (/^-?\d+([.,]\d+)?$/.test(text)) {
    const figure = Number(text.replace(',', '.'));
    if (figure >= SINCE_1970_MS) return { ms: figure, isClock: true };
    return figure >= SINCE_1970_S ? { ms: 1000 * figure, isClock: true } : { ms: 1000 * figure, isClock: false };
  }
  const ofDay = /^(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?$/.exec(text);
  if (ofDay) {
    const [, hours, minutes, seconds = '0'] = ofDay;
    const s = 3600 * Number(hours) + 60 * Number(minutes) + Number(seconds.replace(',', '.'));
    return { ms: 1000 * s, isClock: false };
  }
  const ms = Date.parse(text);
  return Number.isNaN(ms) ? undefined : { ms, isClock: true };
}

const figureOf = (text: string) =>
  /^[+\-−]?(\d+([.,]\d*)?|[.,]\d+)(e[+-]?\d+)?$/i.test(text)
    ? Number(text.replace('−', '-').replace(',', '.'))
    : undefined;

/** A row as a value of a channel, or what is wrong with it. */
function rowOf(cells: readonly string[], at: Readonly<Record<LogPart, number>>, nowMs: number) {
  const [time, name, value, unit] = LOG_PARTS.map((part) => cells[at[part]] ?? '') as [string, string, string, string];
  const when = timeOf(time);
  if (!when) return `“${time}” is not a time.`;
  if (when.isClock && when.ms > nowMs) return `${time} is in the future.`;
  if (name === '') return 'The channel is blank.';
  const means = logUnit(unit);
  if (!means) return `“${unit}” is not a unit Huff knows.`;
  const figure = figureOf(value);
  if (figure === undefined || !Number.isFinite(figure)) return `“${value}” is not a number.`;
  const stored = means.stored(figure);
  const fault = logFigureFault(means.channels, stored);
  return fault ?? { name, when, channels: means.channels, value: stored };
}

/**
 * A log that an instrument wrote elsewhere: one value a row. Rows that say nothing are left out, with the reason.
 *
 * @param text comma, semicolon or tab between columns; comma or point as the decimal mark
 * @param columns which column holds what
 * @param nowMs later values are refused
 */
export function readLogCsv(text: string, columns: LogColumns, nowMs: number): LogReading {
  const [heads = [], ...rows] = rowsOf(text);
  const at = Object.fromEntries(LOG_PARTS.map((part) => [part, heads.indexOf(columns[part])])) as Record<
    LogPart,
    number
  >;
  const faults: CsvFault[] = [];
  let leftOut = 0;
  let isClock = true;
  const series = new Map<string, { channels: readonly ChannelId[]; samples: Sample[] }>();
  for (const [i, cells] of rows.entries()) {
    const row = rowOf(cells, at, nowMs);
    const known = typeof row === 'string' ? undefined : series.get(row.name);
    const why =
      typeof row === 'string'
        ? row
        : known && known.channels[0] !== row.channels[0]
          ? `${row.name} has two kinds of units.`
          : !known && series.size >= MOST_SERIES
            ? `More than ${MOST_SERIES} channels.`
            : undefined;
    if (why !== undefined || typeof row === 'string') {
      leftOut += 1;
      if (faults.length < SHOWN_FAULTS) faults.push({ line: i + 2, message: why! });
      continue;
    }
    isClock &&= row.when.isClock;
    const of = known ?? { channels: row.channels, samples: [] };
    const lastMs = of.samples.at(-1)?.atMs;
    // Past midnight a clock without a date begins anew.
    const turned = !row.when.isClock && lastMs !== undefined && row.when.ms < lastMs - DAY_MS / 2 ? DAY_MS : 0;
    of.samples.push({ atMs: row.when.ms + turned, value: row.value });
    series.set(row.name, of);
  }
  return {
    series: [...series].map(([name, { channels, samples }]) => ({
      name,
      channels,
      samples: samples.sort((a, b) => a.atMs - b.atMs),
    })),
    isClock,
    faults,
    leftOut,
  };
}
