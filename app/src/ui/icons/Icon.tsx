import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../theme';
import { ICON_PATHS } from './paths';

export type IconName = keyof typeof ICON_PATHS;

/** A Material Design icon, drawn from its path. Decoration: what it stands beside carries the words. */
export function Icon({
  name,
  color,
  size = 24,
}: {
  readonly name: IconName;
  readonly color?: string;
  readonly size?: number;
}) {
  const { ink } = usePalette();
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={ICON_PATHS[name]} fill={color ?? ink} />
    </Svg>
  );
}
