import { flowWords, readKept, shownWords, staticWords, VERDICT_TEXT } from '@huff/core';
import { ROOF_COLUMNS, roofEntries, type RoofColumn } from '@huff/core/call';
import { View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { ActionButton } from '../../ui/page';
import { Heading, Txt, yearDateText } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { CellEntries } from './CellEntries';
import type { RoofCell } from './RoofTable';
import type { RoofRow } from './useRoofSheet';
import type { RoundVisit } from './useRound';

/** A way on: its name, and going there. */
interface WayOn {
  readonly name: string;
  readonly go: () => void;
}

interface CellPaneProps {
  readonly row: RoofRow;
  readonly cell: RoofCell;
  readonly round: RoundVisit;
  readonly width: number;
  readonly onDone: () => void;
  readonly nextCheck?: WayOn;
  readonly nextUnit?: WayOn;
  readonly onOpen: () => void;
}

/** How many findings are told beside a cell. */
const FOUND = 6;

/** What was read for a column, in words. */
function readText({ last }: RoofRow, column: RoofColumn): string | undefined {
  if (!last) return undefined;
  if (column === 'static' && last.staticInWc !== null) return staticWords(last.staticInWc);
  if (column === 'airflow' && last.flowCfm !== null) return flowWords(last.flowCfm);
  if (column === 'drop' && last.dropF !== null) return shownWords(last.dropF, 'deltaF', 1);
  const drop = last.figures?.filterDropInWc;
  return column === 'filter' && drop !== undefined ? staticWords(drop) : undefined;
}

/** What stands behind a mark, and what is recorded there on today’s round. */
export function CellPane({ row, cell, round, width, onDone, nextCheck, nextUnit, onOpen }: CellPaneProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const { unit, last, marks } = row;
  const mark = marks[cell.column];
  // The figure is of the visit that is told below; one from further back is not known here.
  const text = mark && mark.at === last?.startedAt ? readText(row, cell.column) : undefined;
  const open = (last?.found ?? []).filter(({ outcome }) => outcome !== 'dealtWith');
  // Of what a cell asks and the way on only one is the next action.
  const asks = !mark?.today && roofEntries(cell.column, round.visit).length > 0;
  const name = ROOF_COLUMNS.find(({ id }) => id === cell.column)!.name;
  return (
    <View style={{ gap: 12 }} role="region" aria-label={`${unit.name}, ${name.toLowerCase()}`}>
      {wide && <Heading size={19}>{`${unit.name} · ${name.toLowerCase()}`}</Heading>}
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center', flexWrap: 'wrap' }}>
        {!wide && <Heading size={17}>{name}</Heading>}
        {text !== undefined && (
          <Txt size={26} bold figures>
            {text}
          </Txt>
        )}
        <VerdictMark word={mark?.word ?? 'cantSay'} />
        <Txt>
          {mark ? `${VERDICT_TEXT[mark.word]}, ${mark.today ? 'today' : yearDateText(mark.at)}` : 'not looked at'}
        </Txt>
      </View>
      <CellEntries
        cell={cell}
        round={round}
        beforeId={mark && !mark.today ? mark.visitId : undefined}
        width={width}
        asks={asks}
        onDone={onDone}
      />
      {!wide && (nextCheck ?? nextUnit) && (
        <View style={{ flexDirection: 'row', gap: 10 }}>
          {nextUnit && (
            <View style={{ flex: 1 }}>
              <ActionButton quiet onPress={nextUnit.go}>
                Next unit
              </ActionButton>
            </View>
          )}
          {nextCheck && (
            <View style={{ flex: 1 }}>
              <ActionButton quiet={asks} onPress={nextCheck.go}>
                {nextCheck.name}
              </ActionButton>
            </View>
          )}
        </View>
      )}
      {last && (
        <Txt size={14} color="softInk">
          {`${mark?.today || last.startedAt === mark?.at ? '' : 'Last visit, '}${yearDateText(last.startedAt)}: ${readKept(last.headline)}`}
        </Txt>
      )}
      {open.slice(0, FOUND).map(({ id, words }) => (
        <Txt key={id} size={15} style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 6 }}>
          {readKept(words)}
        </Txt>
      ))}
      {open.length > FOUND && <Txt size={14} color="softInk">{`and ${open.length - FOUND} more`}</Txt>}
      <ActionButton quiet onPress={onOpen}>{`Open ${unit.name}`}</ActionButton>
    </View>
  );
}
