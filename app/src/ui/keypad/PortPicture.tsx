import type { PortPlan, StageKind } from '@huff/core';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { usePalette } from '../theme';

interface PortPictureProps {
  readonly port: PortPlan;
  readonly before?: StageKind;
  readonly after?: StageKind;
}

/** A section of duct with what lies on either side of the port, and the probe's tip pointing into the flow. */
export function PortPicture({ port, before, after }: PortPictureProps) {
  const palette = usePalette();
  const color = port.side === 'return' ? palette.suction : palette.supply;
  return (
    <Svg width={104} height={72} viewBox="0 0 104 72" aria-hidden>
      <Rect x={2} y={16} width={100} height={40} fill="none" stroke={palette.ink} strokeWidth={2} />
      <Stage kind={before} x={24} ink={palette.ink} soft={palette.softInk} />
      <Stage kind={after} x={80} ink={palette.ink} soft={palette.softInk} />
      <Path d="M52 2 V34 H43" stroke={color} strokeWidth={3} fill="none" />
      <Circle cx={52} cy={16} r={6} fill={palette.sheet} stroke={color} strokeWidth={2.5} />
      <G stroke={palette.softInk} strokeWidth={1.5}>
        <Line x1={10} x2={34} y1={65} y2={65} />
        <Path d="M28 60 L34 65 L28 70" fill="none" />
      </G>
    </Svg>
  );
}

function Stage({
  kind,
  x,
  ink,
  soft,
}: {
  readonly kind?: StageKind;
  readonly x: number;
  readonly ink: string;
  readonly soft: string;
}) {
  if (kind === 'filter') {
    return (
      <Path
        d={`M${x - 4} 17 L${x + 4} 23 L${x - 4} 29 L${x + 4} 35 L${x - 4} 41 L${x + 4} 47 L${x - 4} 55`}
        stroke={ink}
        strokeWidth={2}
        fill="none"
      />
    );
  }
  if (kind === 'coil') {
    return (
      <G stroke={soft} strokeWidth={2}>
        {[-6, 0, 6].map((d) => (
          <Line key={d} x1={x + d - 5} y1={18} x2={x + d + 5} y2={54} />
        ))}
      </G>
    );
  }
  if (kind === 'blower') return <Circle cx={x} cy={36} r={13} stroke={ink} strokeWidth={2} fill="none" />;
  if (kind === 'heat') {
    return (
      <Path
        d={`M${x - 8} 24 H${x + 8} M${x - 8} 32 H${x + 8} M${x - 8} 40 H${x + 8} M${x - 8} 48 H${x + 8}`}
        stroke={soft}
        strokeWidth={2}
      />
    );
  }
  return null;
}
