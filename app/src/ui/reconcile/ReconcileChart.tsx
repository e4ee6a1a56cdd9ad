import { flowWords, flowText, type FlowEstimate, type ReconciledFlow, type Target } from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { BOLD, REGULAR, usePalette } from '../theme';

interface ReconcileChartProps {
  readonly estimates: readonly FlowEstimate[];
  readonly flow?: ReconciledFlow;
  readonly target?: Target;
}

const ROW = 46;
const TOP = 26;

/** The methods as a sentence, for those who hear it. */
export function reconcileSentence(estimates: readonly FlowEstimate[], flow?: ReconciledFlow): string {
  if (!flow) return 'No airflow yet.';
  const each = estimates.map((e) => `${e.name} ${flowText(e.flowCfm)} ± ${Math.round(e.sigmaShare * 100)} %`);
  return `${flowText(flow.flowCfm)} ± ${flowWords(flow.sigmaCfm)} out of ${each.join(', ')}.`;
}

/** Each method as a point with its error on one scale of CFM; what counts is full, the mean is the heavy line. */
export function ReconcileChart({ estimates, flow, target }: ReconcileChartProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const height = TOP + estimates.length * ROW + 34;
  const reach = estimates.flatMap((e) => [e.flowCfm * (1 - 1.2 * e.sigmaShare), e.flowCfm * (1 + 1.2 * e.sigmaShare)]);
  const all = [...reach, ...(target ? [target.lowCfm, target.highCfm] : [])];
  const x = scaleLinear([Math.min(...all), Math.max(...all)], [26, Math.max(80, width - 26)]).nice(4);
  const bottom = TOP + estimates.length * ROW;
  return (
    <View
      role="img"
      aria-label={reconcileSentence(estimates, flow)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && estimates.length > 0 && (
        <Svg width={width} height={height} aria-hidden>
          {target && (
            <>
              <Rect
                x={x(target.lowCfm)}
                y={TOP - 8}
                width={x(target.highCfm) - x(target.lowCfm)}
                height={bottom - TOP + 8}
                fill={palette.edge}
                fillOpacity={0.75}
              />
              <SvgText
                x={Math.min(width - 4, x(target.highCfm))}
                y={14}
                fontFamily={REGULAR}
                fontSize={14}
                fill={palette.softInk}
                textAnchor="end"
              >
                target {flowText(target.flowCfm)}
              </SvgText>
            </>
          )}
          {flow && (
            <>
              <Rect
                x={x(flow.flowCfm - flow.sigmaCfm)}
                y={TOP - 8}
                width={Math.max(2, x(flow.flowCfm + flow.sigmaCfm) - x(flow.flowCfm - flow.sigmaCfm))}
                height={bottom - TOP + 8}
                fill={palette.supply}
                fillOpacity={0.22}
              />
              <Line
                x1={x(flow.flowCfm)}
                x2={x(flow.flowCfm)}
                y1={TOP - 8}
                y2={bottom}
                stroke={palette.supply}
                strokeWidth={3}
              />
            </>
          )}
          {estimates.map((e, i) => {
            const y = TOP + i * ROW + 32;
            const counts = flow?.counted.includes(e.id);
            const half = e.flowCfm * e.sigmaShare;
            return (
              <G key={e.id}>
                <SvgText
                  x={4}
                  y={y - 16}
                  fontFamily={counts ? BOLD : REGULAR}
                  fontSize={14}
                  fill={counts ? palette.ink : palette.softInk}
                  stroke={palette.paper}
                  strokeWidth={4}
                  {...{ paintOrder: 'stroke' }}
                >
                  {`${e.name} ${flowText(e.flowCfm)}${e.setAside !== undefined ? ', set aside' : counts ? '' : ', left out'}`}
                </SvgText>
                <Line
                  x1={x(e.flowCfm - half)}
                  x2={x(e.flowCfm + half)}
                  y1={y}
                  y2={y}
                  stroke={counts ? palette.ink : palette.softInk}
                  strokeWidth={2}
                  strokeDasharray={counts ? undefined : '3 3'}
                />
                <Circle
                  cx={x(e.flowCfm)}
                  cy={y}
                  r={6}
                  fill={counts ? palette.ink : palette.paper}
                  stroke={counts ? palette.ink : palette.action}
                  strokeWidth={2.5}
                />
              </G>
            );
          })}
          {x.ticks(4).map((q) => (
            <SvgText
              key={q}
              x={x(q)}
              y={height - 10}
              fontFamily={REGULAR}
              fontSize={14}
              fill={palette.softInk}
              textAnchor="middle"
            >
              {flowText(q)}
            </SvgText>
          ))}
        </Svg>
      )}
    </View>
  );
}
