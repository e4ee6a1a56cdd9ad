import type { VisitDto } from '@huff/contract';
import { RETURN_DEW_POINT, standingFacts, toolText, type Verdict } from '@huff/core';
import { Pressable, View } from 'react-native';
import { DropDrawing } from '../../../ui/drop';
import { VerdictMark } from '../../../ui/marks';
import { ActionButton } from '../../../ui/page';
import { Heading, Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import { LivePlaces } from '../../instruments/LivePlaces';
import { placesAsked } from '../../instruments/liveInputs';
import type { Assessment } from '../../visitState/useAssessment';

interface DropStationProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly width: number;
  readonly onRead: () => void;
  readonly onWorking: (title: string, verdict: Verdict) => void;
}

/** The measured drop beside the one a sound coil would give; capacity, ice, and the heater's rise. */
export function DropStation({ visit, assessment, width, onRead, onWorking }: DropStationProps) {
  const palette = usePalette();
  const { drop, dropAnswer, rise } = assessment;
  const fact = standingFacts(visit.facts ?? []).get('measuredDrop');
  const returnF = fact && (fact.inputs.returnF as number);
  const supplyF = fact && (fact.inputs.supplyF as number);
  const band =
    returnF !== undefined && drop.limit?.low !== undefined
      ? { low: returnF - drop.limit.high, high: returnF - drop.limit.low }
      : undefined;
  const heating = visit.mode === 'heating';
  const riseBlock = rise ? (
    <Pressable
      role="button"
      aria-label={`Heating rise: ${rise.sentence} Show the working`}
      onPress={() => onWorking('Heating rise', rise)}
      style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 10, gap: 4 }}
    >
      <Heading size={16}>Heating rise</Heading>
      <View style={{ flexDirection: 'row', gap: 10 }}>
        <VerdictMark word={rise.word} size={22} />
        <Txt style={{ flex: 1 }} figures>
          {rise.sentence}
        </Txt>
      </View>
    </Pressable>
  ) : undefined;
  if (heating) {
    return (
      <View style={{ gap: 14 }}>
        {riseBlock ?? (
          <Txt>
            Measure airflow by electric or gas heat under Airflow to get the rise. It is compared with the nameplate
            range.
          </Txt>
        )}
      </View>
    );
  }
  return (
    <View style={{ gap: 14 }}>
      <DropDrawing
        returnF={returnF}
        supplyF={supplyF}
        band={band}
        bandName={drop.limit?.source === 'ruleOfThumb' ? 'rule of thumb' : 'predicted'}
        dewPointF={dropAnswer?.lines.find((line) => line.label === RETURN_DEW_POINT)?.value}
        width={Math.min(width, 460)}
      />
      <LivePlaces places={placesAsked('measuredDrop')} />
      <Pressable
        role="button"
        aria-label={`Temperature drop: ${drop.sentence} Show the working`}
        onPress={() => onWorking('Temperature drop', drop)}
        style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start', minHeight: 48 }}
      >
        <VerdictMark word={drop.word} size={22} />
        <Txt style={{ flex: 1 }} figures>
          {drop.sentence}
        </Txt>
      </Pressable>
      {dropAnswer && (
        <View>
          {dropAnswer.lines.map((line) => (
            <View
              key={line.label}
              style={{
                flexDirection: 'row',
                justifyContent: 'space-between',
                borderTopWidth: 1,
                borderColor: palette.line,
                paddingVertical: 7,
              }}
            >
              <Txt size={15} color="softInk">
                {line.label}
              </Txt>
              <Txt bold figures>
                {toolText(line.value, line.unit)}
              </Txt>
            </View>
          ))}
          {dropAnswer.notes.map((note) => (
            <Txt key={note} size={15} style={{ paddingTop: 6 }}>
              {note}
            </Txt>
          ))}
        </View>
      )}
      {riseBlock}
      <ActionButton quiet onPress={onRead} aside={fact ? undefined : '4 min'}>
        {fact ? 'Measure temperatures again' : 'Measure temperatures'}
      </ActionButton>
    </View>
  );
}
