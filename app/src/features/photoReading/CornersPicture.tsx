import type { Corners, Point } from '@huff/core/photo';
import { useRef } from 'react';
import { Image, View } from 'react-native';
import Svg, { Polygon } from 'react-native-svg';
import { usePalette } from '../../ui/theme';

interface CornersPictureProps {
  readonly uri: string;
  /** Size of the photo that the corners are of, px. */
  readonly photo: { readonly width: number; readonly height: number };
  readonly corners: Corners;
  readonly width: number;
  readonly mostHeight: number;
  readonly onCorners: (corners: Corners) => void;
}

const NAMES = ['Top left corner', 'Top right corner', 'Bottom right corner', 'Bottom left corner'] as const;
/** A corner is taken hold of within this, px. */
const TOUCH = 48;
const DOT = 22;
/** An arrow key moves a corner by this share of the photo. */
const STEP = 0.01;
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The photo with the four corners of what is read: each can be pulled, or moved by the arrow keys. */
export function CornersPicture({ uri, photo, corners, width: most, mostHeight, onCorners }: CornersPictureProps) {
  const palette = usePalette();
  const scale = Math.min(most / photo.width, mostHeight / photo.height);
  const [width, height] = [photo.width * scale, photo.height * scale];
  const held = useRef<number>(undefined);
  const root = useRef<View>(null);
  const within = ({ x, y }: Point): Point => ({
    x: Math.min(Math.max(x, 0), photo.width - 1),
    y: Math.min(Math.max(y, 0), photo.height - 1),
  });
  const move = (i: number, to: Point) =>
    onCorners(corners.map((corner, k) => (k === i ? within(to) : corner)) as unknown as Corners);
  return (
    <View
      ref={root}
      style={{ width, height, alignSelf: 'center', touchAction: 'none' } as object}
      onPointerMove={({ nativeEvent }) => {
        const i = held.current;
        const box = (root.current as unknown as HTMLElement | null)?.getBoundingClientRect();
        if (i === undefined || !box) return;
        const { clientX, clientY } = nativeEvent as unknown as MouseEvent;
        move(i, { x: (clientX - box.left) / scale, y: (clientY - box.top) / scale });
      }}
      onPointerUp={() => {
        held.current = undefined;
      }}
      onPointerLeave={() => {
        held.current = undefined;
      }}
    >
      <Image
        source={{ uri }}
        accessibilityLabel="Photo"
        style={{ position: 'absolute', width, height, borderRadius: 6 }}
        resizeMode="stretch"
      />
      <Svg width={width} height={height} style={{ position: 'absolute' }} aria-hidden pointerEvents="none">
        <Polygon
          points={corners.map(({ x, y }) => `${x * scale},${y * scale}`).join(' ')}
          fill="none"
          stroke={palette.action}
          strokeWidth={2.5}
        />
      </Svg>
      {corners.map(({ x, y }, i) => (
        <View
          key={NAMES[i]}
          role="slider"
          tabIndex={0}
          aria-label={NAMES[i]}
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuenow={Math.round((100 * x) / photo.width)}
          aria-valuetext={`${Math.round((100 * x) / photo.width)} % across, ${Math.round((100 * y) / photo.height)} % down`}
          onPointerDown={() => {
            held.current = i;
          }}
          {...({
            onKeyDown: (event: KeyboardEvent) => {
              const arrow = ARROWS[event.key];
              if (!arrow) return;
              event.preventDefault();
              move(i, { x: x + arrow[0] * STEP * photo.width, y: y + arrow[1] * STEP * photo.height });
            },
          } as object)}
          style={{
            position: 'absolute',
            left: x * scale - TOUCH / 2,
            top: y * scale - TOUCH / 2,
            width: TOUCH,
            height: TOUCH,
            alignItems: 'center',
            justifyContent: 'center',
          }}
        >
          <View
            style={{
              width: DOT,
              height: DOT,
              borderRadius: DOT / 2,
              borderWidth: 3,
              borderColor: palette.action,
              backgroundColor: palette.paper,
            }}
          />
        </View>
      ))}
    </View>
  );
}
