import { tableQuestions } from '@huff/core';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Image, Platform, ScrollView, View } from 'react-native';
import { NumberSheet } from '../../../ui/keypad';
import { Choice } from '../../../ui/form';
import { TextButton } from '../../../ui/page';
import { Txt } from '../../../ui/text';
import { useIsWide, usePalette } from '../../../ui/theme';
import {
  cellNumber,
  gridOf,
  LEFT_OUT,
  nextPlace,
  staticFault,
  withCell,
  withoutStatic,
  withRow,
  withStatic,
  type Layer,
  type Place,
  type TableDraft,
} from './draft';
import { RowSheet } from './RowSheet';
import { TableKeys, type TableKey } from './TableKeys';
import { TypedCurves } from './TypedCurves';
import { TypedGridView } from './TypedGridView';

interface TableTypingProps {
  readonly draft: TableDraft;
  readonly onDraft: (change: (draft: TableDraft) => TableDraft) => void;
  /** The paper, photographed. */
  readonly paper?: string;
  readonly onKeep: () => void;
}

const LONGEST = 6;

/** Where an arrow key goes. */
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** A maker's table typed cell by cell, its curves growing above, what breaks the pattern asked about at once. */
export function TableTyping({ draft, onDraft, paper, onKeep }: TableTypingProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const [layer, setLayer] = useState<Layer>('cells');
  const [at, setAt] = useState<Place>({ row: 0, column: 0 });
  const [column, setColumn] = useState<number>();
  const [row, setRow] = useState<number>();
  // Keys are followed at once; curves and questions come in the next pass.
  const drawn = useDeferredValue(draft);
  const grid = useMemo(() => gridOf(drawn, layer), [drawn, layer]);
  const questions = useMemo(() => tableQuestions(grid, drawn.by === 'rpm' ? 'At' : 'Tap'), [grid, drawn.by]);
  const byRpm = draft.by === 'rpm';
  const question = questions.find((one) => one.row === at.row && one.column === at.column) ?? questions[0];
  // What a key works on is read when it is pressed, so that the keypad is never drawn anew.
  const now = useRef({ at, draft, layer });
  useEffect(() => {
    now.current = { at, draft, layer };
  });
  const key = useCallback(
    (pressed: TableKey) => {
      const here = now.current;
      const put = (change: (text: string) => string) =>
        onDraft((before) => withCell(before, here.layer, here.at, change));
      const go = (next: Place | undefined) => next && setAt(next);
      switch (pressed) {
        case 'clear':
          return put(() => '');
        case 'blank':
          put(() => LEFT_OUT);
          return go(nextPlace(here.draft, here.at));
        case 'next':
          return go(nextPlace(here.draft, here.at));
        case 'nextRow':
          return go(here.at.row + 1 < here.draft.rows.length ? { row: here.at.row + 1, column: 0 } : undefined);
        case 'static':
          return onDraft(withStatic);
        case 'row':
          return onDraft(withRow);
        default:
          return put((text) => {
            const before = text === LEFT_OUT ? '' : text;
            if (before.length >= LONGEST || (pressed === '.' && before.includes('.'))) return before;
            return before + pressed;
          });
      }
    },
    [onDraft],
  );
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      if (event.ctrlKey || event.metaKey || event.altKey || column !== undefined || row !== undefined) return;
      if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return;
      const arrow = ARROWS[event.key];
      const onButton = target instanceof HTMLElement && target.getAttribute('role') === 'button';
      if (arrow) {
        const [down, right] = arrow;
        const next = { row: at.row + down, column: at.column + right };
        if (draft.rows[next.row]?.cells[next.column] !== undefined) setAt(next);
      } else if (/^\d$/.test(event.key) || (event.key === '.' && layer === 'bhp')) key(event.key as TableKey);
      else if (event.key === '-') key('blank');
      else if (event.key === 'Backspace') onDraft((now) => withCell(now, layer, at, (text) => text.slice(0, -1)));
      else if (event.key === 'Delete') key('clear');
      else if (event.key === 'Enter' && !onButton) key('next');
      else return;
      event.preventDefault();
      // The cell that has the focus would take Enter for a touch on itself.
      event.stopPropagation();
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  });
  useEffect(() => {
    if (Platform.OS !== 'web') return;
    // The focus follows the cell that is typed in, for whoever hears it.
    if (document.activeElement?.getAttribute('role') === 'cell')
      document.querySelector<HTMLElement>('[role="cell"][aria-current="true"]')?.focus();
  }, [at]);
  const pasted = useCallback(
    (slip: number, place: Place) => onDraft((now) => withCell(now, layer, place, () => String(slip))),
    [layer, onDraft],
  );
  const words = (
    <View style={{ gap: 4, minHeight: 66 }} role="status">
      {question ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          <Txt size={15} style={{ flex: 1 }} figures>
            {question.sentence}
          </Txt>
          {question.slip !== undefined && (
            <TextButton onPress={() => pasted(question.slip!, question)}>{`Use ${question.slip}`}</TextButton>
          )}
        </View>
      ) : (
        <>
          <Txt size={14} color="softInk">
            A dash stays blank: the maker does not allow it.
          </Txt>
          <Txt size={14} color="softInk">
            {byRpm
              ? 'The airflows around yours, at two statics, are enough for today.'
              : 'Two statics of one tap are enough for today.'}
          </Txt>
        </>
      )}
    </View>
  );
  const typing = (
    <>
      {byRpm && (
        <Choice
          label="Figures"
          options={[
            { id: 'cells', text: 'RPM' },
            { id: 'bhp', text: 'horsepower' },
          ]}
          chosen={layer}
          onChoose={setLayer}
        />
      )}
      <TypedGridView
        draft={draft}
        layer={layer}
        at={at}
        questions={questions}
        onPlace={setAt}
        onRow={setRow}
        onStatic={setColumn}
      />
      {words}
    </>
  );
  const sheets = (
    <>
      <NumberSheet
        asked={
          column === undefined
            ? undefined
            : { label: 'Static of this column', unit: 'inWc', min: 0, max: 5, value: draft.staticsInWc[column] }
        }
        keepWords="Set it"
        sideWords="take out"
        wrong={(value) => (column === undefined ? undefined : staticFault(draft, column, value))}
        onKeep={(value) => {
          const here = column!;
          setColumn(undefined);
          if (value === null) {
            if (draft.staticsInWc.length > 1) onDraft((now) => withoutStatic(now, here));
            setAt({ row: 0, column: 0 });
          } else onDraft((now) => ({ ...now, staticsInWc: now.staticsInWc.map((p, j) => (j === here ? value : p)) }));
        }}
        onClose={() => setColumn(undefined)}
      />
      <RowSheet
        draft={draft}
        row={row}
        onDraft={(change) => {
          onDraft(change);
          setAt({ row: 0, column: 0 });
        }}
        onClose={() => setRow(undefined)}
      />
    </>
  );
  const photo = paper !== undefined && (
    <ScrollView style={{ maxHeight: wide ? undefined : 190 }} tabIndex={0} aria-label="The paper, photographed">
      <Image
        source={{ uri: paper }}
        accessibilityLabel="The maker’s table on paper"
        style={{ width: '100%', aspectRatio: 4 / 3, borderRadius: 6, borderWidth: 1, borderColor: palette.line }}
        resizeMode="contain"
      />
    </ScrollView>
  );
  const typedHere = cellNumber(draft.rows[at.row]?.[layer][at.column] ?? '');
  const curves = <TypedCurves grid={grid} at={at} byRpm={byRpm} height={wide ? 300 : 132} />;
  if (wide)
    return (
      <View style={{ flex: 1, flexDirection: 'row' }} aria-label={typedHere === null ? undefined : String(typedHere)}>
        <View style={{ flex: 1.25 }}>
          <ScrollView contentContainerStyle={{ padding: 16, gap: 12 }}>{typing}</ScrollView>
          <TableKeys onKey={key} decimals={layer === 'bhp'} rowWord={byRpm ? 'airflow' : 'tap'} />
        </View>
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 12 }}>
          {curves}
          {photo}
          <TextButton onPress={onKeep}>Keep this table</TextButton>
        </ScrollView>
        {sheets}
      </View>
    );
  return (
    <View style={{ flex: 1 }}>
      <ScrollView style={{ flex: 1 }} contentContainerStyle={{ paddingHorizontal: 16, gap: 8 }}>
        {photo}
        {curves}
        {typing}
      </ScrollView>
      <TableKeys onKey={key} decimals={layer === 'bhp'} rowWord={byRpm ? 'airflow' : 'tap'} />
      {sheets}
    </View>
  );
}
