import { tableQuestions } from '@huff/core';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { Image, ScrollView, useWindowDimensions, View } from 'react-native';
import { Choice } from '../../../ui/form';
import { TextButton } from '../../../ui/page';
import { useIsWide, usePalette } from '../../../ui/theme';
import { cellNumber, gridOf, withCell, type CellMark, type Layer, type Place, type TableDraft } from './draft';
import { MarkPanel, MarkPhoto } from './MarkPanel';
import { passedOver } from './photoDraft';
import { TableKeys } from './TableKeys';
import { TypedCurves } from './TypedCurves';
import { TypedGridView } from './TypedGridView';
import { TypingSheets } from './TypingSheets';
import { TypingWords } from './TypingWords';
import { useFocusAt, useTypingKeys } from './useTypingKeys';

interface TableTypingProps {
  readonly draft: TableDraft;
  readonly onDraft: (change: (draft: TableDraft) => TableDraft) => void;
  /** The paper, photographed. */
  readonly paper?: string;
  readonly onKeep: () => void;
}

/** A screen lower than this has no room for the curves beside a marked cell, px. */
const LOW_PX = 720;
const FIRST: Place = { row: 0, column: 0 };

/** A blower table typed cell by cell, its curves growing above, what breaks the pattern asked about at once. */
export function TableTyping({ draft, onDraft, paper, onKeep }: TableTypingProps) {
  const wide = useIsWide();
  // On a low screen the photo of a marked cell goes before everything else.
  const isLow = useWindowDimensions().height < LOW_PX && !wide;
  const [layer, setLayer] = useState<Layer>('cells');
  const [at, setAt] = useState<Place>(FIRST);
  const [asked, setAsked] = useState<{ readonly column?: number; readonly row?: number }>();
  // Keys are followed at once; curves and questions come in the next pass.
  const drawn = useDeferredValue(draft);
  const grid = useMemo(() => gridOf(drawn, layer), [drawn, layer]);
  const questions = useMemo(() => tableQuestions(grid, drawn.by === 'rpm' ? 'At' : 'Tap'), [grid, drawn.by]);
  const odd = useMemo(
    () => [...questions, ...(drawn.marks ?? []).filter((one) => one.layer === layer)],
    [questions, drawn.marks, layer],
  );
  const byRpm = draft.by === 'rpm';
  const question = questions.find((one) => one.row === at.row && one.column === at.column) ?? questions[0];
  const key = useTypingKeys({ draft, layer, at, onDraft, onPlace: setAt, isHeld: asked !== undefined });
  useFocusAt(at);
  const mark = draft.marks?.[0];
  // A marked cell is gone to once; it is left by confirming it, or by a touch elsewhere.
  const [isTyping, setIsTyping] = useState(false);
  const [goneTo, setGoneTo] = useState<typeof mark>();
  if (mark && mark !== goneTo) {
    setGoneTo(mark);
    setIsTyping(false);
    setLayer(mark.layer);
    setAt({ row: mark.row, column: mark.column });
  }
  const confirm = (place: CellMark) => {
    setIsTyping(false);
    onDraft((now) => passedOver(now, place, now.rows[place.row]![place.layer][place.column]!));
  };
  const askRow = useCallback((row: number) => setAsked({ row }), []);
  const askColumn = useCallback((column: number) => setAsked({ column }), []);
  const markPhoto = mark && <MarkPhoto draft={draft} mark={mark} />;
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
        questions={odd}
        onPlace={setAt}
        onRow={askRow}
        onStatic={askColumn}
      />
      {mark && !isLow && markPhoto}
      {!mark && (
        <TypingWords
          question={question}
          byRpm={byRpm}
          fromPhoto={draft.fromPhoto}
          onUse={(place, slip) => onDraft((now) => withCell(now, layer, place, () => String(slip)))}
        />
      )}
    </>
  );
  const sheets = (
    <TypingSheets
      draft={draft}
      onDraft={onDraft}
      {...asked}
      onMoved={() => setAt(FIRST)}
      onClose={() => setAsked(undefined)}
    />
  );
  const marked = mark && !isTyping && (
    <MarkPanel
      draft={draft}
      mark={mark}
      onChoose={(text) => onDraft((now) => withCell(now, mark.layer, mark, () => text))}
      onType={() => setIsTyping(true)}
      onConfirm={() => confirm(mark)}
    />
  );
  const pad = <TableKeys onKey={key} decimals={layer === 'bhp'} rowWord={byRpm ? 'airflow' : 'tap'} />;
  const keys = marked || (
    <>
      {mark && (
        <View style={{ flexDirection: 'row', justifyContent: 'flex-end', paddingHorizontal: 16 }}>
          <TextButton onPress={() => confirm(mark)}>Confirm typed figure</TextButton>
        </View>
      )}
      {pad}
    </>
  );
  const curves = <TypedCurves grid={grid} at={at} byRpm={byRpm} height={wide ? 300 : 132} />;
  const photo = paper !== undefined && <PaperPhoto uri={paper} maxHeight={wide ? undefined : 190} />;
  if (wide) {
    const typedHere = cellNumber(draft.rows[at.row]?.[layer][at.column] ?? '');
    return (
      <View style={{ flex: 1, flexDirection: 'row' }} aria-label={typedHere === null ? undefined : String(typedHere)}>
        <View style={{ flex: 1.25 }}>
          <ScrollView contentContainerStyle={{ padding: 16, gap: 12 }}>{typing}</ScrollView>
          {keys}
        </View>
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 12 }}>
          {curves}
          {photo}
          <TextButton onPress={onKeep}>Save table</TextButton>
        </ScrollView>
        {sheets}
      </View>
    );
  }
  return (
    <View style={{ flex: 1 }}>
      <ScrollView style={{ flex: 1 }} contentContainerStyle={{ paddingHorizontal: 16, gap: 8 }}>
        {!mark && photo}
        {mark && isLow ? markPhoto : curves}
        {typing}
      </ScrollView>
      {keys}
      {sheets}
    </View>
  );
}

function PaperPhoto({ uri, maxHeight }: { readonly uri: string; readonly maxHeight?: number }) {
  const palette = usePalette();
  return (
    <ScrollView style={{ maxHeight }} tabIndex={0} aria-label="Table photo">
      <Image
        source={{ uri }}
        accessibilityLabel="Blower table photo"
        style={{ width: '100%', aspectRatio: 4 / 3, borderRadius: 6, borderWidth: 1, borderColor: palette.line }}
        resizeMode="contain"
      />
    </ScrollView>
  );
}
