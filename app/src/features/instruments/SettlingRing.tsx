import Svg, { Circle } from 'react-native-svg';
import type { LiveProbe } from '../../data/bridge/bridgeStore';
import { usePalette } from '../../ui/theme';

/** A ring that fills while a value settles: full and filled when steady, dashed when the probe is quiet. */
export function SettlingRing({ probe, size }: { readonly probe: LiveProbe; readonly size: number }) {
  const palette = usePalette();
  const radius = size / 2 - 2;
  const round = 2 * Math.PI * radius;
  const isSteady = !probe.isQuiet && probe.state.kind === 'steady';
  const share = probe.isQuiet ? 0 : probe.state.share;
  return (
    <Svg width={size} height={size} aria-hidden>
      <Circle
        cx={size / 2}
        cy={size / 2}
        r={radius}
        fill={isSteady ? palette.ink : 'none'}
        stroke={palette.line}
        strokeWidth={3}
        strokeDasharray={probe.isQuiet ? '3 3' : undefined}
      />
      {!isSteady && share > 0 && (
        <Circle
          cx={size / 2}
          cy={size / 2}
          r={radius}
          fill="none"
          stroke={palette.action}
          strokeWidth={3}
          strokeDasharray={`${share * round} ${round}`}
          transform={`rotate(-90 ${size / 2} ${size / 2})`}
        />
      )}
    </Svg>
  );
}
