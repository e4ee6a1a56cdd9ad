import { toolFigure, toolText } from '@huff/core';
import { CHANNELS } from '@huff/core/instruments';
import { Pressable, ScrollView } from 'react-native';
import { useBridge } from '../../data/bridge/bridge';
import type { LiveProbe } from '../../data/bridge/bridgeStore';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { BagInstrument } from './instruments';

interface InstrumentTrayProps {
  readonly instruments: readonly BagInstrument[];
  readonly chosen: BagInstrument['id'];
  readonly onChoose: (id: BagInstrument['id']) => void;
}

/** "settling", "steady", "quiet", in a word. */
export const probeWord = ({ isQuiet, state }: Pick<LiveProbe, 'isQuiet' | 'state'>): string => {
  if (isQuiet) return 'quiet';
  return state.kind === 'steady' ? 'steady' : 'settling';
};

type Shown = Pick<LiveProbe, 'state' | 'value' | 'channel'>;
const shownValue = ({ state, value }: Shown) => (state.kind === 'steady' ? state.mean : value);

/** What a probe shows. */
export const probeText = (probe: Shown): string => toolText(shownValue(probe), CHANNELS[probe.channel].unit);

/** The same without its unit, where there is room for the figure alone. */
export const probeFigure = (probe: Shown): string => toolFigure(shownValue(probe), CHANNELS[probe.channel].unit);

/** The instruments of the bag, with what each shows where it sits. */
export function InstrumentTray({ instruments, chosen, onChoose }: InstrumentTrayProps) {
  const palette = usePalette();
  const { probes } = useBridge();
  return (
    <ScrollView horizontal contentContainerStyle={{ gap: 8 }} showsHorizontalScrollIndicator={false}>
      {instruments.map(({ id, name, probes: ids }) => {
        const probe = probes.find((one) => one.id === ids[0]);
        const isOut = probe?.place !== undefined;
        const isOn = chosen === id;
        return (
          <Pressable
            key={id}
            role="radio"
            aria-checked={isOn}
            aria-label={`${name}: ${isOut && probe ? `${probeText(probe)}, ${probeWord(probe)}` : 'in the bag'}`}
            onPress={() => onChoose(id)}
            style={{
              minWidth: 108,
              minHeight: 74,
              padding: 8,
              borderRadius: 6,
              borderWidth: isOn ? 2 : 1.2,
              borderColor: isOn ? palette.ink : palette.line,
              backgroundColor: isOn ? palette.sheet : 'transparent',
              alignItems: 'center',
              gap: 2,
            }}
          >
            <Txt size={14} bold>
              {name}
            </Txt>
            <Txt size={17} bold figures>
              {isOut && probe ? probeText(probe) : '–'}
            </Txt>
            <Txt size={13} color="softInk">
              {isOut && probe ? probeWord(probe) : 'in the bag'}
            </Txt>
          </Pressable>
        );
      })}
    </ScrollView>
  );
}
