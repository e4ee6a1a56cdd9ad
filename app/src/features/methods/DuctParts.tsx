import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { usePalette } from '../../ui/theme';
import type { Part } from './pictures';

interface DuctPartProps {
  readonly part: Part;
  readonly x: number;
  /** Inner walls of the duct, px. */
  readonly top: number;
  readonly bottom: number;
}

const BLADES = 12;

/** What the air passes, as it looks from the side. */
export function DuctPart({ part, x, top, bottom }: DuctPartProps) {
  const { ink, action, suction, softInk, sheet } = usePalette();
  const middle = (top + bottom) / 2;
  const half = (bottom - top) / 2;
  if (part === 'wheel' || part === 'motor') {
    const r = Math.min(38, half - 8);
    return (
      <G>
        <Circle cx={x} cy={middle} r={r} fill={sheet} stroke={ink} strokeWidth={2.5} />
        {Array.from({ length: BLADES }, (_, i) => {
          const a = (2 * Math.PI * i) / BLADES;
          const at = (radius: number, turn: number) =>
            `${x + radius * Math.cos(a + turn)} ${middle + radius * Math.sin(a + turn)}`;
          return (
            <Path
              key={i}
              d={`M${at(r * 0.55, 0.25)} Q${at(r * 0.8, 0.1)} ${at(r * 0.94, 0)}`}
              fill="none"
              stroke={ink}
              strokeWidth={1.5}
            />
          );
        })}
        {part === 'motor' && <Rect x={x - 9} y={middle - 9} width={18} height={18} fill={ink} />}
      </G>
    );
  }
  if (part === 'elements' || part === 'burner') {
    const step = (bottom - top - 24) / 6;
    const wave = (cx: number) => {
      let d = `M${cx} ${top + 12}`;
      for (let i = 0; i < 6; i += 1) d += ` q${i % 2 === 0 ? 12 : -12} ${step / 2} 0 ${step}`;
      return d;
    };
    return (
      <G>
        {[-18, 0, 18].map((dx) => (
          <Path key={dx} d={wave(x + dx)} fill="none" stroke={action} strokeWidth={2.5} />
        ))}
        {part === 'burner' && <Path d={`M${x - 26} ${bottom - 6} h52`} stroke={ink} strokeWidth={3} />}
      </G>
    );
  }
  if (part === 'coil')
    return (
      <G stroke={suction} strokeWidth={2.2}>
        {[-21, -7, 7, 21].map((dx) => (
          <Line key={dx} x1={x + dx - 10} x2={x + dx + 10} y1={top + 8} y2={bottom - 8} />
        ))}
      </G>
    );
  if (part === 'plate')
    return (
      <G>
        <Line x1={x} x2={x} y1={top} y2={bottom} stroke={ink} strokeWidth={5} />
        {[0.2, 0.4, 0.6, 0.8].map((share) => (
          <Circle
            key={share}
            cx={x}
            cy={top + share * (bottom - top)}
            r={4.5}
            fill={sheet}
            stroke={ink}
            strokeWidth={1.5}
          />
        ))}
      </G>
    );
  return (
    <G stroke={softInk} strokeWidth={2}>
      {[-96, -32, 32, 96].map((dx) => (
        <G key={dx}>
          <Rect x={x + dx - 20} y={bottom - 5} width={40} height={10} fill={sheet} stroke={ink} />
          <Path d={`M${x + dx} ${bottom + 8} v12 m-4 -4 l4 4 l4 -4`} fill="none" />
        </G>
      ))}
    </G>
  );
}
