import { toolFigure, toolUnitText } from '@huff/core';
import type { Proof, ProofLine } from '@huff/core/fix';
import { View } from 'react-native';
import { VERDICT_TEXT, VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

const figure = (value: number | undefined, unit: ProofLine['unit']) =>
  value === undefined ? '–' : toolFigure(value, unit);

/** How far off a prediction was, in words: "2 % more". */
export function errorText(error: number | undefined): string {
  if (error === undefined) return '';
  const percent = Math.round(100 * Math.abs(error));
  return percent === 0 ? 'as predicted' : `${percent} % ${error < 0 ? 'less' : 'more'}`;
}

const COLUMN = 66;

/** Before, predicted, after and the error of the prediction, line by line. */
export function ProofTable({ proof }: { readonly proof: Proof }) {
  const palette = usePalette();
  return (
    <View role="group" aria-label="Before, predicted, after">
      <View style={{ flexDirection: 'row', paddingBottom: 4 }}>
        <View style={{ flex: 1 }} />
        {['before', 'predicted', 'after'].map((head) => (
          <Txt key={head} size={14} color="softInk" align="right" style={{ width: COLUMN }}>
            {head}
          </Txt>
        ))}
        <View style={{ width: 26 }} />
      </View>
      {proof.lines.map((line) => {
        const off = errorText(line.error);
        return (
          <View
            key={line.id}
            accessible
            aria-label={`${line.name}, ${toolUnitText(line.unit)}: ${figure(line.before, line.unit)} before, ${figure(line.promised, line.unit)} predicted, ${figure(line.after, line.unit)} after. ${off} ${VERDICT_TEXT[line.word]}`}
            style={{
              flexDirection: 'row',
              alignItems: 'center',
              borderTopWidth: 1,
              borderColor: palette.line,
              minHeight: 54,
            }}
          >
            <View style={{ flex: 1 }}>
              <Txt size={15}>{line.name}</Txt>
              <Txt size={14} color="softInk" figures>
                {off || toolUnitText(line.unit)}
              </Txt>
            </View>
            <Txt size={16} color="softInk" figures align="right" style={{ width: COLUMN }}>
              {figure(line.before, line.unit)}
            </Txt>
            <Txt size={16} figures align="right" style={{ width: COLUMN }}>
              {figure(line.promised, line.unit)}
            </Txt>
            <Txt size={18} bold figures align="right" style={{ width: COLUMN }}>
              {figure(line.after, line.unit)}
            </Txt>
            <View style={{ width: 26, alignItems: 'flex-end' }}>
              {line.word !== 'cantSay' && <VerdictMark word={line.word} size={18} />}
            </View>
          </View>
        );
      })}
    </View>
  );
}
