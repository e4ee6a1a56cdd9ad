import { flowText, onTap, operate, staticText, type Judgement } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Ellipse, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { BOLD, REGULAR, usePalette } from '../theme';
import { crossingScales, fanPath, labelPoint, systemPath } from './crossingScales';

interface CrossingProps {
  readonly judgement: Judgement;
  /** A tap to look at; the present point then stays as a ghost. */
  readonly tap?: string;
  readonly height?: number;
}

const HALO = 4;

/** The Crossing as a sentence, for those who hear it. */
export function crossingSentence(judgement: Judgement, tap: string | undefined): string {
  const { system, flowCfm, tespInWc, target, maxTesp } = judgement;
  if (!system || flowCfm === undefined || tespInWc === undefined) return 'No crossing yet.';
  const now = `On tap ${system.fan.tap} fan and ducts meet at ${flowText(flowCfm)} CFM and ${staticText(tespInWc)} in. w.c.`;
  const band = target ? ` The target band is ${flowText(target.lowCfm)} to ${flowText(target.highCfm)} CFM.` : '';
  const shown = tap && tap !== system.fan.tap ? operate(onTap(system, tap)) : undefined;
  const then =
    shown?.kind === 'crossing'
      ? ` Tap ${shown.tap} would meet them at ${flowText(shown.flowCfm)} CFM and ${staticText(shown.tespInWc)}.`
      : shown
        ? ` Tap ${shown.tap} leaves the table first.`
        : '';
  return `${now}${then}${band} The limit is ${staticText(maxTesp.value)}.`;
}

/** The Crossing: CFM across, static up; the fan's curves, the system curve, where they meet, the band and the limit. */
export function Crossing({ judgement, tap, height = 300 }: CrossingProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const { system, target, maxTesp, flowCfm, tespInWc, sigma } = judgement;
  const box = { left: 40, right: Math.max(width - 14, 60), top: 30, bottom: height - 44 };
  const draw = () => {
    if (!system || flowCfm === undefined || tespInWc === undefined) return null;
    const { table, tap: liveTap } = system.fan;
    const shown = operate(onTap(system, tap ?? liveTap));
    const isGhost = shown.tap !== liveTap;
    const scales = crossingScales(
      table,
      {
        flowsCfm: [flowCfm, ...(target ? [target.lowCfm, target.highCfm] : [])],
        staticsInWc: [tespInWc, maxTesp.value],
      },
      box,
    );
    const { x, y } = scales;
    const path = system.path.map((s) => s.resistance);
    const flows: [number, number] = [0, 2 * Math.max(...table.taps.flatMap((r) => r.flowsCfm.map((q) => q ?? 0)))];
    const point =
      shown.kind === 'crossing'
        ? { x: x(shown.flowCfm), y: y(shown.tespInWc), label: `${flowText(shown.flowCfm)} CFM` }
        : { x: x(shown.edgeFlowCfm), y: y(shown.edgeStaticInWc), label: 'off the table' };
    const labelLeft = point.x > box.right - 90;
    return (
      <>
        {target && (
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
        )}
        {scales.staticTicks.map((p) => (
          <G key={p}>
            <Line x1={box.left} x2={box.right} y1={y(p)} y2={y(p)} stroke={palette.line} />
            <SvgText
              x={box.left - 8}
              y={y(p) + 5}
              fontFamily={REGULAR}
              fontSize={14}
              fill={palette.softInk}
              textAnchor="end"
            >
              {p.toFixed(1)}
            </SvgText>
          </G>
        ))}
        {scales.flowTicks.map((q) => (
          <SvgText
            key={q}
            x={x(q)}
            y={box.bottom + 20}
            fontFamily={REGULAR}
            fontSize={14}
            fill={palette.softInk}
            textAnchor="middle"
          >
            {flowText(q)}
          </SvgText>
        ))}
        <SvgText x={0} y={14} fontFamily={REGULAR} fontSize={14} fill={palette.softInk}>
          in. w.c.
        </SvgText>
        <SvgText
          x={box.right}
          y={box.bottom + 38}
          fontFamily={REGULAR}
          fontSize={14}
          fill={palette.softInk}
          textAnchor="end"
        >
          CFM
        </SvgText>
        {table.taps.map(({ tap: name }) => {
          const heavy = name === shown.tap;
          const label = labelPoint(table, name);
          return (
            <G key={name}>
              <Path
                d={fanPath(table, name, scales)}
                fill="none"
                stroke={palette.ink}
                strokeOpacity={heavy ? 1 : name === liveTap ? 0.45 : 0.5}
                strokeWidth={heavy ? 3.5 : name === liveTap ? 3 : 1.2}
              />
              {label && (
                <SvgText
                  x={x(label.flowCfm) - 4}
                  y={y(label.staticInWc) - 6}
                  fontFamily={heavy ? BOLD : REGULAR}
                  fontSize={14}
                  fill={palette.ink}
                  textAnchor="middle"
                  stroke={palette.paper}
                  strokeWidth={HALO}
                  // the halo lies under the letters
                  {...{ paintOrder: 'stroke' }}
                >
                  {name}
                </SvgText>
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
        <SvgText
          x={box.left + 4}
          y={y(maxTesp.value) - 6}
          fontFamily={BOLD}
          fontSize={14}
          fill={palette.action}
          stroke={palette.paper}
          strokeWidth={HALO}
          {...{ paintOrder: 'stroke' }}
        >
          {maxTesp.source === 'nameplate' ? 'plate' : 'assumed'} {staticText(maxTesp.value)}
        </SvgText>
        <Path d={systemPath(path, scales, box, flows)} fill="none" stroke={palette.supply} strokeWidth={3} />
        {isGhost && (
          <Circle
            cx={x(flowCfm)}
            cy={y(tespInWc)}
            r={7}
            fill={palette.paper}
            stroke={palette.ink}
            strokeWidth={2}
            strokeDasharray="2 3"
          />
        )}
        {shown.kind === 'crossing' && sigma && (
          <Ellipse
            cx={point.x}
            cy={point.y}
            rx={Math.abs(x(shown.flowCfm + sigma.flowCfm) - point.x)}
            ry={Math.max(6, Math.abs(y(shown.tespInWc + sigma.staticInWc) - point.y))}
            fill={palette.ink}
            fillOpacity={0.16}
          />
        )}
        {shown.kind === 'crossing' ? (
          <Circle cx={point.x} cy={point.y} r={7.5} fill={palette.ink} />
        ) : (
          <Circle cx={point.x} cy={point.y} r={6} fill={palette.paper} stroke={palette.action} strokeWidth={3} />
        )}
        <SvgText
          x={point.x + (labelLeft ? -14 : 14)}
          y={point.y - 12}
          fontFamily={BOLD}
          fontSize={16}
          fill={palette.ink}
          textAnchor={labelLeft ? 'end' : 'start'}
          stroke={palette.paper}
          strokeWidth={HALO}
          {...{ paintOrder: 'stroke' }}
        >
          {point.label}
        </SvgText>
      </>
    );
  };
  return (
    <View
      role="img"
      aria-label={crossingSentence(judgement, tap)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && (
        <Svg width={width} height={height} aria-hidden>
          {draw()}
        </Svg>
      )}
    </View>
  );
}
