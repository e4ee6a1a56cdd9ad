import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { CrossingDrawing } from './CrossingDrawing';
import type { CrossingProps } from './crossingProps';
import { crossingSentence } from './crossingSentence';

/** The Crossing: CFM across, static up; the fan's curves, the system curve, where they meet, the band and the limit. */
export const Crossing = memo(function Crossing(props: CrossingProps) {
  const { height = 300 } = props;
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={crossingSentence(props)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && (
        <Svg width={width} height={height} aria-hidden>
          <CrossingDrawing
            {...props}
            box={{ left: 40, right: Math.max(width - 14, 60), top: 30, bottom: height - 44 }}
          />
        </Svg>
      )}
    </View>
  );
});
