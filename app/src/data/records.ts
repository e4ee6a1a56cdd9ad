import { changedFields, recordWith, valuesOf, type RecordKind, type RecordOf } from '@huff/contract/spine';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { OutboxRow, ToldRecord } from './spine/store';
import { toldKey } from './readAnew';
import { spine } from './theSpine';
import { offerUndo } from './undo';
import { laidOver, sendingOf, useOutboxLoaded, useOutboxRows, useSyncStatus, type Sending } from './useOutbox';

/** A record with how far what was done to it has come; `why` when the server refused it. */
export interface Kept<T> {
  readonly record: T;
  /** The server's; 0 while it knows nothing of it. */
  readonly revision: number;
  readonly sending: Sending;
  readonly why?: string;
}

/** Records of a kind as the server told them, with what was done here laid over. */
export function keptRecords<K extends RecordKind>(
  kind: K,
  told: readonly ToldRecord<K>[],
  rows: readonly OutboxRow[],
): Kept<RecordOf[K]>[] {
  const byId = new Map<string, OutboxRow[]>();
  for (const row of rows) {
    if (row.operation.kind === 'add' || row.operation.of !== kind) continue;
    byId.set(row.operation.recordId, [...(byId.get(row.operation.recordId) ?? []), row]);
  }
  const kept = (id: string, from: ToldRecord<K> | undefined): Kept<RecordOf[K]>[] => {
    const own = byId.get(id) ?? [];
    const record = recordWith(kind, from?.record, laidOver(own));
    return record ? [{ record, revision: from?.revision ?? 0, ...sendingOf(own) }] : [];
  };
  const known = new Set(told.map(({ id }) => id));
  return [
    ...told.flatMap((one) =>
      byId.has(one.id) ? kept(one.id, one) : [{ record: one.record, revision: one.revision, sending: 'sent' as const }],
    ),
    ...[...byId.keys()].filter((id) => !known.has(id)).flatMap((id) => kept(id, undefined)),
  ];
}

/** One kind of record: its list, and how it is made and changed here. All of it works without a server. */
function recordsOfKind<K extends Exclude<RecordKind, 'visit'>>(kind: K) {
  const readAll = async () => (await spine().store).all(kind) as Promise<ToldRecord<K>[]>;
  return {
    /** `isPending` until the phone's own store was read and, on a new phone, the server was asked; `isError` while nothing was ever told. */
    useList() {
      const { data } = useQuery({ queryKey: toldKey.list(kind), queryFn: readAll });
      const rows = useOutboxRows();
      const loaded = useOutboxLoaded();
      const { phase, everTold } = useSyncStatus();
      const records = useMemo(() => keptRecords(kind, data ?? [], rows), [data, rows]);
      const asked = everTold || phase !== 'starting';
      return { records, isPending: !data || !loaded || !asked, isError: asked && !everTold };
    },
    create: (record: RecordOf[K]) => void spine().outbox.create(kind, record),
    /** Sets the fields in which the second version differs: one of many, which are taken back together or not at all. */
    set({ record, revision }: Pick<Kept<RecordOf[K]>, 'record' | 'revision'>, to: RecordOf[K]): void {
      const fields = changedFields(kind, record, to);
      if (Object.keys(fields).length > 0) void spine().outbox.patch(kind, record.id, fields, revision);
    },
    /** Sets the fields in which the second version differs, and offers to take that back. @param words what was done: "Altitude kept." */
    change({ record, revision }: Kept<RecordOf[K]>, to: RecordOf[K], words: string): void {
      const fields = changedFields(kind, record, to);
      if (Object.keys(fields).length === 0) return;
      const before = valuesOf(kind, record, Object.keys(fields));
      void spine().outbox.patch(kind, record.id, fields, revision);
      // From the same revision: whoever changed it meanwhile is not overwritten, both values are shown.
      offerUndo(words, () => void spine().outbox.patch(kind, record.id, before, revision));
    },
  };
}

export const blowerTables = recordsOfKind('blowerTable');
export const sites = recordsOfKind('site');
export const units = recordsOfKind('unit');
/** Visits that are planned. */
export const stops = recordsOfKind('stop');
/** How practice drills went. */
export const drills = recordsOfKind('drill');
/** One a shop. */
export const shop = recordsOfKind('shop');
