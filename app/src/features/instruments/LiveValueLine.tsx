import { toolText } from '@huff/core';
import { CHANNELS } from '@huff/core/instruments';
import { View } from 'react-native';
import type { LiveProbe } from '../../data/bridge/bridgeStore';
import { Txt } from '../../ui/text';
import { SettlingRing } from './SettlingRing';

/** The state of a probe, in a word. */
function stateWord({ isQuiet, state }: Pick<LiveProbe, 'isQuiet' | 'state'>): string {
  if (isQuiet) return 'quiet';
  return { waiting: 'reading', settling: 'still moving', steady: 'steady' }[state.kind];
}

/** A live value with its ring: it fills while the value is watched, and closes when it has come to rest. */
export function LiveValueLine({ probe, size = 20 }: { readonly probe: LiveProbe; readonly size?: number }) {
  const word = stateWord(probe);
  const text = toolText(probe.state.kind === 'steady' ? probe.state.mean : probe.value, CHANNELS[probe.channel].unit);
  return (
    <View
      role="img"
      aria-label={`${probe.id}: ${text}, ${word}`}
      style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}
    >
      <SettlingRing probe={probe} size={size} />
      <Txt size={size} bold figures color={probe.isQuiet ? 'softInk' : 'ink'}>
        {text}
      </Txt>
      <Txt size={14} color="softInk">
        {word}
      </Txt>
    </View>
  );
}
