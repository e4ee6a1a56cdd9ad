import {
  fanRuns,
  flowText,
  operate,
  pathDropAt,
  resistancesOf,
  staticText,
  tapRpm,
  type CurveRun,
  type PointSigma,
  type Resistance,
  type Sourced,
  type System,
  type Target,
} from '@huff/core';
import { memo, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Ellipse, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { BOLD, REGULAR, usePalette } from '../theme';
import { crossingScales, fanPath, labelPoint, systemPath, type Box } from './crossingScales';

export interface CrossingProps {
  /** The system as it was measured. */
  readonly now: System;
  /** What it would become; what it is then stays as a ghost. */
  readonly then?: System;
  readonly target?: Target;
  readonly maxTesp: Sourced;
  readonly sigma?: PointSigma;
  /** A point that was measured, beside the one that was predicted. */
  readonly proven?: { readonly flowCfm: number; readonly tespInWc: number };
  readonly height?: number;
}

const HALO = 4;
const NEAR_RPM = 0.04;

/** The Crossing as a sentence, for those who hear it. */
export function crossingSentence({ now, then, target, maxTesp, proven }: CrossingProps): string {
  const at = operate(now);
  if (at.kind === 'offTable') return `Tap ${at.tap} leaves the maker’s table on this path.`;
  const first = `On tap ${at.tap} fan and ducts meet at ${flowText(at.flowCfm)} CFM and ${staticText(at.tespInWc)} in. w.c.`;
  const band = target ? ` The target band is ${flowText(target.lowCfm)} to ${flowText(target.highCfm)} CFM.` : '';
  const shown = then && operate(then);
  const next =
    shown?.kind === 'crossing'
      ? ` Then they would meet on tap ${shown.tap} at ${flowText(shown.flowCfm)} CFM and ${staticText(shown.tespInWc)}.`
      : shown
        ? ` Tap ${shown.tap} then leaves the table first.`
        : '';
  const read = proven ? ` Read after: ${flowText(proven.flowCfm)} CFM at ${staticText(proven.tespInWc)}.` : '';
  return `${first}${next}${read}${band} The limit is ${staticText(maxTesp.value)}.`;
}

interface Curve {
  readonly tap: string;
  readonly runs: readonly CurveRun[];
}

/** The curves of a fan's table, with those of its own speeds that stand between its rows. */
function curvesOf(now: System, then: System | undefined): Curve[] {
  const { table } = now.fan;
  const own = [...new Set([now.fan.tap, ...(then ? [then.fan.tap] : [])])];
  const near = (tap: string) => {
    const rpm = tapRpm(table, tap);
    return rpm !== undefined && own.some((one) => one !== tap && Math.abs(Number(one) / rpm - 1) < NEAR_RPM);
  };
  // A row of the table beside a curve that is drawn anyway would only thicken it.
  const rows = table.taps.map((row) => row.tap).filter((tap) => !near(tap));
  const taps = [...new Set([...rows, ...own])];
  return taps.map((tap) => ({ tap, runs: fanRuns({ ...(then ?? now).fan, tap }) }));
}

/** What the fan has to overcome at an airflow, in. w.c.; the external static lies lower where something is lost inside. */
const asked = (system: System, flowCfm: number) => pathDropAt(resistancesOf(system), flowCfm);

const tapLabel = ({ fan }: System, tap: string) => {
  const rpm = tapRpm(fan.table, tap);
  return rpm === undefined ? tap : String(Math.round(rpm));
};

/** The Crossing: CFM across, static up; the fan's curves, the system curve, where they meet, the band and the limit. */
export const Crossing = memo(function Crossing(props: CrossingProps) {
  const { height = 300 } = props;
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={crossingSentence(props)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && (
        <Svg width={width} height={height} aria-hidden>
          <Drawing {...props} box={{ left: 40, right: Math.max(width - 14, 60), top: 30, bottom: height - 44 }} />
        </Svg>
      )}
    </View>
  );
});

function Drawing({ now, then, target, maxTesp, sigma, proven, box }: CrossingProps & { readonly box: Box }) {
  const palette = usePalette();
  const curves = useMemo(() => curvesOf(now, then), [now, then]);
  const at = operate(now);
  const shown = then ? operate(then) : at;
  const atPoint = edgeOf(at);
  const shownPoint = edgeOf(shown);
  const scales = crossingScales(
    curves.map((curve) => curve.runs),
    {
      flowsCfm: [
        atPoint.flowCfm,
        shownPoint.flowCfm,
        ...(target ? [target.lowCfm, target.highCfm] : []),
        ...(proven ? [proven.flowCfm] : []),
      ],
      staticsInWc: [atPoint.staticInWc, shownPoint.staticInWc, maxTesp.value],
    },
    box,
  );
  const { x, y } = scales;
  const flows: [number, number] = [0, 2 * Math.max(...curves.flatMap((c) => c.runs.flatMap((run) => run.flowsCfm)))];
  const path = (system: System) => systemPath(resistancesOf(system), scales, box, flows);
  const ghost = then !== undefined && (at.kind !== shown.kind || moved(atPoint, shownPoint) || pathDiffers(now, then));
  const live = (then ?? now).fan.tap;
  const pointAt = { x: x(shownPoint.flowCfm), y: y(asked(then ?? now, shownPoint.flowCfm)) };
  const found = shown.kind === 'crossing';
  const place = found ? pointAt : { x: x(shownPoint.flowCfm), y: y(shownPoint.staticInWc) };
  const ghostAt = {
    x: x(atPoint.flowCfm),
    y: y(at.kind === 'crossing' ? asked(now, atPoint.flowCfm) : atPoint.staticInWc),
  };
  const labelLeft = place.x > box.right - 96;
  const taken = curves.flatMap(({ runs }) => {
    const label = labelPoint(runs);
    return label ? [{ x: x(label.flowCfm) - 4, y: y(label.staticInWc) - 6, half: 20 }] : [];
  });
  taken.push({ x: place.x + (labelLeft ? -60 : 60), y: place.y - 12, half: 50 });
  const limit = limitSpot(y(maxTesp.value), box, taken);
  return (
    <>
      {target && <Band target={target} x={x} box={box} />}
      <Axes scales={scales} box={box} />
      {curves.map(({ tap, runs }) => {
        const heavy = tap === live;
        const was = tap === now.fan.tap && !heavy;
        const label = labelPoint(runs);
        return (
          <G key={tap}>
            <Path
              d={fanPath(runs, scales)}
              fill="none"
              stroke={palette.ink}
              strokeOpacity={heavy ? 1 : was ? 0.45 : 0.4}
              strokeWidth={heavy ? 3.5 : was ? 3 : 1.2}
            />
            {label && (
              <Label x={x(label.flowCfm) - 4} y={y(label.staticInWc) - 6} bold={heavy} anchor="middle">
                {tapLabel(now, tap)}
              </Label>
            )}
          </G>
        );
      })}
      <Line
        x1={box.left}
        x2={box.right}
        y1={y(maxTesp.value)}
        y2={y(maxTesp.value)}
        stroke={palette.action}
        strokeWidth={2}
        strokeDasharray="7 5"
      />
      <Label x={limit.x} y={limit.y} bold color={palette.action} anchor={limit.anchor}>
        {maxTesp.source === 'nameplate' ? 'plate' : 'assumed'} {staticText(maxTesp.value)}
      </Label>
      {then && pathDiffers(now, then) && (
        <Path d={path(now)} fill="none" stroke={palette.supply} strokeWidth={2} strokeDasharray="3 5" />
      )}
      <Path d={path(then ?? now)} fill="none" stroke={palette.supply} strokeWidth={3} />
      {ghost && (
        <>
          <Circle
            cx={ghostAt.x}
            cy={ghostAt.y}
            r={7}
            fill={palette.paper}
            stroke={palette.ink}
            strokeWidth={2}
            strokeDasharray="2 3"
          />
          <Label x={ghostAt.x - 12} y={ghostAt.y - 8} anchor="end">
            now
          </Label>
        </>
      )}
      {found && sigma && (
        <Ellipse
          cx={place.x}
          cy={place.y}
          rx={Math.abs(x(shownPoint.flowCfm + sigma.flowCfm) - place.x)}
          ry={Math.max(6, Math.abs(y(sigma.staticInWc) - y(0)))}
          fill={palette.ink}
          fillOpacity={0.16}
        />
      )}
      {found ? (
        <Circle cx={place.x} cy={place.y} r={7.5} fill={palette.ink} />
      ) : (
        <Circle cx={place.x} cy={place.y} r={6} fill={palette.paper} stroke={palette.action} strokeWidth={3} />
      )}
      {proven && (
        <G>
          <Line
            x1={x(proven.flowCfm) - 9}
            x2={x(proven.flowCfm) + 9}
            y1={y(proven.tespInWc)}
            y2={y(proven.tespInWc)}
            stroke={palette.action}
            strokeWidth={3}
          />
          <Line
            x1={x(proven.flowCfm)}
            x2={x(proven.flowCfm)}
            y1={y(proven.tespInWc) - 9}
            y2={y(proven.tespInWc) + 9}
            stroke={palette.action}
            strokeWidth={3}
          />
          <Label x={x(proven.flowCfm) - 12} y={y(proven.tespInWc) + 18} bold color={palette.action} anchor="end">
            read
          </Label>
        </G>
      )}
      <Label x={place.x + (labelLeft ? -14 : 14)} y={place.y - 12} size={16} bold anchor={labelLeft ? 'end' : 'start'}>
        {found ? `${flowText(shownPoint.flowCfm)} CFM` : 'off the table'}
      </Label>
    </>
  );
}

/** Words that stand on the drawing already: their middle, and half their width. */
interface Taken {
  readonly x: number;
  readonly y: number;
  readonly half: number;
}

const LIMIT_WIDTH = 84;

/** Where the limit's words stand beside its line: at either end, above or below, where nothing else is written. */
function limitSpot(lineY: number, box: Box, taken: readonly Taken[]) {
  const spots = [
    { x: box.left + 4, y: lineY - 6, anchor: 'start' as const },
    { x: box.left + 4, y: lineY + 18, anchor: 'start' as const },
    { x: box.right - 2, y: lineY - 6, anchor: 'end' as const },
    { x: box.right - 2, y: lineY + 18, anchor: 'end' as const },
  ];
  const isFree = (spot: (typeof spots)[number]) => {
    const middle = spot.anchor === 'start' ? spot.x + LIMIT_WIDTH / 2 : spot.x - LIMIT_WIDTH / 2;
    return taken.every((t) => Math.abs(t.y - spot.y) > 16 || Math.abs(t.x - middle) > t.half + LIMIT_WIDTH / 2);
  };
  return spots.find(isFree) ?? spots[0]!;
}

interface EdgePoint {
  readonly flowCfm: number;
  readonly staticInWc: number;
}

/** Where a system stands, or the edge of its table. */
const edgeOf = (operation: ReturnType<typeof operate>): EdgePoint =>
  operation.kind === 'crossing'
    ? { flowCfm: operation.flowCfm, staticInWc: operation.tespInWc }
    : { flowCfm: operation.edgeFlowCfm, staticInWc: operation.edgeStaticInWc };

const moved = (a: EdgePoint, b: EdgePoint) =>
  Math.abs(a.flowCfm - b.flowCfm) > 1 || Math.abs(a.staticInWc - b.staticInWc) > 0.005;

const sum = (path: readonly Resistance[]) => pathDropAt(path, 1000);
const pathDiffers = (a: System, b: System) => Math.abs(sum(resistancesOf(a)) - sum(resistancesOf(b))) > 1e-6;

function Band({
  target,
  x,
  box,
}: {
  readonly target: Target;
  readonly x: (flow: number) => number;
  readonly box: Box;
}) {
  const palette = usePalette();
  return (
    <>
      <Rect
        x={x(target.lowCfm)}
        width={Math.max(0, x(target.highCfm) - x(target.lowCfm))}
        y={box.top - 8}
        height={box.bottom - box.top + 8}
        fill={palette.edge}
        fillOpacity={0.75}
      />
      <SvgText
        x={Math.min(box.right, Math.max(box.left + 70, x(target.flowCfm) + 70))}
        y={14}
        fontFamily={REGULAR}
        fontSize={14}
        fill={palette.softInk}
        textAnchor="end"
      >
        target {flowText(target.flowCfm)} CFM ± {Math.round((target.highCfm / target.flowCfm - 1) * 100)} %
      </SvgText>
    </>
  );
}

function Axes({ scales, box }: { readonly scales: ReturnType<typeof crossingScales>; readonly box: Box }) {
  const palette = usePalette();
  const { x, y } = scales;
  const text = { fontFamily: REGULAR, fontSize: 14, fill: palette.softInk } as const;
  return (
    <>
      {scales.staticTicks.map((p) => (
        <G key={p}>
          <Line x1={box.left} x2={box.right} y1={y(p)} y2={y(p)} stroke={palette.line} />
          <SvgText x={box.left - 8} y={y(p) + 5} textAnchor="end" {...text}>
            {p.toFixed(1)}
          </SvgText>
        </G>
      ))}
      {scales.flowTicks.map((q) => (
        <SvgText key={q} x={x(q)} y={box.bottom + 20} textAnchor="middle" {...text}>
          {flowText(q)}
        </SvgText>
      ))}
      <SvgText x={0} y={14} {...text}>
        in. w.c.
      </SvgText>
      <SvgText x={box.right} y={box.bottom + 38} textAnchor="end" {...text}>
        CFM
      </SvgText>
    </>
  );
}

interface LabelProps {
  readonly x: number;
  readonly y: number;
  readonly size?: number;
  readonly bold?: boolean;
  readonly color?: string;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly children: ReactNode;
}

/** Words on the drawing, with a halo of paper so that lines under them do not cross the letters. */
function Label({ x, y, size = 14, bold = false, color, anchor = 'start', children }: LabelProps) {
  const palette = usePalette();
  return (
    <SvgText
      x={x}
      y={y}
      fontFamily={bold ? BOLD : REGULAR}
      fontSize={size}
      fill={color ?? palette.ink}
      textAnchor={anchor}
      stroke={palette.paper}
      strokeWidth={HALO}
      // the halo lies under the letters
      {...{ paintOrder: 'stroke' }}
    >
      {children}
    </SvgText>
  );
}
