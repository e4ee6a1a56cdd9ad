import type { ToolUnit } from '../../base/forms/tool';
import type { VisitFigures } from './figures';

/** A figure that is followed over the years. */
export interface TrendSeries {
  readonly id: 'tesp' | 'slip' | 'amps' | 'approach' | 'drop';
  readonly name: string;
  readonly unit: ToolUnit;
  readonly points: readonly { readonly atMs: number; readonly value: number }[];
  /** How the unit runs when right: as it was proven, else the middle of what was read. */
  readonly whenRight: number;
  /** The last against that, as a share of it. */
  readonly drift: number;
}

const SERIES: readonly {
  readonly id: TrendSeries['id'];
  readonly name: string;
  readonly unit: ToolUnit;
  readonly of: (figures: VisitFigures) => number | undefined;
}[] = [
  { id: 'tesp', name: 'Static at the target airflow', unit: 'inWc', of: (f) => f.tespAtTargetInWc },
  { id: 'slip', name: 'Belt slip', unit: 'percentFine', of: (f) => f.slip && 100 * f.slip },
  { id: 'amps', name: 'Blower amps', unit: 'amps', of: (f) => f.amps },
  { id: 'approach', name: 'Liquid line over ambient', unit: 'deltaF', of: (f) => f.approachF },
  { id: 'drop', name: 'Temperature drop', unit: 'deltaF', of: (f) => f.dropF },
];

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 === 1 ? sorted[Math.floor(half)]! : (sorted[half - 1]! + sorted[half]!) / 2;
};

/** One visit's figures, with when. */
export interface FiguresAt {
  readonly atMs: number;
  readonly figures: VisitFigures;
}

/**
 * The figures of a unit over its visits, each against how it runs when right. A figure read once is no trend.
 *
 * @param provenAtMs when the unit was proven last: what was read then is how it runs when right
 */
export function trendSeries(visits: readonly FiguresAt[], provenAtMs?: number): readonly TrendSeries[] {
  const inOrder = [...visits].sort((a, b) => a.atMs - b.atMs);
  return SERIES.flatMap(({ of, ...series }) => {
    const points = inOrder.flatMap(({ atMs, figures }) => {
      const value = of(figures);
      return value === undefined || !Number.isFinite(value) ? [] : [{ atMs, value }];
    });
    if (points.length < 2) return [];
    const proven = provenAtMs === undefined ? undefined : points.findLast(({ atMs }) => atMs <= provenAtMs);
    const whenRight = proven?.value ?? middle(points.map(({ value }) => value));
    const drift = whenRight === 0 ? 0 : points.at(-1)!.value / whenRight - 1;
    return [{ ...series, points, whenRight, drift }];
  });
}
