import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { blowerTables, sites, units } from './records';
import { toldKey } from './readAnew';
import { spine } from './theSpine';
import { useOutboxRows } from './useOutbox';

/** What records are called, by "kind/id": those the server told and those made here. */
export function useListedNames(): ReadonlyMap<string, string> {
  const { records: siteList } = sites.useList();
  const { records: unitList } = units.useList();
  const { records: tableList } = blowerTables.useList();
  const { data: visits } = useQuery({
    queryKey: toldKey.list('visit'),
    queryFn: async () => (await spine().store).all('visit'),
  });
  const rows = useOutboxRows();
  return useMemo(
    () =>
      new Map<string, string>([
        ...siteList.map(({ record }) => [`site/${record.id}`, record.name] as const),
        ...unitList.map(({ record }) => [`unit/${record.id}`, record.name] as const),
        ...tableList.map(({ record }) => [`blowerTable/${record.id}`, record.name] as const),
        ...(visits ?? []).map(({ id, record }) => [`visit/${id}`, record.title] as const),
        ...rows.flatMap(({ operation }) =>
          operation.kind === 'create' && operation.of === 'visit'
            ? [[`visit/${operation.recordId}`, (operation.record as { title: string }).title] as const]
            : [],
        ),
      ]),
    [siteList, unitList, tableList, visits, rows],
  );
}
