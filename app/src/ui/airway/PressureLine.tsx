import { ended, staticWords, type PortId } from '@huff/core';
import { pressureLine, type AirwayPlan } from '@huff/paper/airway';
import { ON_SCREEN } from '@huff/paper/shapes';
import { useMemo, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Shapes } from '../shapes';

interface PressureLineProps {
  readonly plan: AirwayPlan;
  /** Pressures of before, drawn dashed behind. */
  readonly ghost?: ReadonlyMap<PortId, number>;
  readonly width: number;
  readonly rowHeight: number;
  readonly top: number;
  /** The port to read next. */
  readonly next?: PortId;
  readonly portName: (port: PortId) => string;
  readonly onPort?: (port: PortId) => void;
  readonly beside?: (port: PortId) => ReactNode;
}

const TOUCH = 52;
/** px from the middle of a port to what is drawn beside it. */
const BESIDE = 22;

/** The pressure line of the air path; its ports are touched to read them. */
export function PressureLine({
  plan,
  ghost,
  width,
  rowHeight,
  top,
  next,
  portName,
  onPort,
  beside,
}: PressureLineProps) {
  const { shapes, height, ports } = useMemo(
    () => pressureLine({ plan, ghost, width, rowHeight, top, next, style: ON_SCREEN }),
    [plan, ghost, width, rowHeight, top, next],
  );
  return (
    <View style={{ width, height }}>
      <Shapes shapes={shapes} width={width} height={height} />
      {onPort &&
        ports.map(({ port, pressureInWc, x, y }) => {
          const value = pressureInWc === undefined ? 'not read' : staticWords(pressureInWc);
          return (
            <Pressable
              key={port}
              role="button"
              aria-label={`${ended(`Port ${port}, ${portName(port)}: ${value}`)} Read it`}
              onPress={() => onPort(port)}
              style={{
                position: 'absolute',
                left: x - TOUCH / 2,
                top: y - TOUCH / 2,
                width: TOUCH,
                height: TOUCH,
                borderRadius: TOUCH / 2,
              }}
            />
          );
        })}
      {beside &&
        ports.map(({ port, x, y }) => (
          <View
            key={port}
            style={{
              position: 'absolute',
              top: y - 11,
              height: 22,
              pointerEvents: 'none',
              // On the side where the port’s name is not.
              ...(port.startsWith('R')
                ? { right: width - x + BESIDE, alignItems: 'flex-end' }
                : { left: x + BESIDE, alignItems: 'flex-start' }),
            }}
          >
            {beside(port)}
          </View>
        ))}
    </View>
  );
}
