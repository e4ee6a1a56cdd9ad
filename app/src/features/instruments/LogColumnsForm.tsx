import { LOG_PARTS, type LogColumns, type LogHead, type LogPart } from '@huff/contract/csv';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Choice } from '../../ui/form';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface LogColumnsFormProps {
  readonly head: LogHead;
  readonly begin?: LogColumns;
  readonly onColumns: (columns: LogColumns) => void;
}

const PART_NAMES: Readonly<Record<LogPart, string>> = {
  time: 'Time',
  channel: 'Channel',
  value: 'Value',
  unit: 'Unit',
};

/** Room of one sign at this size, px. */
const SIGN_PX = 8.5;

/** Says once which column of a log holds what; its first rows are in sight. */
export function LogColumnsForm({ head, begin, onColumns }: LogColumnsFormProps) {
  const palette = usePalette();
  const [columns, setColumns] = useState<Partial<LogColumns>>(begin ?? head.guess);
  const shown = [head.heads, ...head.rows];
  const widths = head.heads.map(
    (_, at) => SIGN_PX * Math.max(4, ...shown.map((cells) => (cells[at] ?? '').length)) + 16,
  );
  const missing = LOG_PARTS.filter((part) => columns[part] === undefined);
  const twice = new Set(Object.values(columns)).size < LOG_PARTS.length - missing.length;
  return (
    <View style={{ gap: 16 }}>
      <View style={{ gap: 6 }}>
        <Heading size={17}>First rows</Heading>
        <ScrollView horizontal tabIndex={0} aria-label="First rows of the log">
          <View role="table">
            {shown.map((cells, i) => (
              <View
                key={i}
                role="row"
                style={{ flexDirection: 'row', borderBottomWidth: 1, borderColor: palette.line }}
              >
                {head.heads.map((_, column) => (
                  <Txt
                    key={column}
                    role={i === 0 ? 'columnheader' : 'cell'}
                    size={14}
                    bold={i === 0}
                    figures
                    numberOfLines={1}
                    style={{ width: widths[column], paddingVertical: 6, paddingRight: 8 }}
                  >
                    {cells[column] ?? ''}
                  </Txt>
                ))}
              </View>
            ))}
          </View>
        </ScrollView>
      </View>
      {LOG_PARTS.map((part) => (
        <View key={part} style={{ gap: 4 }}>
          <Txt size={14} color="softInk">
            {PART_NAMES[part]}
          </Txt>
          <Choice
            label={PART_NAMES[part]}
            options={head.heads.map((id) => ({ id, text: id || 'no name' }))}
            chosen={columns[part] ?? null}
            onChoose={(column) => setColumns({ ...columns, [part]: column })}
          />
        </View>
      ))}
      <Txt size={15} role="status">
        {missing.length > 0
          ? `Choose the column for: ${missing.map((part) => PART_NAMES[part].toLowerCase()).join(', ')}.`
          : twice
            ? 'One column is chosen twice. Choose a column for each.'
            : 'Huff remembers these columns for the next log like this.'}
      </Txt>
      <ActionButton disabled={missing.length > 0 || twice} onPress={() => onColumns(columns as LogColumns)}>
        Read the log
      </ActionButton>
    </View>
  );
}
