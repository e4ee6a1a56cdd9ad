import { staticText, type CellQuestion } from '@huff/core';
import { memo } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import type { DraftRow, Layer, Place, TableDraft } from './draft';
import { GRID_LABEL } from './useTypingKeys';

const CELL_WIDTH = 53;
const ROW_HEIGHT = 46;

interface TypedGridViewProps {
  readonly draft: TableDraft;
  readonly layer: Layer;
  readonly at: Place;
  readonly questions: readonly Pick<CellQuestion, 'row' | 'column'>[];
  readonly onPlace: (at: Place) => void;
  readonly onRow: (row: number) => void;
  readonly onStatic: (column: number) => void;
}

/** The blower table as it is printed: a touch on a cell types there, a touch on a head changes it. */
export function TypedGridView({ draft, layer, at, questions, onPlace, onRow, onStatic }: TypedGridViewProps) {
  const longest = Math.max(...draft.rows.map(({ name }) => name.length));
  const nameWidth = draft.by === 'rpm' ? 64 : Math.max(38, Math.min(110, 10 * longest + 6));
  return (
    <ScrollView horizontal tabIndex={0} aria-label="The blower table">
      <View role="table" aria-label={GRID_LABEL}>
        <GridHead
          byRpm={draft.by === 'rpm'}
          staticsInWc={draft.staticsInWc}
          nameWidth={nameWidth}
          onStatic={onStatic}
        />
        {draft.rows.map((row, i) => (
          <GridRow
            key={i}
            index={i}
            row={row}
            layer={layer}
            nameWidth={nameWidth}
            selected={at.row === i ? at.column : -1}
            odd={questions
              .filter((one) => one.row === i)
              .map((one) => one.column)
              .join(' ')}
            onPlace={onPlace}
            onRow={onRow}
          />
        ))}
      </View>
    </ScrollView>
  );
}

interface GridHeadProps {
  readonly byRpm: boolean;
  readonly staticsInWc: readonly number[];
  readonly nameWidth: number;
  readonly onStatic: (column: number) => void;
}

const GridHead = memo(function GridHead({ byRpm, staticsInWc, nameWidth, onStatic }: GridHeadProps) {
  const palette = usePalette();
  return (
    <View role="row" style={{ flexDirection: 'row', borderBottomWidth: 2, borderColor: palette.ink }}>
      <View role="columnheader" style={{ width: nameWidth, justifyContent: 'center' }}>
        <Txt size={14} color="softInk">
          {byRpm ? 'airflow' : 'tap'}
        </Txt>
      </View>
      {staticsInWc.map((staticInWc, column) => (
        <Pressable
          key={column}
          role="columnheader"
          aria-label={`Static ${staticText(staticInWc)}. Change`}
          onPress={() => onStatic(column)}
          style={{ width: CELL_WIDTH, height: ROW_HEIGHT, justifyContent: 'center' }}
        >
          <Txt size={15} bold figures align="right">
            {staticText(staticInWc)}
          </Txt>
        </Pressable>
      ))}
    </View>
  );
});

interface GridRowProps {
  readonly index: number;
  readonly row: DraftRow;
  readonly layer: Layer;
  readonly nameWidth: number;
  readonly selected: number;
  /** Columns that break the pattern. */
  readonly odd: string;
  readonly onPlace: (at: Place) => void;
  readonly onRow: (row: number) => void;
}

/** Drawn anew only when something of it changes: a key in one row leaves the others alone. */
const GridRow = memo(function GridRow({ index, row, layer, nameWidth, selected, odd, onPlace, onRow }: GridRowProps) {
  const palette = usePalette();
  const asked = new Set(odd.split(' '));
  return (
    <View role="row" style={{ flexDirection: 'row', borderBottomWidth: 1, borderColor: palette.line }}>
      <Pressable
        role="rowheader"
        aria-label={`Row ${row.name}. Change`}
        onPress={() => onRow(index)}
        style={{ width: nameWidth, height: ROW_HEIGHT, justifyContent: 'center' }}
      >
        <Txt size={16} bold figures numberOfLines={1}>
          {row.name}
        </Txt>
      </Pressable>
      {row[layer].map((text, column) => {
        const here = column === selected;
        const isOdd = asked.has(String(column));
        return (
          <Pressable
            key={column}
            role="cell"
            aria-current={here ? true : undefined}
            aria-label={`Row ${row.name}, column ${column + 1}: ${text === '' ? 'not typed' : text === '–' ? 'left out' : text}${isOdd ? ', check it' : ''}`}
            onPress={() => onPlace({ row: index, column })}
            style={{
              width: CELL_WIDTH,
              height: ROW_HEIGHT,
              paddingRight: 2,
              justifyContent: 'center',
              borderRadius: 4,
              borderWidth: here ? 2.5 : isOdd ? 1.5 : 0,
              borderColor: palette.action,
              backgroundColor: here ? palette.sheet : isOdd ? palette.outside : 'transparent',
            }}
          >
            <Txt size={16} bold={text !== '–'} figures align="right" color={text === '–' ? 'softInk' : 'ink'}>
              {text === '' ? (here ? ' ' : '·') : text}
            </Txt>
          </Pressable>
        );
      })}
    </View>
  );
});
