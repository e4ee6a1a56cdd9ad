import { orderKey, type RecordKind } from '@huff/contract/spine';
import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import { useListedNames } from '../../data/names';
import { useOutboxRows, useSyncStatus } from '../../data/useOutbox';
import { spine } from '../../data/theSpine';
import { ownRows, waitingForOthers } from '../../data/spine/ownRows';
import type { OutboxRow } from '../../data/spine/store';
import { ActionButton, Page, PageFoot, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { syncWords } from './syncWords';
import { ConflictCard } from './ConflictCard';
import { operationWords, recordWords, type NameOf } from './operationWords';
import { saveOutboxFile } from './outboxFile';
import { LoadSaved } from './LoadSaved';
import { RefusedCard } from './RefusedCard';
import { StorageNotice } from './StorageNotice';

/** What waits, by record, in the order it was begun. */
export function byRecord(rows: readonly OutboxRow[]): OutboxRow[][] {
  const groups = new Map<string, OutboxRow[]>();
  for (const row of rows) {
    const key = orderKey(row.operation);
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  return [...groups.values()];
}

/** Everything this phone did that its server does not have: what needs a person first, then what only waits. */
export function WaitingPage() {
  const rows = useOutboxRows();
  const { phase, person } = useSyncStatus();
  const names = useListedNames();
  const nameOf: NameOf = (kind: RecordKind, id: string) => names.get(`${kind}/${id}`);
  const refused = rows.filter(({ state }) => state === 'refused');
  const disputed = rows.filter(({ state }) => state === 'conflict');
  const waiting = useMemo(
    () => byRecord(ownRows(rows, person).filter(({ state }) => state === 'waiting')),
    [rows, person],
  );
  const held = rows.filter(({ state }) => state === 'held').length;
  const words = syncWords(phase, waiting.length, refused.length + disputed.length, waitingForOthers(rows, person));
  const foot = waiting.length > 0 && (
    <PageFoot>
      <ActionButton quiet onPress={() => spine().wake()} aside="it also retries automatically">
        Try now
      </ActionButton>
    </PageFoot>
  );
  return (
    <Page title="Not synced yet" under="Saved on this phone until synced" back="/" foot={foot}>
      <View style={{ paddingHorizontal: 16, gap: 18 }}>
        <StorageNotice />
        <Txt role="status">{words ?? 'Everything on this phone is synced.'}</Txt>
        {disputed.length > 0 && (
          <Section title="Two values">
            {disputed.map((row) => (
              <ConflictCard key={row.id} row={row} of={recordWords(row.operation, nameOf)} />
            ))}
          </Section>
        )}
        {refused.length > 0 && (
          <Section title="Refused by the server">
            {refused.map((row) => (
              <RefusedCard key={row.id} row={row} of={recordWords(row.operation, nameOf)} />
            ))}
          </Section>
        )}
        {waiting.length > 0 && (
          <Section title="Sending">
            {waiting.map((group) => (
              <Waiting key={group[0]!.id} of={recordWords(group[0]!.operation, nameOf)} group={group} />
            ))}
          </Section>
        )}
        {rows.length > 0 && <TextButton onPress={() => saveOutboxFile(rows)}>Save all to file</TextButton>}
        <LoadSaved />
        {held > 0 && (
          <Txt size={15} color="softInk">
            The open check is on this phone too. It syncs once you save it.
          </Txt>
        )}
      </View>
    </Page>
  );
}

function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <View role="group" aria-label={title} style={{ gap: 10 }}>
      <Heading size={18}>{title}</Heading>
      {children}
    </View>
  );
}

/** How many of a record's changes are told one by one. */
const TOLD = 6;

function Waiting({ of, group }: { readonly of: string; readonly group: readonly OutboxRow[] }) {
  const palette = usePalette();
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 8, gap: 2 }}>
      <Txt bold>{of}</Txt>
      {group.slice(0, TOLD).map(({ id, operation }) => (
        <Txt key={id} size={15} color="softInk" figures>
          {operationWords(operation)}
        </Txt>
      ))}
      {group.length > TOLD && (
        <Txt size={15} color="softInk">
          and {group.length - TOLD} more.
        </Txt>
      )}
    </View>
  );
}
