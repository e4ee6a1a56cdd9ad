import { Circle, G, Path } from 'react-native-svg';

/** A forward-curved blower wheel seen from the side. */
export function BlowerWheel({
  cx,
  cy,
  r,
  color,
}: {
  readonly cx: number;
  readonly cy: number;
  readonly r: number;
  readonly color: string;
}) {
  const blades = Array.from({ length: 12 }, (_, i) => (i * 360) / 12);
  return (
    <G>
      <Circle cx={cx} cy={cy} r={r} fill="none" stroke={color} strokeWidth={1.5} />
      <Circle cx={cx} cy={cy} r={r * 0.28} fill={color} />
      {blades.map((angle) => (
        <Path
          key={angle}
          d={`M${cx} ${cy - r * 0.48} q ${r * 0.26} ${-r * 0.12} ${r * 0.18} ${-r * 0.4}`}
          stroke={color}
          strokeWidth={1.5}
          fill="none"
          transform={`rotate(${angle} ${cx} ${cy})`}
        />
      ))}
    </G>
  );
}
