import {
  unitText,
  flowWords,
  staticWords,
  flowText,
  staticText,
  type Advice,
  type SpeedOutcome,
  sentenceCase,
} from '@huff/core';
import { Pressable, View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface AdvicePaneProps {
  readonly advice: Advice;
  /** The tap that is looked at on the Crossing. */
  readonly looking?: string;
  readonly onLook: (tap: string) => void;
}

/** What to do about the speed, and what each tap would really do on this path. */
export function AdvicePane({ advice, looking, onLook }: AdvicePaneProps) {
  const palette = usePalette();
  return (
    <View style={{ gap: 10 }}>
      <View role="status" style={{ borderLeftWidth: 4, borderColor: palette.action, paddingLeft: 12, gap: 4 }}>
        <Heading size={20}>{advice.headline}</Heading>
        <Txt figures>{advice.reason}</Txt>
        {advice.kind === 'change' && (
          <Txt size={14} color="softInk">
            Shut off power at the disconnect and verify it is dead before you move a lead. Cap every unused lead. Then
            measure both statics again.
          </Txt>
        )}
      </View>
      {advice.outcomes.length > 0 && (
        <View>
          <View style={{ flexDirection: 'row', paddingVertical: 6, paddingRight: 4 }}>
            <Txt size={14} color="softInk" style={{ flex: 1 }}>
              on this duct system
            </Txt>
            <Txt size={14} color="softInk" align="right" style={{ width: 92 }}>
              {unitText('cfm')}
            </Txt>
            <Txt size={14} color="softInk" align="right" style={{ width: 92 }}>
              {unitText('inWc')}
            </Txt>
          </View>
          {advice.outcomes.map((outcome) => (
            <TapRow
              key={outcome.tap}
              outcome={outcome}
              advised={outcome.tap === advice.tap && advice.kind !== 'keep'}
              looking={outcome.tap === looking}
              onPress={() => onLook(outcome.tap)}
            />
          ))}
        </View>
      )}
    </View>
  );
}

/** Why the tap's own column must not be read at today's static. */
function columnNote({ inUse, columnFlowCfm, operation }: SpeedOutcome): string {
  if (inUse) return 'in use';
  if (operation.kind === 'offTable') {
    return operation.side === 'belowTable'
      ? `off its curve below ${staticText(operation.edgeStaticInWc)}`
      : `off its curve: ends at ${flowWords(operation.edgeFlowCfm)}, the system needs ${staticText(operation.askedInWc)}`;
  }
  return columnFlowCfm === undefined ? '' : `table at today’s static: ${flowText(columnFlowCfm)}`;
}

interface TapRowProps {
  readonly outcome: SpeedOutcome;
  readonly advised: boolean;
  readonly looking: boolean;
  readonly onPress: () => void;
}

function TapRow({ outcome, advised, looking, onPress }: TapRowProps) {
  const palette = usePalette();
  const { name, inUse, operation, airflow, tesp } = outcome;
  const spoken = sentenceCase(name);
  const found = operation.kind === 'crossing';
  const heavy = inUse || advised;
  return (
    <Pressable
      role="button"
      aria-pressed={looking}
      aria-label={
        found
          ? `${spoken}: ${flowWords(operation.flowCfm)} at ${staticWords(operation.tespInWc)} Show it on the drawing`
          : `${spoken}: off its curve. Show it on the drawing`
      }
      onPress={onPress}
      style={{
        minHeight: 60,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 8,
        paddingLeft: 8,
        paddingRight: 4,
        backgroundColor: looking ? palette.sheet : 'transparent',
        justifyContent: 'center',
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <Txt size={17} bold={heavy} style={{ flex: 1 }} numberOfLines={1}>
          {advised ? '→ ' : ''}
          {name}
        </Txt>
        <Cell text={found ? flowText(operation.flowCfm) : '–'} word={airflow} bold={heavy} />
        <Cell text={found ? staticText(operation.tespInWc) : '–'} word={tesp} bold={heavy} />
      </View>
      <Txt size={14} color="softInk" figures>
        {columnNote(outcome)}
      </Txt>
    </Pressable>
  );
}

function Cell({
  text,
  word,
  bold,
}: {
  readonly text: string;
  readonly word: SpeedOutcome['tesp'];
  readonly bold: boolean;
}) {
  return (
    <View style={{ width: 92, flexDirection: 'row', justifyContent: 'flex-end', alignItems: 'center', gap: 6 }}>
      <Txt size={18} bold={bold} figures>
        {text}
      </Txt>
      <VerdictMark word={word} size={17} />
    </View>
  );
}
