import type { VisitDto } from '@huff/contract';
import { isToday } from 'date-fns/isToday';
import { isYesterday } from 'date-fns/isYesterday';
import { format } from 'date-fns/format';
import { router } from 'expo-router';
import { View } from 'react-native';
import { useDraft } from '../../data/draft';
import { visits } from '../../data/records';
import type { Kept } from '../../data/saved';
import { useWaiting } from '../../data/useWaiting';
import { ActionButton, Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { unitLine } from '../check/motorText';
import { VisitRow } from './VisitRow';

function dayName(moment: string): string {
  if (isToday(moment)) return 'Today';
  if (isYesterday(moment)) return 'Yesterday';
  return format(moment, 'EEEE d MMMM');
}

/** Visits by day, the newest first. */
export function byDay(records: readonly Kept<VisitDto>[]): [string, Kept<VisitDto>[]][] {
  const days = new Map<string, Kept<VisitDto>[]>();
  const newestFirst = [...records].sort((a, b) => b.record.startedAt.localeCompare(a.record.startedAt));
  for (const kept of newestFirst) {
    const day = dayName(kept.record.startedAt);
    days.set(day, [...(days.get(day) ?? []), kept]);
  }
  return [...days];
}

/** Today: the open check to resume, a new one, and the visits of the last days. */
export function TodayPage() {
  const palette = usePalette();
  const { draft } = useDraft();
  const { records, isPending, isError } = visits.useList();
  const waiting = useWaiting();
  const foot = (
    <View style={{ padding: 16, paddingTop: 10, gap: 8, borderTopWidth: 1, borderColor: palette.line, maxWidth: 760 }}>
      {draft && draft.readings.length + (draft.table ? 1 : 0) > 0 ? (
        <ActionButton onPress={() => router.push('/quick')} aside={`${draft.readings.length} read`}>
          {`Resume: ${draft.title}`}
        </ActionButton>
      ) : (
        <ActionButton onPress={() => router.push('/quick')} aside="two readings">
          Quick check
        </ActionButton>
      )}
    </View>
  );
  return (
    <Page title="Today" under={format(new Date(), 'EEEE d MMMM')} foot={foot}>
      <View style={{ paddingHorizontal: 16, gap: 6 }}>
        {waiting > 0 && (
          <Txt role="status" size={15} color="softInk">
            {waiting === 1 ? '1 record waits' : `${waiting} records wait`} to be sent. Everything is kept on this phone.
          </Txt>
        )}
        {isError && waiting === 0 && (
          <Txt role="status" size={15} color="softInk">
            No answer from the server. Shown is what this phone has; readings and verdicts work as always.
          </Txt>
        )}
        {draft?.table && (
          <Txt size={15} color="softInk">
            Open: {draft.title} · {unitLine(draft)}
          </Txt>
        )}
        {byDay(records).map(([day, kept]) => (
          <View key={day} style={{ paddingTop: 6 }}>
            <Heading size={15} color="softInk" style={{ paddingBottom: 6 }}>
              {day}
            </Heading>
            {kept.map((k) => (
              <VisitRow key={k.record.id} kept={k} />
            ))}
          </View>
        ))}
        {records.length === 0 && !isPending && (
          <Txt color="softInk">
            No visit yet. A quick check takes two static readings. With the blower table it says which speed tap is
            right; without one it still helps, and says how far it can be trusted.
          </Txt>
        )}
      </View>
    </Page>
  );
}
