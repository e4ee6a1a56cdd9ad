import type { Layout, PortId, StageKind } from '@huff/core';
import { memo, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text } from 'react-native-svg';
import { BOLD, DRAWN_TEXT, REGULAR, usePalette } from '../theme';
import { cabinetGeometry, type Box } from './cabinetGeometry';
import { StagePicture } from './StagePicture';

/** What of a cabinet can be opened or gone to. */
export type CabinetPart = 'filterDoor' | 'coilPanel' | 'blowerDoor' | 'ducts' | 'outdoorUnit' | 'disconnect';

interface CabinetDrawingProps {
  readonly layout: Layout;
  readonly width: number;
  readonly open: ReadonlySet<string>;
  readonly isFilterIn: boolean;
  readonly runs: boolean;
  readonly power: 'on' | 'off' | 'locked out';
  readonly hasOutdoorUnit: boolean;
  /** The port that the hose is on. */
  readonly hosePort?: PortId;
  /** What the manometer shows there; it lives by itself, so that the drawing need not. */
  readonly readout?: ReactNode;
  /** Ports that were written down. */
  readonly read: ReadonlySet<PortId>;
  readonly onPort: (port: PortId) => void;
  readonly onPart: (part: CabinetPart) => void;
}

const NAMES: Readonly<Record<StageKind, string>> = {
  hood: 'hood',
  returnDuct: 'return drop',
  filter: 'filter',
  coil: 'coil',
  blower: 'blower',
  heat: 'heat',
  supplyDuct: 'supply plenum',
};
const PART_OF: Readonly<Partial<Record<StageKind, CabinetPart>>> = { coil: 'coilPanel', blower: 'blowerDoor' };
/** A touch target is no smaller than this, px. */
const TOUCH = 48;

/** A touch target over a box of the drawing. */
const over = ({ x, y, width, height }: Box) => ({ position: 'absolute' as const, left: x, top: y, width, height });
const around = (x: number, y: number): Box => ({ x: x - TOUCH / 2, y: y - TOUCH / 2, width: TOUCH, height: TOUCH });

/** The unit with its panels, test ports, filter, blower and disconnect: each can be touched. */
export const CabinetDrawing = memo(function CabinetDrawing(props: CabinetDrawingProps) {
  const { layout, width, open, isFilterIn, runs, power, hasOutdoorUnit, hosePort, readout, read, onPort, onPart } =
    props;
  const palette = usePalette();
  const at = cabinetGeometry(layout, width);
  const { returnDuct, connector, filter, cabinet, plenum, disconnect, outdoor } = at;
  const label = (text: string, x: number, y: number, isBold = false) => (
    <Text x={x} y={y} fontSize={DRAWN_TEXT} textAnchor="middle" fill={palette.ink} fontFamily={isBold ? BOLD : REGULAR}>
      {text}
    </Text>
  );
  const isOff = (part: CabinetPart | undefined) => part !== undefined && open.has(part);
  const from = at.ports.find(({ id }) => id === hosePort);
  return (
    <View style={{ width, height: at.height }}>
      <Svg width={width} height={at.height} aria-hidden>
        {[returnDuct, connector].map((box, i) => (
          <Rect key={i} {...box} fill={palette.sheet} stroke={palette.ink} strokeWidth={1.8} />
        ))}
        <Rect {...plenum} fill="none" stroke={palette.ink} strokeWidth={1.8} strokeDasharray="6 5" />
        <Rect {...cabinet} fill={palette.sheet} stroke={palette.ink} strokeWidth={2.2} />
        {label(NAMES[layout.stages[0]!.kind], returnDuct.x + returnDuct.width / 2, returnDuct.y - 8)}
        {label('plenum', plenum.x + plenum.width / 2 + 12, plenum.y + 25)}
        {at.inside.map(({ kind, box }, i) => (
          <G key={kind}>
            {i > 0 && (
              <Line
                x1={box.x}
                x2={box.x + box.width}
                y1={box.y + box.height}
                y2={box.y + box.height}
                stroke={palette.line}
                strokeWidth={1.4}
              />
            )}
            {isOff(PART_OF[kind]) && (
              <Rect
                x={box.x + 3}
                y={box.y + 3}
                width={box.width - 6}
                height={box.height - 6}
                fill={palette.edge}
                stroke={palette.action}
                strokeWidth={2}
                strokeDasharray="7 4"
              />
            )}
            <StagePicture kind={kind} box={box} isStill={!runs} />
            {label(
              kind === 'blower' ? `blower, ${runs ? 'running' : 'still'}` : NAMES[kind],
              box.x + box.width / 2,
              box.y + 17,
            )}
          </G>
        ))}
        {isFilterIn ? (
          <G>
            <Rect {...filter} fill={palette.edge} stroke={palette.ink} strokeWidth={1.8} />
            {[0.2, 0.4, 0.6, 0.8].map((share) => (
              <Line
                key={share}
                x1={filter.x}
                x2={filter.x + filter.width}
                y1={filter.y + filter.height * share - 6}
                y2={filter.y + filter.height * share + 6}
                stroke={palette.ink}
                strokeWidth={1.2}
              />
            ))}
          </G>
        ) : (
          <Rect {...filter} fill="none" stroke={palette.action} strokeWidth={2} strokeDasharray="5 4" />
        )}
        {label(isFilterIn ? 'filter' : 'filter out', filter.x + filter.width / 2, filter.y - 9, isOff('filterDoor'))}
        {hasOutdoorUnit && (
          <G>
            <Rect {...outdoor} rx={4} fill={palette.sheet} stroke={palette.ink} strokeWidth={1.8} />
            {label('outdoor', outdoor.x + outdoor.width / 2, outdoor.y + 21)}
            {label('unit', outdoor.x + outdoor.width / 2, outdoor.y + 38)}
          </G>
        )}
        <Rect {...disconnect} rx={6} fill={palette.sheet} stroke={palette.ink} strokeWidth={2.2} />
        <Line
          x1={disconnect.x + disconnect.width / 2}
          x2={disconnect.x + disconnect.width / 2 + (power === 'on' ? 0 : 10)}
          y1={disconnect.y + 12}
          y2={disconnect.y + 34}
          stroke={palette.action}
          strokeWidth={5}
        />
        {label(power === 'locked out' ? 'lock' : power, disconnect.x + disconnect.width / 2, disconnect.y + 56, true)}
        {from && (
          <Path
            d={`M ${from.x} ${from.y} C ${from.x} ${from.y + 60}, ${width * 0.42} ${at.height - 70}, ${width * 0.44} ${at.height - 46}`}
            fill="none"
            stroke={palette.action}
            strokeWidth={3}
          />
        )}
        {at.ports.map(({ id, side, x, y }) => {
          const isOn = hosePort === id;
          const color = isOn ? palette.action : side === 'return' ? palette.suction : palette.supply;
          return (
            <G key={id}>
              <Circle
                cx={x}
                cy={y}
                r={17}
                fill={palette.paper}
                stroke={color}
                strokeWidth={isOn ? 4 : 2.6}
                strokeDasharray={isOn || read.has(id) ? undefined : '4 3'}
              />
              {label(id, x, y + 5, true)}
            </G>
          );
        })}
      </Svg>
      {hosePort && readout}
      {at.inside.map(({ kind, box }) => {
        const part = PART_OF[kind];
        return (
          part && (
            <Pressable
              key={kind}
              role="button"
              aria-label={`${part === 'coilPanel' ? 'Coil panel' : 'Blower door'}, ${isOff(part) ? 'off' : 'on'}`}
              onPress={() => onPart(part)}
              style={over(box)}
            />
          )
        );
      })}
      <Pressable
        role="button"
        aria-label="Ducts and registers"
        onPress={() => onPart('ducts')}
        style={over({ ...returnDuct, height: connector.y - returnDuct.y })}
      />
      <Pressable
        role="button"
        aria-label={`Filter door, ${isOff('filterDoor') ? 'off' : 'on'}`}
        onPress={() => onPart('filterDoor')}
        style={over({ ...around(filter.x + filter.width / 2, filter.y - 4), width: TOUCH })}
      />
      {hasOutdoorUnit && (
        <Pressable
          role="button"
          aria-label="Outdoor unit"
          onPress={() => onPart('outdoorUnit')}
          style={over(outdoor)}
        />
      )}
      <Pressable
        role="button"
        aria-label={`Disconnect, ${power}`}
        onPress={() => onPart('disconnect')}
        style={over(disconnect)}
      />
      {at.ports.map(({ id, x, y }) => (
        <Pressable
          key={id}
          role="button"
          aria-label={`Port ${id}${hosePort === id ? ', hose here' : read.has(id) ? ', recorded' : ''}`}
          onPress={() => onPort(id)}
          style={over(around(x, y))}
        />
      ))}
    </View>
  );
});
