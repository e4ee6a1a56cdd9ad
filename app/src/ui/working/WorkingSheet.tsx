import { percentText, SOURCE_TEXT, toolFigure, valueText, type Source, type Verdict } from '@huff/core';
import { View } from 'react-native';
import { VERDICT_TEXT, VerdictMark } from '../marks';
import { Sheet } from '../sheet';
import { Txt } from '../text';
import { usePalette } from '../theme';

interface WorkingSheetProps {
  readonly title: string;
  readonly verdict?: Verdict;
  readonly onClose: () => void;
}

/** The working behind a figure: what it says, the formula, what went in, the limit and where each came from. */
export function WorkingSheet({ title, verdict, onClose }: WorkingSheetProps) {
  const palette = usePalette();
  return (
    <Sheet open={verdict !== undefined} onClose={onClose} title={title}>
      {verdict && (
        <View style={{ gap: 14 }}>
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
            <VerdictMark word={verdict.word} size={24} />
            <Txt bold size={18}>
              {VERDICT_TEXT[verdict.word]}
            </Txt>
          </View>
          <Txt>{verdict.sentence}</Txt>
          <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 10 }}>
            <Txt size={14} color="softInk">
              {verdict.working.formula}
            </Txt>
          </View>
          {verdict.working.inputs.map((input) => (
            <Line key={input.name} name={input.name} value={valueText(input.value, input.unit)} source={input.source} />
          ))}
          {verdict.value !== undefined && (
            <Line name="result" value={valueText(verdict.value, verdict.unit)} source="computed" bold />
          )}
          {verdict.limit && (
            <Line
              name={verdict.limit.name}
              value={
                verdict.limit.low === undefined
                  ? `at most ${valueText(verdict.limit.high, verdict.unit)}`
                  : `${verdict.unit === 'share' ? percentText(verdict.limit.low) : toolFigure(verdict.limit.low, verdict.unit)} to ${valueText(verdict.limit.high, verdict.unit)}`
              }
              source={verdict.limit.source}
            />
          )}
        </View>
      )}
    </Sheet>
  );
}

function Line({
  name,
  value,
  source,
  bold,
}: {
  readonly name: string;
  readonly value: string;
  readonly source: Source;
  readonly bold?: boolean;
}) {
  const palette = usePalette();
  const assumed = source === 'assumed';
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'baseline' }}>
      <View style={{ flex: 1 }}>
        <Txt size={15} bold={bold}>
          {name}
        </Txt>
        <Txt size={13} color="softInk">
          {SOURCE_TEXT[source]}
        </Txt>
      </View>
      <Txt
        bold
        figures
        style={
          assumed && {
            textDecorationLine: 'underline',
            textDecorationStyle: 'dotted',
            textDecorationColor: palette.ink,
          }
        }
      >
        {value}
      </Txt>
    </View>
  );
}
