import { flowWords, shownWords, staticWords, VERDICT_TEXT } from '@huff/core';
import { equipmentOf, intoShape, ROOF_COLUMNS, type RoofColumn, type RoofWork, type TakeUp } from '@huff/core/call';
import { format } from 'date-fns/format';
import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { sites } from '../../data/records';
import { useShop } from '../../data/useShop';
import { VerdictMark } from '../../ui/marks';
import { ActionButton, Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { minutesText } from '../../ui/text/effortText';
import { useIsWide, usePalette } from '../../ui/theme';
import { useStartVisit } from '../visitState/useStartVisit';
import { RoofTable, type RoofCell } from './RoofTable';
import { useRoofSheet, type RoofRow } from './useRoofSheet';

/** A site’s units as one sheet: how each check stood last, what is taken up, in which order they are worked. */
export function RoofPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const site = sites.useList().records.find(({ record }) => record.id === id)?.record;
  const { rows, take, work, isPending, isError } = useRoofSheet(id);
  const [chosen, setChosen] = useState<RoofCell>();
  const wide = useIsWide();
  const { currency } = useShop();
  const { start } = useStartVisit();
  const row = rows.find(({ unit }) => unit.id === chosen?.unitId);
  const dates = rows.flatMap(({ last }) => (last ? [last.startedAt] : [])).sort();
  const open = (unitId: string) => router.push(`/units/${unitId}`);
  const months = Math.min(...rows.map(({ unit }) => equipmentOf(unit.layout).intervalMonths));
  const found = rows.flatMap(({ last }) => last?.found ?? []);
  const under = [
    `${rows.length} ${rows.length === 1 ? 'unit' : 'units'}`,
    dates.length > 0 ? `last looked at ${format(dates.at(-1)!, 'd MMM')}` : 'not looked at yet',
  ].join(' · ');
  const beside = row && chosen && (
    <Beside row={row} column={chosen.column} onOpen={() => open(row.unit.id)} onStart={() => start(row.unit)} />
  );
  return (
    <Page title={site ? `${site.name}, roof` : 'Roof'} under={under} back={`/sites/${id}`} broad>
      <View style={{ paddingHorizontal: 16, flexDirection: wide ? 'row' : 'column', gap: 28 }}>
        <View style={{ flex: wide ? 1 : undefined, gap: 24 }}>
          {isError && <Txt role="status">How the units stood is on the server: try again with a signal.</Txt>}
          {isPending && <Txt color="softInk">Reading how the units stood.</Txt>}
          {rows.length === 0 ? (
            <Txt>No unit here yet. Each unit of the site has its row, with how it stood at its last visit.</Txt>
          ) : (
            <RoofTable rows={rows} chosen={chosen} onChoose={setChosen} onOpen={open} wide={wide} />
          )}
          {!wide && beside}
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
        {wide && (
          <View style={{ width: 300, gap: 12 }}>
            {beside ?? <Txt color="softInk">Touch a mark: what was read and found stands here.</Txt>}
            <Txt size={14} color="softInk">
              ↑ ↓ unit · ← → check · Enter opens it
            </Txt>
          </View>
        )}
      </View>
    </Page>
  );
}

/** What was read for a column, in words. */
function readText({ last }: RoofRow, column: RoofColumn): string | undefined {
  if (!last) return undefined;
  if (column === 'static' && last.staticInWc !== null) return staticWords(last.staticInWc);
  if (column === 'airflow' && last.flowCfm !== null) return flowWords(last.flowCfm);
  if (column === 'drop' && last.dropF !== null) return shownWords(last.dropF, 'deltaF', 1);
  const drop = last.figures?.filterDropInWc;
  return column === 'filter' && drop !== undefined ? staticWords(drop) : undefined;
}

interface BesideProps {
  readonly row: RoofRow;
  readonly column: RoofColumn;
  readonly onOpen: () => void;
  readonly onStart: () => void;
}

/** What stands behind a mark: what was read, when, and what was found at the unit. */
function Beside({ row, column, onOpen, onStart }: BesideProps) {
  const palette = usePalette();
  const { unit, last, marks } = row;
  const word = marks[column] ?? 'cantSay';
  const text = readText(row, column);
  const open = (last?.found ?? []).filter(({ outcome }) => outcome !== 'dealtWith');
  return (
    <View style={{ gap: 10 }} role="region" aria-label={`${unit.name}, ${column}`}>
      <Heading
        size={19}
      >{`${unit.name} · ${ROOF_COLUMNS.find(({ id }) => id === column)!.name.toLowerCase()}`}</Heading>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        {text !== undefined && (
          <Txt size={26} bold figures>
            {text}
          </Txt>
        )}
        <VerdictMark word={word} />
        <Txt>{marks[column] ? VERDICT_TEXT[word] : 'not looked at'}</Txt>
      </View>
      {last && (
        <Txt size={14} color="softInk">
          {`${format(last.startedAt, 'd MMM yyyy')}: ${last.headline}`}
        </Txt>
      )}
      {open.slice(0, 6).map(({ id, words }) => (
        <Txt key={id} size={15} style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 6 }}>
          {words}
        </Txt>
      ))}
      <ActionButton onPress={onOpen}>{`Open ${unit.name}`}</ActionButton>
      <ActionButton quiet onPress={onStart}>
        Start a visit there
      </ActionButton>
    </View>
  );
}

function TakeList({ take, wide }: { readonly take: readonly TakeUp[]; readonly wide: boolean }) {
  const palette = usePalette();
  return (
    <View style={{ flex: wide ? 1 : undefined }}>
      <Heading size={17} style={{ paddingBottom: 6 }}>
        Take up
      </Heading>
      {take.length === 0 && <Txt color="softInk">Nothing known: say belts and filters of the units.</Txt>}
      {take.map(({ part, why, count }) => (
        <View
          key={part}
          style={{ flexDirection: 'row', gap: 10, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}
        >
          <View style={{ flex: 1 }}>
            <Txt>{part}</Txt>
            <Txt size={14} color="softInk">
              {why}
            </Txt>
          </View>
          <Txt size={18} bold figures>
            {String(count)}
          </Txt>
        </View>
      ))}
    </View>
  );
}

interface WorkListProps {
  readonly work: readonly RoofWork[];
  readonly wide: boolean;
}

function WorkList({ work, wide }: WorkListProps) {
  const palette = usePalette();
  return (
    <View style={{ flex: wide ? 1.4 : undefined }}>
      <Heading size={17} style={{ paddingBottom: 6 }}>
        Order of work
      </Heading>
      {work.length === 0 && <Txt color="softInk">Nothing found is open.</Txt>}
      {work.map(({ unitId, name, words, minutes }, i) => (
        <View
          key={unitId}
          style={{ flexDirection: 'row', gap: 10, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}
        >
          <Txt bold figures style={{ width: 18 }}>
            {String(i + 1)}
          </Txt>
          <Txt style={{ flex: 1 }}>{`${name}: ${words}`}</Txt>
          <Txt size={15} color="softInk" figures>
            {minutesText(minutes)}
          </Txt>
        </View>
      ))}
    </View>
  );
}
