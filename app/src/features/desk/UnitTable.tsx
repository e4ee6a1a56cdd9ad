import { flowText, staticText, tonsText, type VerdictWord } from '@huff/core';
import {
  columnFilteringFeature,
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  filterFn_includesString,
  globalFilteringFeature,
  rowSortingFeature,
  sortFn_text,
  tableFeatures,
  useTable,
  type SortingState,
} from '@tanstack/react-table';
import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { FlatList, Pressable, View } from 'react-native';
import { Choice, SearchField } from '../../ui/form';
import { VerdictMark } from '../../ui/marks';
import { Txt, yearDateText } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { UnitLine } from './unitRows';

const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  sortFns: { text: sortFn_text },
  filterFns: { includesString: filterFn_includesString },
});
const helper = createColumnHelper<typeof features, UnitLine>();
const LAST = { sortUndefined: 'last' } as const;
const columns = helper.columns([
  helper.accessor('site', { header: 'Site', sortFn: 'text' }),
  helper.accessor('unit', { header: 'Unit', sortFn: 'text' }),
  helper.accessor('tons', { header: 'Tons', ...LAST }),
  helper.accessor('last', { header: 'Last visit', sortFn: 'text', ...LAST }),
  helper.accessor('staticInWc', { header: 'Static', ...LAST }),
  helper.accessor('flowCfm', { header: 'Airflow', ...LAST }),
  helper.accessor('open', { header: 'Open', ...LAST }),
  helper.accessor('says', { header: 'Next action', sortFn: 'text' }),
]);

type ColumnId = 'site' | 'unit' | 'tons' | 'last' | 'staticInWc' | 'flowCfm' | 'open' | 'says';
const SHARE: Readonly<Record<ColumnId, number>> = {
  site: 2.2,
  unit: 2.2,
  tons: 0.7,
  last: 1.2,
  staticInWc: 1.1,
  flowCfm: 1.2,
  open: 0.7,
  says: 3.4,
};
/** Heads and cells take the same share of the width, whatever is in them. */
const cellStyle = (id: ColumnId) =>
  ({ flex: SHARE[id], minWidth: 0, paddingRight: 8, justifyContent: 'center' }) as const;
const isFigure = (id: string) => ['tons', 'last', 'staticInWc', 'flowCfm', 'open'].includes(id);
/** How a column reads when it is touched first: figures the largest first, words from A. */
const firstDown = (id: string) => isFigure(id);

const FILTERS = [
  { id: 'all', text: 'all' },
  { id: 'outside', text: 'out of range' },
  { id: 'open', text: 'open findings' },
  { id: 'never', text: 'never visited' },
] as const;
type Filter = (typeof FILTERS)[number]['id'];
const IS: Readonly<Record<Filter, (line: UnitLine) => boolean>> = {
  all: () => true,
  outside: ({ staticWord, flowWord }) => staticWord === 'outside' || flowWord === 'outside',
  open: ({ open = 0 }) => open > 0,
  never: ({ isNeverVisited }) => isNeverVisited,
};

/** Every unit of the shop in a table: sorted by a touch on a column, filtered by words and by how it stood. */
export function UnitTable({ lines }: { readonly lines: readonly UnitLine[] }) {
  const palette = usePalette();
  const [sorting, setSorting] = useState<SortingState>([{ id: 'last', desc: true }]);
  const [sought, setSought] = useState('');
  const [filter, setFilter] = useState<Filter>('all');
  const data = useMemo(() => lines.filter(IS[filter]), [lines, filter]);
  const table = useTable({
    features,
    columns,
    data,
    state: { sorting, globalFilter: sought },
    onSortingChange: setSorting,
    globalFilterFn: 'includesString',
    getColumnCanGlobalFilter: ({ id }) => ['site', 'unit', 'says'].includes(id),
    enableSortingRemoval: false,
  });
  const { rows } = table.getRowModel();
  return (
    <View style={{ flex: 1, paddingHorizontal: 16, gap: 10 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 24 }}>
        <View style={{ width: 380 }}>
          <SearchField label="Filter units" value={sought} onChange={setSought} />
        </View>
        <Choice label="Which units" options={FILTERS} chosen={filter} onChoose={setFilter} />
        <Txt size={15} color="softInk" role="status" figures>
          {`${rows.length} of ${lines.length}`}
        </Txt>
      </View>
      <View role="table" aria-label="Units" style={{ flex: 1 }}>
        <View role="row" style={{ flexDirection: 'row', borderBottomWidth: 1.5, borderColor: palette.ink }}>
          {table.getFlatHeaders().map(({ column }) => {
            const id = column.id as ColumnId;
            const is = sorting[0]?.id === id ? (sorting[0].desc ? 'descending' : 'ascending') : undefined;
            const name = String(column.columnDef.header);
            return (
              <View key={id} role="columnheader" aria-sort={is ?? 'none'} style={cellStyle(id)}>
                <Pressable
                  role="button"
                  aria-label={`Sort by ${name}`}
                  onPress={() => setSorting([{ id, desc: is === undefined ? firstDown(id) : is === 'ascending' }])}
                  style={{ minHeight: 40, justifyContent: 'center' }}
                >
                  <Txt size={14} bold={is !== undefined} color={is === undefined ? 'softInk' : 'ink'}>
                    {`${name}${is === undefined ? '' : is === 'ascending' ? ' ↑' : ' ↓'}`}
                  </Txt>
                </Pressable>
              </View>
            );
          })}
        </View>
        <FlatList
          style={{ flex: 1 }}
          data={rows}
          keyExtractor={({ original }) => original.id}
          initialNumToRender={30}
          windowSize={7}
          ListEmptyComponent={
            <Txt style={{ paddingVertical: 14 }}>
              {lines.length === 0
                ? 'No unit yet. Save a quick check as a unit, or add one at a site.'
                : 'No unit matches.'}
            </Txt>
          }
          renderItem={({ item: { original } }) => <Line line={original} />}
        />
      </View>
    </View>
  );
}

function Line({ line }: { readonly line: UnitLine }) {
  const palette = usePalette();
  const { id, site, unit, tons, last, staticInWc, staticWord, flowCfm, flowWord, open, says } = line;
  const cell = (column: ColumnId, content: ReactNode) => (
    <View role="cell" style={cellStyle(column)}>
      {content}
    </View>
  );
  const figure = (text: string) => <Txt figures>{text}</Txt>;
  return (
    <Pressable
      role="row"
      tabIndex={0}
      aria-label={`${unit}, ${site}: ${says}`}
      onPress={() => router.push(`/units/${id}`)}
      style={{ flexDirection: 'row', minHeight: 48, borderBottomWidth: 1, borderColor: palette.line }}
    >
      {cell('site', <Txt numberOfLines={1}>{site}</Txt>)}
      {cell('unit', <Txt numberOfLines={1}>{unit}</Txt>)}
      {cell('tons', figure(tons === undefined ? '' : tonsText(tons)))}
      {cell('last', figure(last === undefined ? '–' : yearDateText(last)))}
      {cell('staticInWc', <Marked text={staticInWc === undefined ? '–' : staticText(staticInWc)} word={staticWord} />)}
      {cell('flowCfm', <Marked text={flowCfm === undefined ? '–' : flowText(flowCfm)} word={flowWord} />)}
      {cell('open', figure(open === undefined ? '' : String(open)))}
      {cell(
        'says',
        <Txt size={15} color="softInk" numberOfLines={2}>
          {says}
        </Txt>,
      )}
    </Pressable>
  );
}

const Marked = ({ text, word }: { readonly text: string; readonly word: VerdictWord }) => (
  <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
    <VerdictMark word={word} size={15} />
    <Txt figures>{text}</Txt>
  </View>
);
