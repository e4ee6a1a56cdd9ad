import { Pressable, View } from 'react-native';
import { Icon, type IconName } from '../icons';
import { Txt } from '../text';
import { usePalette } from '../theme';
import { spokenStep, STATE_TEXT, type Station, type StationState } from './station';

const MARKS: Readonly<Record<StationState, IconName | undefined>> = {
  done: 'check',
  started: 'minus',
  empty: undefined,
};

interface StepListProps {
  readonly stations: readonly Station[];
  /** The step that is open. */
  readonly here?: string;
  readonly onGo: (id: string) => void;
}

/** Every step of a visit with its result in a line: where the page is wide nothing is hidden. */
export function StepList({ stations, here, onGo }: StepListProps) {
  const palette = usePalette();
  const others = stations.findIndex(({ isAside }) => isAside);
  return (
    <View role="group" aria-label="Steps" style={{ paddingBottom: 24 }}>
      {stations.map((station, i) => {
        const mark = MARKS[station.state];
        return (
          <View key={station.id}>
            {i === others && (
              <Txt size={14} color="softInk" style={{ paddingHorizontal: 16, paddingTop: 18, paddingBottom: 6 }}>
                Other steps
              </Txt>
            )}
            <Pressable
              role="button"
              aria-label={spokenStep(station)}
              aria-current={station.id === here ? 'step' : undefined}
              onPress={() => onGo(station.id)}
              style={{
                minHeight: 52,
                paddingVertical: 8,
                paddingLeft: 12,
                paddingRight: 10,
                flexDirection: 'row',
                gap: 8,
                borderTopWidth: 1,
                borderColor: palette.line,
                borderLeftWidth: 3,
                borderLeftColor: station.id === here ? palette.action : 'transparent',
                backgroundColor: station.id === here ? palette.sheet : undefined,
              }}
            >
              <View style={{ width: 20, paddingTop: 2 }} aria-hidden>
                {mark && <Icon name={mark} size={18} />}
              </View>
              <View style={{ flex: 1 }}>
                <Txt bold={station.state !== 'empty' || station.id === here}>{station.name}</Txt>
                <Txt size={14} color="softInk" numberOfLines={2}>
                  {station.says ?? station.lacks ?? STATE_TEXT[station.state]}
                </Txt>
              </View>
            </Pressable>
          </View>
        );
      })}
    </View>
  );
}
