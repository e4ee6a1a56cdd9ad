import { currentMeasures, toShown, unitText, flowWords, flowText, type Target } from '@huff/core';
import { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { REGULAR, usePalette } from '../theme';
import type { Box, crossingScales } from '@huff/paper/crossing';

/** The target band, from top to bottom. */
export function Band({
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
        target {flowWords(target.flowCfm)} ± {Math.round((target.highCfm / target.flowCfm - 1) * 100)} %
      </SvgText>
    </>
  );
}

/** "0.2", or whole Pa. */
const staticTick = (p: number) =>
  Number(toShown(p, 'inWc').toPrecision(4)).toFixed(currentMeasures().static === 'pa' ? 0 : 1);

/** The scales at left and below, with their units. */
export function Axes({ scales, box }: { readonly scales: ReturnType<typeof crossingScales>; readonly box: Box }) {
  const palette = usePalette();
  const { x, y } = scales;
  const text = { fontFamily: REGULAR, fontSize: 14, fill: palette.softInk } as const;
  return (
    <>
      {scales.staticTicks.map((p) => (
        <G key={p}>
          <Line x1={box.left} x2={box.right} y1={y(p)} y2={y(p)} stroke={palette.line} />
          <SvgText x={box.left - 8} y={y(p) + 5} textAnchor="end" {...text}>
            {staticTick(p)}
          </SvgText>
        </G>
      ))}
      {scales.flowTicks.map((q) => (
        <SvgText key={q} x={x(q)} y={box.bottom + 20} textAnchor="middle" {...text}>
          {flowText(q)}
        </SvgText>
      ))}
      <SvgText x={0} y={14} {...text}>
        {unitText('inWc')}
      </SvgText>
      <SvgText x={box.right} y={box.bottom + 38} textAnchor="end" {...text}>
        {unitText('cfm')}
      </SvgText>
    </>
  );
}
