import type { StageKind } from '@huff/core';
import { Circle, G, Path } from 'react-native-svg';
import { usePalette } from '../theme';
import type { Box } from './cabinetGeometry';

const VANES = 14;

/** What is inside a stage: a coil as waves, a wheel with its vanes, a heater as flames. */
export function StagePicture({
  kind,
  box,
  isStill,
}: {
  readonly kind: StageKind;
  readonly box: Box;
  readonly isStill: boolean;
}) {
  const palette = usePalette();
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 + 6 };
  if (kind === 'blower') {
    const radius = Math.min(box.height / 2 - 16, 36);
    return (
      <G>
        <Circle cx={middle.x} cy={middle.y} r={radius} fill="none" stroke={palette.ink} strokeWidth={1.8} />
        {Array.from({ length: VANES }, (_, i) => {
          const angle = (2 * Math.PI * i) / VANES;
          const at = (share: number, turn: number) =>
            `${(middle.x + radius * share * Math.cos(angle + turn)).toFixed(1)} ${(middle.y + radius * share * Math.sin(angle + turn)).toFixed(1)}`;
          return (
            <Path
              key={i}
              d={`M ${at(0.55, 0)} Q ${at(0.78, 0.05)} ${at(0.95, 0.38)}`}
              fill="none"
              stroke={isStill ? palette.softInk : palette.ink}
              strokeWidth={1.6}
            />
          );
        })}
      </G>
    );
  }
  const rows = kind === 'coil' ? 3 : 2;
  const step = kind === 'coil' ? 11 : 13;
  const half = box.width * 0.36;
  return (
    <G>
      {Array.from({ length: rows }, (_, row) => {
        const y = middle.y + (row - (rows - 1) / 2) * step;
        const from = middle.x - half;
        const wave = half / 2;
        const bend = kind === 'coil' ? 9 : 16;
        return (
          <Path
            key={row}
            d={`M ${from} ${y} q ${wave / 2} ${-bend} ${wave} 0 t ${wave} 0 t ${wave} 0 t ${wave} 0`}
            fill="none"
            stroke={kind === 'coil' ? palette.suction : palette.action}
            strokeWidth={1.8}
          />
        );
      })}
    </G>
  );
}
