import { crossingShapes } from '@huff/paper/crossing';
import { ON_SCREEN } from '@huff/paper/shapes';
import { memo, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Shapes } from '../shapes';
import type { CrossingProps } from './crossingProps';
import { crossingSentence } from './crossingSentence';

/** The Crossing: CFM across, static up; the fan's curves, the system curve, where they meet, the band and the limit. */
export const Crossing = memo(function Crossing(props: CrossingProps) {
  const { now, then, target, maxTesp, sigma, proven, height = 300 } = props;
  const [width, setWidth] = useState(0);
  const shapes = useMemo(
    () =>
      width > 0
        ? crossingShapes(
            { now, then, target, maxTesp, sigma, proven },
            { left: 40, right: Math.max(width - 14, 60), top: 30, bottom: height - 44 },
            ON_SCREEN,
          )
        : undefined,
    [now, then, target, maxTesp, sigma, proven, width, height],
  );
  return (
    <View
      role="img"
      aria-label={crossingSentence(props)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {shapes && <Shapes shapes={shapes} width={width} height={height} />}
    </View>
  );
});
