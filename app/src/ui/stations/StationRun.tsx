import { useEffect, useRef } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import Svg, { G, Line, Rect } from 'react-native-svg';
import { Txt } from '../text';
import { usePalette } from '../theme';
import { AllSteps } from './AllSteps';
import { spokenStep, type Station, type StationState } from './station';

const DUCT_TOP = 6;
const DUCT_HEIGHT = 12;
const LOUVRE = 56;

/** A louvre in the duct: closed lines when done, half of them when begun, an empty opening before. */
function Louvre({
  width,
  state,
  color,
}: {
  readonly width: number;
  readonly state: StationState;
  readonly color: string;
}) {
  const slats = Math.floor(width / 9);
  const shown = state === 'done' ? slats : state === 'started' ? Math.ceil(slats / 2) : 0;
  return (
    <G>
      <Rect
        x={0.75}
        y={DUCT_TOP}
        width={width - 1.5}
        height={DUCT_HEIGHT}
        fill="none"
        stroke={color}
        strokeWidth={1.5}
      />
      {Array.from({ length: shown }, (_, i) => (
        <Line
          key={i}
          x1={5 + i * 9}
          y1={DUCT_TOP + DUCT_HEIGHT - 2}
          x2={10 + i * 9}
          y2={DUCT_TOP + 2}
          stroke={color}
          strokeWidth={3}
        />
      ))}
    </G>
  );
}

/** The stations of a visit as openings in a duct: each shows how far it is, and leads to its part of the page. */
export function StationRun({
  stations,
  here,
  onGo,
}: {
  readonly stations: readonly Station[];
  /** The station that is open. */
  readonly here?: string;
  readonly onGo: (id: string) => void;
}) {
  const palette = usePalette();
  const run = useRef<View>(null);
  // The open station is in sight, however far along the run it lies.
  useEffect(() => {
    (run.current as unknown as HTMLElement | null)
      ?.querySelector?.('[aria-current=step]')
      ?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [here]);
  return (
    <View style={{ flexDirection: 'row', alignItems: 'stretch' }}>
      <AllSteps stations={stations} here={here} onGo={onGo} />
      <ScrollView
        horizontal
        showsHorizontalScrollIndicator={false}
        style={{ flexGrow: 1, flexShrink: 1 }}
        contentContainerStyle={{ flexGrow: 1 }}
      >
        <View
          ref={run}
          role="group"
          aria-label="Steps"
          style={{ flexDirection: 'row', flexGrow: 1, paddingHorizontal: 10 }}
        >
          {/* the duct runs behind all openings */}
          <View
            style={{
              position: 'absolute',
              left: 0,
              right: 0,
              bottom: 8,
              height: DUCT_HEIGHT + 4,
              borderTopWidth: 1,
              borderBottomWidth: 1,
              borderColor: palette.line,
            }}
          />
          {stations.map((station, i) => {
            const { id, name, state, isAside } = station;
            return (
              <Pressable
                key={id}
                role="button"
                aria-label={spokenStep(station)}
                aria-current={id === here ? 'step' : undefined}
                onPress={() => onGo(id)}
                style={{
                  flex: 1,
                  minHeight: 48,
                  justifyContent: 'flex-end',
                  alignItems: 'center',
                  // Names of two words and long ones stand whole, on one line.
                  minWidth: Math.max(60, 18 + 8.2 * name.length),
                  paddingHorizontal: 7,
                  // What is not in the run stands apart.
                  marginLeft: isAside && !stations[i - 1]?.isAside ? 22 : 0,
                }}
              >
                <Txt size={15} bold={id === here} color={id === here ? 'ink' : 'softInk'} numberOfLines={1}>
                  {name}
                </Txt>
                <View style={{ backgroundColor: palette.paper, height: 24 }}>
                  <Svg width={LOUVRE} height={24} aria-hidden>
                    <Louvre
                      width={LOUVRE}
                      state={state}
                      color={id === here ? palette.ink : state === 'empty' ? palette.line : palette.softInk}
                    />
                  </Svg>
                </View>
              </Pressable>
            );
          })}
        </View>
      </ScrollView>
    </View>
  );
}
