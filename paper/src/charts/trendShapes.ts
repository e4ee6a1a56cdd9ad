import { scaleLinear } from 'd3-scale';
import { circle, line, path, polyline, text, type DrawStyle, type Shape } from '../shapes';

export interface TrendPoint {
  readonly atMs: number;
  readonly value: number;
  /** The line begins anew here: another filter. */
  readonly isNew?: boolean;
}

export interface TrendSource {
  /** One at least, in the order of time. */
  readonly points: readonly TrendPoint[];
  /** A line across, with its name: what it may take, how it runs when right. */
  readonly level?: { readonly value: number; readonly name: string };
  /** Where it goes from the last point: to the level, with one σ in days. */
  readonly due?: { readonly atMs: number; readonly sigmaDays: number };
  readonly width: number;
  readonly height: number;
  readonly style: DrawStyle;
  readonly valueText: (value: number) => string;
  /** The name of a month; with its year where the chart is long. */
  readonly monthText: (atMs: number, withYear: boolean) => string;
}

const LEFT = 44;
const RIGHT = 8;
const DAY_MS = 86_400_000;
/** Longer than so many months, the year is told. */
const ONE_YEAR = 14;

/** The first days of months under a chart, as many as have room. */
function monthTicks(fromMs: number, toMs: number, months: number, most: number): number[] {
  const step = Math.max(1, Math.ceil(months / most));
  const start = new Date(fromMs);
  return Array.from({ length: Math.ceil(months / step) + 1 }, (_, i) =>
    new Date(start.getFullYear(), start.getMonth() + i * step, 1).getTime(),
  ).filter((tick) => tick >= fromMs - DAY_MS && tick < toMs - 5 * DAY_MS);
}

/** The points in lines that begin anew where something was changed. */
function runsOf(points: readonly TrendPoint[]): TrendPoint[][] {
  const runs: TrendPoint[][] = [];
  for (const point of points) {
    if (point.isNew || runs.length === 0) runs.push([]);
    runs.at(-1)!.push(point);
  }
  return runs;
}

/** A figure over the years: its points, a level to hold them against, where they go. Lengths in px. */
export function trendShapes(source: TrendSource): Shape[] {
  const { points, level, due, width, height, style, valueText, monthText } = source;
  const [first, last] = [points[0]!, points.at(-1)!];
  const sigmaMs = (due?.sigmaDays ?? 0) * DAY_MS;
  const end = Math.max(last.atMs + 20 * DAY_MS, due ? due.atMs + sigmaMs : 0);
  const values = [...points.map(({ value }) => value), ...(level ? [level.value] : [])];
  const [low, high] = [Math.min(0, ...values), Math.max(...values)];
  const right = width - RIGHT;
  const x = scaleLinear([first.atMs, end], [LEFT, right]);
  const y = scaleLinear([low, high * 1.15 || 1], [height - 24, 10]).nice(3);
  const months = Math.max(1, Math.round((end - first.atMs) / (30 * DAY_MS)));
  const soft = { size: style.small, color: 'softInk' } as const;
  const place = ({ atMs, value }: Pick<TrendPoint, 'atMs' | 'value'>) => ({ x: x(atMs), y: y(value) });
  return [
    ...y
      .ticks(3)
      .flatMap((tick) => [
        line(LEFT, y(tick), right, y(tick), { stroke: 'line' }),
        text(LEFT - 6, y(tick) + 5, valueText(tick), { ...soft, anchor: 'end' }),
      ]),
    ...monthTicks(first.atMs, end, months, width > 600 ? 8 : 4).map((tick) =>
      text(x(tick), height - 5, monthText(tick, months > ONE_YEAR), soft),
    ),
    ...(due && level
      ? [
          path(
            `${polyline([
              place(last),
              place({ atMs: Math.max(last.atMs, due.atMs - sigmaMs), value: level.value }),
              place({ atMs: due.atMs + sigmaMs, value: level.value }),
            ])}Z`,
            { fill: 'edge' },
          ),
        ]
      : []),
    ...(level
      ? [
          line(LEFT, y(level.value), right, y(level.value), { stroke: 'action', strokeWidth: 2, dash: [8, 5] }),
          text(LEFT + 4, y(level.value) - 6, level.name, { size: style.small, bold: true, color: 'action' }),
        ]
      : []),
    ...runsOf(points).map((run) => path(polyline(run.map(place)), { stroke: 'ink', strokeWidth: 2 })),
    ...points.map((point) => circle(place(point).x, place(point).y, 4.5, { fill: 'ink' })),
  ];
}
