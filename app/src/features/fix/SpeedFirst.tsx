import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface SpeedFirstProps {
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

const WORDS = 'Allow more speed before the restriction is cleared';
const TRACK = { width: 56, height: 28 } as const;
const KNOB = 20;

/** Lets the plans raise the speed on a choked path: never unless asked. The whole row is touched. */
export function SpeedFirst({ on, onChange }: SpeedFirstProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="switch"
      aria-label={WORDS}
      aria-checked={on}
      onPress={() => onChange(!on)}
      style={{ minHeight: 52, flexDirection: 'row', alignItems: 'center', gap: 12 }}
    >
      <View style={{ flex: 1 }}>
        <Txt size={15}>{WORDS}</Txt>
        <Txt size={14} color="softInk">
          Normally off: more speed on a restricted system costs static, watts and motors.
        </Txt>
      </View>
      <Txt size={14} bold={on}>
        {on ? 'on' : 'off'}
      </Txt>
      <View
        style={{
          ...TRACK,
          borderRadius: TRACK.height / 2,
          borderWidth: 2,
          borderColor: palette.ink,
          backgroundColor: on ? palette.ink : 'transparent',
          justifyContent: 'center',
          alignItems: on ? 'flex-end' : 'flex-start',
          paddingHorizontal: 2,
        }}
      >
        <View
          style={{
            width: KNOB,
            height: KNOB,
            borderRadius: KNOB / 2,
            backgroundColor: on ? palette.paper : palette.ink,
          }}
        />
      </View>
    </Pressable>
  );
}
