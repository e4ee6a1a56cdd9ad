import type { FactDto, PhotoDto, ReadingDto, VisitDto } from '@huff/contract';
import { takenMs } from '@huff/core/first';
import {
  headOf,
  kindOfRecord,
  photosWith,
  recordWith,
  subjectOf,
  visitWith,
  type RecordOf,
  type VisitSummary,
} from '@huff/contract/spine';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { ask } from './ask';
import { heldVisit, isOf, rowsOf } from './spine/outbox';
import type { OutboxRow, Store, ToldPart, ToldVisit } from './spine/store';
import { toldParts } from './spine/toldParts';
import type { Kept } from './records';
import { toldKey } from './readAnew';
import { byServer, useOpenedAt } from './serverClock';
import { isNewHere, spine } from './theSpine';
import { useServerWord, type Question } from './words/useServerWord';
import { laidOver, sendingOf, useOutboxLoaded, useOutboxRows, useSyncStatus } from './useOutbox';

/** A visit as the server told it, with its photos. */
interface WholeTold {
  readonly visit: VisitDto;
  readonly revision: number;
  readonly photos: readonly PhotoDto[];
}

/** What of one kind was added to a visit. */
function partsOf<T extends ToldPart['of']>(parts: readonly ToldPart[], of: T) {
  type Part = Extract<ToldPart, { of: T }>;
  return parts.filter((part) => part.of === of).map((part) => (part as Part).record as Part['record']);
}

const byTime = <T extends ReadingDto | FactDto>(list: T[]) =>
  list.sort((a, b) => takenMs(a) - takenMs(b) || a.id.localeCompare(b.id));

function whole(head: ToldVisit, parts: readonly ToldPart[]): WholeTold {
  const readings = byTime(partsOf(parts, 'reading'));
  const facts = byTime(partsOf(parts, 'fact'));
  return { visit: { ...head.record, readings, facts }, revision: head.revision, photos: partsOf(parts, 'photo') };
}

/** A visit that this phone does not have whole: asked for by its id, whatever its age, and kept. */
async function fetchVisit(id: string): Promise<WholeTold | null> {
  const asked = await ask<VisitDto>(`/api/visits/${id}`);
  if (!asked) return null;
  const { body: visit, revision } = asked;
  const photos = (await ask<{ photos: PhotoDto[] }>(`/api/visits/${id}/photos`))?.body.photos ?? [];
  const store = await spine().store;
  const known = await store.one('visit', id);
  const facts = visit.facts ?? [];
  const head: ToldVisit = {
    kind: 'visit',
    id,
    revision,
    record: headOf(visit),
    readingCount: visit.readings.length,
    factCount: facts.length,
    ...(known?.summary ? { summary: known.summary } : {}),
  };
  const parts = toldParts(id, { readings: visit.readings, facts, photos });
  await store.write({ records: [head], parts });
  return whole(head, parts);
}

/** What the phone has of a visit, else what the server has; null when it has none. */
async function toldVisit(id: string): Promise<WholeTold | null> {
  const store = await spine().store;
  const head = await store.one('visit', id);
  const kept = head && (await keptWhole(store, head));
  if (kept) return kept;
  const madeHere = spine()
    .outbox.rows()
    .some(({ operation }) => operation.kind === 'create' && isOf('visit', id, operation));
  return madeHere ? null : fetchVisit(id);
}

/** Of a visit what the phone has, if it has all of it. */
async function keptWhole(store: Store, head: ToldVisit): Promise<WholeTold | undefined> {
  const parts = await store.parts(head.id);
  const has = (of: ToldPart['of']) => parts.filter((part) => part.of === of).length;
  return has('reading') >= head.readingCount && has('fact') >= head.factCount ? whole(head, parts) : undefined;
}

/** One visit, whole: as the server told it, with what was done here laid over. */
export function useVisit(id: string) {
  const loaded = useOutboxLoaded();
  const { data, isPending, isError } = useQuery({
    queryKey: toldKey.visit(id),
    queryFn: () => toldVisit(id),
    enabled: loaded,
  });
  const rows = useOutboxRows();
  const kept = useMemo((): Kept<VisitDto> | undefined => {
    const own = rowsOf(rows, 'visit', id);
    const record = visitWith(data?.visit, laidOver(own));
    return record && { record, revision: data?.revision ?? 0, ...sendingOf(own) };
  }, [data, rows, id]);
  return { kept, isPending: !kept && isPending, isError };
}

/** The visits that began at or after a moment, whole, the open check among them; those this phone has all of. @param since ISO, UTC */
export function useVisitsSince(since: string): {
  readonly visits: readonly Kept<VisitDto>[];
  readonly isPending: boolean;
} {
  const loaded = useOutboxLoaded();
  const { data } = useQuery({
    queryKey: toldKey.visitsSince(since),
    queryFn: async () => {
      const store = await spine().store;
      const heads = (await store.all('visit')).filter(({ record }) => record.startedAt >= since);
      return (await Promise.all(heads.map((head) => keptWhole(store, head)))).flatMap((one) => one ?? []);
    },
  });
  const rows = useOutboxRows();
  const { clockOffsetMs = 0 } = useSyncStatus();
  const visits = useMemo(() => {
    const told = new Map((data ?? []).map((one) => [one.visit.id, one]));
    const made = rows.flatMap(({ operation: { kind, of, recordId } }) =>
      kind === 'create' && of === 'visit' && !told.has(recordId) ? [recordId] : [],
    );
    return [...told.keys(), ...made].flatMap((id): Kept<VisitDto>[] => {
      const [one, own] = [told.get(id), rowsOf(rows, 'visit', id)];
      const record = own.length === 0 ? one?.visit : visitWith(one?.visit, laidOver(own));
      return record && startOf(record, own, clockOffsetMs) >= since
        ? [{ record, revision: one?.revision ?? 0, ...sendingOf(own) }]
        : [];
    });
  }, [data, rows, since, clockOffsetMs]);
  return { visits, isPending: !data || !loaded };
}

/** A visit that is made and kept at once, with what was read at it: no check that stays open. */
export const makeVisit = (visit: VisitDto): void => void spine().outbox.makeVisit(visit);

/** A change of a visit, made to the version of it that was on the screen. */
export const changeVisit = (revision: number, from: VisitDto, to: VisitDto): void =>
  void spine().outbox.changeVisit(revision, from, to);

/** The check that is open on this phone and not saved yet; undefined until the phone's store was read, null when there is none. */
export function useDraft(): VisitDto | null | undefined {
  const rows = useOutboxRows();
  const loaded = useOutboxLoaded();
  return useMemo(() => {
    if (!loaded) return undefined;
    const id = heldVisit(rows);
    return (id !== undefined && visitWith(undefined, laidOver(rowsOf(rows, 'visit', id)))) || null;
  }, [rows, loaded]);
}

export const drafts = {
  /** Opens a check; one that was open is saved as it stands, if anything was read at it. */
  open: (fresh: VisitDto, now?: VisitDto): void => void spine().outbox.open(fresh, now),
  change: (from: VisitDto, to: VisitDto): void => void spine().outbox.changeVisit(0, from, to),
  save: (visitId: string): void => void spine().outbox.save(visitId),
};

/** A visit in a list: what the server said of it, and whether this phone knows more. */
export interface ListedVisit {
  readonly id: string;
  readonly startedAt: string;
  readonly title: string;
  readonly unitId?: string | null;
  /** Absent while what was done here is not in it: then it is computed here. */
  readonly summary?: VisitSummary;
}

/** When a visit began by the server’s clock: one that the server does not have yet was begun by this phone’s. */
const startOf = ({ id, startedAt }: RecordOf['visit'], own: readonly OutboxRow[], offsetMs: number): string =>
  own.some(({ operation }) => operation.kind === 'create' && isOf('visit', id, operation))
    ? byServer(startedAt, offsetMs)
    : startedAt;

/** A line of the list, with what was changed here laid over: the name a check was given, the unit it was kept as. */
function lineOf(told: RecordOf['visit'], own: readonly OutboxRow[], offsetMs: number): ListedVisit {
  const record = recordWith('visit', told, laidOver(own)) ?? told;
  const { id, title, unitId } = record;
  return { id, startedAt: startOf(record, own, offsetMs), title, unitId };
}

const WEEK_MS = 7 * 86_400_000;

/** A week before the page was opened. */
export const useWeekAgo = () => new Date(useOpenedAt().getTime() - WEEK_MS).toISOString();

/**
 * The visits of the last days and those made here, the newest first. What is still an open check is not among them. `isAsking`: what the
 * phone has is read or known to be nothing, and the server has not answered yet.
 */
export function useVisitList() {
  const since = useWeekAgo();
  const { data } = useQuery({
    queryKey: toldKey.list('visit'),
    queryFn: async () => (await spine().store).all('visit'),
  });
  const rows = useOutboxRows();
  const loaded = useOutboxLoaded();
  const { phase, everTold, clockOffsetMs = 0 } = useSyncStatus();
  const visits = useMemo(() => {
    const own = rows.filter(({ operation }) => kindOfRecord(operation) === 'visit');
    const held = new Set(own.filter(({ state }) => state === 'held').map(({ operation }) => operation.recordId));
    const changed = new Set(own.map(({ operation }) => operation.recordId));
    const made = own.flatMap(({ operation }) =>
      operation.kind === 'create' && !held.has(operation.recordId) ? [operation] : [],
    );
    const told = (data ?? []).filter(({ id, record }) => record.startedAt > since || changed.has(id));
    const known = new Set(told.map(({ id }) => id));
    const listed: ListedVisit[] = [
      ...told.map(({ id, record, summary }) => ({
        ...lineOf(record, rowsOf(rows, 'visit', id), clockOffsetMs),
        ...(summary && !changed.has(id) ? { summary } : {}),
      })),
      ...made
        .filter(({ recordId }) => !known.has(recordId))
        .map(({ recordId, record }) =>
          lineOf(record as RecordOf['visit'], rowsOf(rows, 'visit', recordId), clockOffsetMs),
        ),
    ];
    return listed.sort((a, b) => b.startedAt.localeCompare(a.startedAt));
  }, [data, rows, since, clockOffsetMs]);
  const asked = everTold || phase !== 'starting';
  const [isNew] = useState(isNewHere);
  const isRead = data !== undefined && loaded;
  return { visits, isPending: !isRead || !asked, isAsking: !asked && (isRead || isNew) };
}

interface VisitPageAnswer {
  readonly visits: readonly VisitSummary[];
  readonly next: string | null;
}

/** Visits of before the week, in pages, as far as they were asked for. */
export function useEarlierVisits(wanted: boolean) {
  const since = useWeekAgo();
  const { data, fetchNextPage, hasNextPage, isFetching, isError } = useInfiniteQuery({
    queryKey: ['earlier-visits'],
    enabled: wanted,
    initialPageParam: `${since}_ffffffff-ffff-4fff-bfff-ffffffffffff`,
    queryFn: async ({ pageParam }) =>
      (await ask<VisitPageAnswer>(`/api/visits?after=${pageParam}`))?.body ?? { visits: [], next: null },
    getNextPageParam: (last) => last.next,
  });
  return {
    visits: useMemo(() => data?.pages.flatMap((page) => page.visits) ?? [], [data]),
    more: () => void fetchNextPage(),
    hasMore: hasNextPage,
    isFetching,
    isError,
  };
}

export const unitVisitsQuestion = (unitId: string): Question<readonly VisitSummary[]> => ({
  key: ['unit-visits', unitId],
  ask: async () => (await ask<VisitPageAnswer>(`/api/visits?unit=${unitId}`))?.body.visits ?? [],
});

/** The visits of a unit, none where there is no unit, the newest first: what the server has, and those this phone knows of that it does not. */
export function useUnitVisits(unitId: string | undefined) {
  const { data, isPending, isError, saidAt } = useServerWord({
    ...unitVisitsQuestion(unitId ?? ''),
    enabled: unitId !== undefined,
  });
  const { visits: listed } = useVisitList();
  const { data: told } = useQuery({
    queryKey: toldKey.list('visit'),
    queryFn: async () => (await spine().store).all('visit'),
  });
  const rows = useOutboxRows();
  const visits = useMemo(() => {
    const here = new Set([
      ...(told ?? []).filter(({ record }) => record.unitId === unitId).map(({ id }) => id),
      ...rows.flatMap(({ operation }) =>
        operation.kind === 'create' && operation.of === 'visit' && (operation.record as VisitDto).unitId === unitId
          ? [operation.recordId]
          : operation.kind === 'patch' && operation.of === 'visit' && operation.fields.unitId === unitId
            ? [operation.recordId]
            : [],
      ),
    ]);
    const own = listed.filter(({ id }) => here.has(id));
    const known = new Set(own.map(({ id }) => id));
    const others = (data ?? [])
      .filter(({ id }) => !known.has(id))
      .map((summary): ListedVisit => ({ ...summary, summary }));
    return [...own, ...others].sort((a, b) => b.startedAt.localeCompare(a.startedAt));
  }, [told, rows, listed, data, unitId]);
  return { visits, isPending, isError, saidAt };
}

/** Photos of a record that is no visit: those the server has, and those that wait to be sent. */
function usePhotosOf(kind: 'unit' | 'blowerTable', path: string, id: string): readonly PhotoDto[] {
  const rows = useOutboxRows();
  const waiting = useMemo(() => laidOver(rowsOf(rows, kind, id)), [rows, kind, id]);
  const { data } = useServerWord({
    key: [`${kind}-photos`, id],
    ask: async () => (await ask<{ photos: PhotoDto[] }>(`/api/${path}/${id}/photos`))?.body.photos ?? [],
    // One that was sent is the server's from then on.
    mark: String(waiting.length),
  });
  return useMemo(() => photosWith(data ?? [], waiting), [data, waiting]);
}

/** What was photographed of a unit and at its visits: its plate, its door, where its holes are. */
export const useUnitPhotos = (unitId: string) => usePhotosOf('unit', 'units', unitId);

/** The paper that a blower table was read from. */
export const useTablePhotos = (tableId: string) => usePhotosOf('blowerTable', 'blower-tables', tableId);

/** The photos of a visit, those that wait to be sent among them. */
export function usePhotos(visitId: string): readonly PhotoDto[] {
  const loaded = useOutboxLoaded();
  const { data } = useQuery({ queryKey: toldKey.visit(visitId), queryFn: () => toldVisit(visitId), enabled: loaded });
  const rows = useOutboxRows();
  return useMemo(() => photosWith(data?.photos ?? [], laidOver(rowsOf(rows, 'visit', visitId))), [data, rows, visitId]);
}

export const addPhoto = (photo: PhotoDto): void =>
  void spine().outbox.add({
    id: uuid(),
    madeAt: new Date().toISOString(),
    kind: 'add',
    of: 'photo',
    recordId: subjectOf(photo)!.id,
    record: photo,
  });
