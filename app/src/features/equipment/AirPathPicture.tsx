import type { LayoutId } from '@huff/core';
import { Fragment } from 'react';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { usePalette } from '../../ui/theme';

type Part = 'filter' | 'blower' | 'heat' | 'coil' | 'hood';

/** What the air passes inside, from the top down. */
const PARTS: Readonly<Record<LayoutId, readonly Part[]>> = {
  airHandler: ['filter', 'coil', 'blower', 'heat'],
  furnaceCasedCoil: ['filter', 'blower', 'heat', 'coil'],
  packaged: ['filter', 'coil', 'blower', 'heat'],
  makeUpAir: ['hood', 'filter', 'heat', 'blower'],
};

const WIDTH = 56;
const STEP = 17;
const TOP = 10;

/** An air path as a technician would draw it on the cabinet's door. */
export function AirPathPicture({ layout }: { readonly layout: LayoutId }) {
  const { ink, suction, action, softInk } = usePalette();
  const middle = WIDTH / 2;
  const [left, right] = [middle - 16, middle + 16];
  const draw = (part: Part, y: number) => {
    if (part === 'filter')
      return [0, 1, 2, 3, 4].map((i) => (
        <Line
          key={i}
          x1={left + 3 + i * 6.5}
          x2={left + 3 + i * 6.5}
          y1={y - 5}
          y2={y + 5}
          stroke={ink}
          strokeWidth={1.8}
        />
      ));
    if (part === 'blower')
      return (
        <>
          <Circle cx={middle} cy={y} r={7} fill="none" stroke={ink} strokeWidth={2} />
          <Circle cx={middle} cy={y} r={2.4} fill={ink} />
        </>
      );
    if (part === 'hood')
      return <Path d={`M${left} ${y + 5} L${right} ${y - 5} M${left} ${y - 4} h6`} stroke={ink} strokeWidth={2} />;
    if (part === 'coil')
      return (
        <Path
          d={`M${left} ${y + 4} L${left + 5} ${y - 5} L${left + 11} ${y + 4} L${left + 16} ${y - 5} L${left + 21} ${y + 4} L${left + 27} ${y - 5} L${right} ${y + 4}`}
          fill="none"
          stroke={suction}
          strokeWidth={2.2}
        />
      );
    return <Path d={`M${left} ${y} q4 -7 8 0 t8 0 t8 0 t8 0`} fill="none" stroke={action} strokeWidth={2.2} />;
  };
  const end = TOP + PARTS[layout].length * STEP;
  return (
    <Svg width={WIDTH} height={end + 8} aria-hidden>
      {PARTS[layout].map((part, i) => (
        <Fragment key={part}>{draw(part, TOP + i * STEP)}</Fragment>
      ))}
      <Path d={`M${middle} ${end - 7} v10 m-4 -4 l4 4 l4 -4`} fill="none" stroke={softInk} strokeWidth={1.5} />
    </Svg>
  );
}
