import { ROOF_COLUMNS, equipmentOf, intoShape, readItem, roofEntries } from '@huff/core/call';
import { router, useLocalSearchParams } from 'expo-router';
import { useRef, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { sites } from '../../data/records';
import { useShop } from '../../data/useShop';
import { Page } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { dateText, ToldAt, Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import { withFact } from '../visitState/newFact';
import { CellPane } from './CellPane';
import { TakeList, WorkList } from './RoofLists';
import { RoofTable, type RoofCell } from './RoofTable';
import { useRoofSheet } from './useRoofSheet';
import { useRound } from './useRound';

/** As wide as a phone: the drawings in it are made for that. */
const PANE = 360;

/** A site’s units as one sheet: how each check stood last, what is read on today’s round, what is taken up, in which order they are worked. */
export function RoofPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const site = sites.useList().records.find(({ record }) => record.id === id)?.record;
  const { today, roundVisit, isPending: isReading } = useRound(id);
  const { rows, take, work, isPending, isError, saidAt } = useRoofSheet(id, today);
  const [chosen, setChosen] = useState<RoofCell>();
  const pane = useRef<View>(null);
  const wide = useIsWide();
  const { width } = useWindowDimensions();
  const { currency } = useShop();
  const at = rows.findIndex(({ unit }) => unit.id === chosen?.unitId);
  const row = rows[at];
  const dates = rows.flatMap(({ last }) => (last ? [last.startedAt] : [])).sort();
  const open = (unitId: string) => router.push(`/units/${unitId}`);
  const months = Math.min(...rows.map(({ unit }) => equipmentOf(unit.layout).intervalMonths));
  const found = rows.flatMap(({ last }) => (last?.found ?? []).map(readItem));
  const round = rows.filter(({ unit }) => today.has(unit.id)).length;
  const under = [
    `${rows.length} ${rows.length === 1 ? 'unit' : 'units'}`,
    dates.length > 0 ? `last looked at ${dateText(dates.at(-1)!)}` : 'not looked at yet',
    ...(round > 0 ? [`${round} on today’s round`] : []),
  ].join(' · ');
  const nextUnit = rows[at + 1];
  const goTo = (unitId: string | undefined, column = chosen?.column) =>
    unitId !== undefined && column && setChosen({ unitId, column });
  const onDigit = (digit: number) => {
    if (!row || !chosen) return;
    const { visit, onVisit } = roundVisit(row.unit);
    const [entry] = roofEntries(chosen.column, visit);
    const state = entry?.kind === 'look' ? entry.look.states[digit - 1] : undefined;
    if (entry?.kind !== 'look' || !state) return;
    onVisit(withFact(visit, 'look', { item: entry.look.id, state: state.id }, new Date()));
    goTo(nextUnit?.unit.id);
  };
  const enterPane = () =>
    (pane.current as unknown as HTMLElement | null)
      ?.querySelector?.<HTMLElement>('[role="radio"][tabindex="0"], button, [role="button"]')
      ?.focus();
  const columnAt = ROOF_COLUMNS.findIndex(({ id: column }) => column === chosen?.column);
  const nextColumn = ROOF_COLUMNS.slice(columnAt + 1).find(
    ({ id: column }) => row && roofEntries(column, row.unit).length > 0,
  );
  const cell = row && chosen && (
    <CellPane
      key={`${chosen.unitId} ${chosen.column}`}
      row={row}
      cell={chosen}
      round={roundVisit(row.unit)}
      width={wide ? PANE : width - 40}
      // On a phone the next check of the same unit comes; at the desk the same check of the next unit.
      onDone={() => (wide ? goTo(nextUnit?.unit.id) : undefined)}
      nextCheck={nextColumn && { name: nextColumn.name, go: () => goTo(row.unit.id, nextColumn.id) }}
      nextUnit={
        nextUnit && {
          name: nextUnit.unit.name,
          go: () => goTo(nextUnit.unit.id, wide ? chosen.column : ROOF_COLUMNS[0].id),
        }
      }
      onOpen={() => open(row.unit.id)}
    />
  );
  return (
    <Page title={site ? `${site.name}, roof` : 'Roof'} under={under} back={`/sites/${id}`} broad>
      <View style={{ paddingHorizontal: 16, flexDirection: wide ? 'row' : 'column', gap: 28 }}>
        <View style={{ flex: wide ? 1 : undefined, gap: 24 }}>
          {isError && !saidAt && (
            <Txt role="status">
              Earlier results are on the server. Try again with a signal. Today’s readings are saved.
            </Txt>
          )}
          <ToldAt at={saidAt} />
          {isPending && <Txt color="softInk">Loading the last visits…</Txt>}
          {isReading ? (
            <Txt color="softInk">Loading units…</Txt>
          ) : rows.length === 0 ? (
            <Txt>No unit here yet. Each unit of the site gets a row with its last results.</Txt>
          ) : (
            <RoofTable
              rows={rows}
              chosen={chosen}
              onChoose={setChosen}
              onEnter={enterPane}
              onDigit={onDigit}
              onOpen={open}
              wide={wide}
            />
          )}
          <View style={{ flexDirection: wide ? 'row' : 'column', gap: 28 }}>
            <TakeList take={take} wide={wide} />
            <WorkList work={work} wide={wide} />
          </View>
          {work.length > 0 && (
            <Txt size={15} color="softInk">
              {intoShape(found, 0, months, currency).sentence}
            </Txt>
          )}
        </View>
        {wide ? (
          <View ref={pane} style={{ width: PANE, gap: 12 }}>
            {cell ?? <Txt color="softInk">Touch a mark to see its readings and enter new ones.</Txt>}
            <Txt size={14} color="softInk">
              ↑ ↓ unit · ← → check · 1 2 3 what is seen · Enter into it
            </Txt>
          </View>
        ) : (
          <Sheet open={cell !== undefined} onClose={() => setChosen(undefined)} title={row?.unit.name ?? ''}>
            {cell}
          </Sheet>
        )}
      </View>
    </Page>
  );
}
