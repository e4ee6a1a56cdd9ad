import { fromShown, pathDropAt, toShown, type CurveRun, type CurveSpread, type Resistance } from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

export interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Everything of a chart that depends on the figures: its scales and the ready-made paths of its curves. */
export interface CrossingScales {
  readonly x: (flowCfm: number) => number;
  readonly y: (staticInWc: number) => number;
  readonly flowTicks: readonly number[];
  readonly staticTicks: readonly number[];
}

/** Ticks at round figures of the unit that is shown. */
const roundTicks = ([low = 0, high = 1]: readonly number[], count: number, quantity: 'cfm' | 'inWc'): number[] =>
  scaleLinear([toShown(low, quantity), toShown(high, quantity)], [0, 1])
    .ticks(count)
    .map((tick) => fromShown(tick, quantity));

/** Scales that hold all curves, the target band, the limit and the present point. */
export function crossingScales(
  curves: readonly (readonly CurveRun[])[],
  also: { flowsCfm: readonly number[]; staticsInWc: readonly number[] },
  box: Box,
): CrossingScales {
  const runs = curves.flat();
  const flows = [...runs.flatMap((run) => run.flowsCfm), ...also.flowsCfm];
  const statics = [...runs.flatMap((run) => run.staticsInWc), ...also.staticsInWc];
  const low = Math.min(...flows);
  const high = Math.max(...flows);
  const margin = (high - low) * 0.06 || high * 0.1;
  const x = scaleLinear([Math.max(0, low - margin), high + margin], [box.left, box.right]);
  const y = scaleLinear([0, Math.max(...statics) * 1.08], [box.bottom, box.top]);
  return {
    x,
    y,
    flowTicks: roundTicks(x.domain(), 4, 'cfm'),
    staticTicks: roundTicks(y.domain(), 5, 'inWc').filter((p) => p > 0),
  };
}

/** A fan's curve as SVG path data: one piece a run, so that it ends and breaks where the blower table does. */
export function fanPath(runs: readonly CurveRun[], { x, y }: Pick<CrossingScales, 'x' | 'y'>): string {
  const draw = line<number>();
  return runs.map((run) => draw.x((_, i) => x(run.flowsCfm[i]!)).y((p) => y(p))([...run.staticsInWc]) ?? '').join(' ');
}

/** The area between a curve's two sides as SVG path data, a piece a run. */
export function spreadPath({ low, high }: CurveSpread, { x, y }: Pick<CrossingScales, 'x' | 'y'>): string {
  const draw = line<readonly [number, number]>()
    .x(([q]) => x(q))
    .y(([, p]) => y(p));
  return low
    .map((run, i) => {
      const up = run.flowsCfm.map((q, k) => [q, run.staticsInWc[k]!] as const);
      const down = high[i]!.flowsCfm.map((q, k) => [q, high[i]!.staticsInWc[k]!] as const).reverse();
      return `${draw([...up, ...down]) ?? ''}Z`;
    })
    .join(' ');
}

/** Where the label of a curve stands: at its end with the highest static. */
export function labelPoint(runs: readonly CurveRun[]): { flowCfm: number; staticInWc: number } | undefined {
  const last = runs.at(-1);
  return last && { flowCfm: last.flowsCfm.at(-1)!, staticInWc: last.staticsInWc.at(-1)! };
}

/** The system curve as SVG path data, inside the box. */
export function systemPath(
  path: readonly Resistance[],
  { x, y }: Pick<CrossingScales, 'x' | 'y'>,
  box: Box,
  flows: [number, number],
): string {
  const steps = 60;
  const points = Array.from({ length: steps + 1 }, (_, i) => flows[0] + ((flows[1] - flows[0]) * i) / steps)
    .map((q): [number, number] => [x(q), y(pathDropAt(path, q))])
    .filter(([px, py]) => py >= box.top && px >= box.left - 1 && px <= box.right + 1);
  return line()(points) ?? '';
}
