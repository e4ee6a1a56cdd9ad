import { Pressable, View } from 'react-native';
import { Switch } from 'react-native-paper';
import { Txt } from '../../ui/text';

interface SpeedFirstProps {
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

const WORDS = 'Also plan more speed before the restriction is cleared';

/** Lets the plans raise the speed on a choked path: never unless asked. */
export function SpeedFirst({ on, onChange }: SpeedFirstProps) {
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
          Off is the rule: speed on a choked path costs static, watts and motors.
        </Txt>
      </View>
      {/* Only drawn: the whole row is touched. */}
      <View aria-hidden pointerEvents="none">
        <Switch value={on} focusable={false} style={{ height: 28, width: 56 }} />
      </View>
    </Pressable>
  );
}
