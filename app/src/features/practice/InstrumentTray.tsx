import { toolFigure, toolText } from '@huff/core';
import { CHANNELS } from '@huff/core/instruments';
import { Pressable, ScrollView } from 'react-native';
import { useBridgePart } from '../../data/bridge/bridge';
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
const probeText = (probe: Shown): string => toolText(shownValue(probe), CHANNELS[probe.channel].unit);

/** The same without its unit, where there is room for the figure alone. */
export const probeFigure = (probe: Shown): string => toolFigure(shownValue(probe), CHANNELS[probe.channel].unit);

/** The instruments of the bag, with what each shows where it sits. */
export function InstrumentTray({ instruments, chosen, onChoose }: InstrumentTrayProps) {
  return (
    <ScrollView horizontal contentContainerStyle={{ gap: 8 }} showsHorizontalScrollIndicator={false}>
      {instruments.map((instrument) => (
        <InBag
          key={instrument.id}
          instrument={instrument}
          isOn={chosen === instrument.id}
          onPress={() => onChoose(instrument.id)}
        />
      ))}
    </ScrollView>
  );
}

interface InBagProps {
  readonly instrument: BagInstrument;
  readonly isOn: boolean;
  readonly onPress: () => void;
}

function InBag({ instrument: { name, probes: ids }, isOn, onPress }: InBagProps) {
  const palette = usePalette();
  const placed = (probes: readonly LiveProbe[]) => probes.find(({ id, place }) => id === ids[0] && place !== undefined);
  const text = useBridgePart((probes) => {
    const probe = placed(probes);
    return probe && probeText(probe);
  });
  const word = useBridgePart((probes) => {
    const probe = placed(probes);
    return probe && probeWord(probe);
  });
  return (
    <Pressable
      role="radio"
      aria-checked={isOn}
      aria-label={`${name}: ${text === undefined ? 'in the bag' : `${text}, ${word}`}`}
      onPress={onPress}
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
        {text ?? '–'}
      </Txt>
      <Txt size={13} color="softInk">
        {word ?? 'in the bag'}
      </Txt>
    </Pressable>
  );
}
