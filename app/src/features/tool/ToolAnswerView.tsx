import { toolFigure, toolText, toolUnitText, type ToolOutcome } from '@huff/core';
import { View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** What a tool says: the figure large, then what it stands on, its formula and what to mind. */
export function ToolAnswerView({ outcome }: { readonly outcome: ToolOutcome }) {
  const palette = usePalette();
  if (!outcome.ok) {
    const missing = outcome.errors.length;
    return (
      <View
        role="status"
        style={{ borderLeftWidth: 4, borderColor: palette.line, paddingLeft: 12, paddingVertical: 8 }}
      >
        <Txt color="softInk">{missing === 1 ? outcome.errors[0]!.message : `${missing} figures missing or wrong.`}</Txt>
      </View>
    );
  }
  const { headline, lines, formula, notes, flow } = outcome;
  return (
    <View style={{ gap: 10 }}>
      <View role="status" style={{ borderLeftWidth: 4, borderColor: palette.action, paddingLeft: 12 }}>
        <Txt size={14} color="softInk">
          {headline.label}
        </Txt>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
          <Txt size={40} bold figures style={{ lineHeight: 46 }}>
            {toolFigure(headline.value, headline.unit)}
          </Txt>
          <Txt color="softInk">{toolUnitText(headline.unit)}</Txt>
          {flow && (
            <Txt color="softInk" figures>
              ± {Math.round(flow.sigmaShare * 100)} %
            </Txt>
          )}
        </View>
      </View>
      {notes.map((note) => (
        <Txt key={note} size={15}>
          {note}
        </Txt>
      ))}
      <View>
        {lines.map((line) => (
          <View
            key={line.label}
            style={{
              flexDirection: 'row',
              justifyContent: 'space-between',
              gap: 12,
              borderTopWidth: 1,
              borderColor: palette.line,
              paddingVertical: 7,
            }}
          >
            <Txt size={15} color="softInk" style={{ flexShrink: 1 }}>
              {line.label}
              {line.note ? `, ${line.note}` : ''}
            </Txt>
            <Txt bold figures>
              {toolText(line.value, line.unit)}
            </Txt>
          </View>
        ))}
      </View>
      <Txt size={14} color="softInk">
        {formula}
      </Txt>
    </View>
  );
}
