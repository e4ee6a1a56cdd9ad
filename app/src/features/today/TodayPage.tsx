import { readKept } from '@huff/core/first';
import { isToday } from 'date-fns/isToday';
import { isYesterday } from 'date-fns/isYesterday';
import { router } from 'expo-router';
import { View } from 'react-native';
import { useEffect, useState, type ComponentType } from 'react';
import { endOpening, keepDay } from '../../data/openingDay';
import { units } from '../../data/records';
import { useDue } from '../../data/useDue';
import { useDraft, useEarlierVisits, useVisitList, type ListedVisit } from '../../data/visits';
import { ActionButton, Columns, Page, PageFoot } from '../../ui/page';
import { Heading, longDateText, Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import type { Computing } from '../visitState/WithSummary';
import { unitLine } from '../visitState/unitWords';
import { useStops } from '../visitState/stops';
import { RestoredNotice } from '../waiting/RestoredNotice';
import { StorageNotice } from '../waiting/StorageNotice';
import { DueList } from './DueList';
import { Earlier } from './Earlier';
import { TodayStops } from './TodayStops';
import { SyncLine } from './SyncLine';
import { VisitRow } from './VisitRow';

function dayName(moment: string): string {
  // One odd visit must not take the others with it.
  if (Number.isNaN(Date.parse(moment))) return 'Unknown date';
  if (isToday(moment)) return 'Today';
  if (isYesterday(moment)) return 'Yesterday';
  return longDateText(moment);
}

/** Visits by day, in the order given. */
export function byDay(visits: readonly ListedVisit[]): [string, ListedVisit[]][] {
  const days = new Map<string, ListedVisit[]>();
  for (const visit of visits) {
    const day = dayName(visit.startedAt);
    days.set(day, [...(days.get(day) ?? []), visit]);
  }
  return [...days];
}

interface TodayPageProps {
  /** What judges a visit that the server does not know yet. */
  readonly computed: Computing;
  /** What an empty shop shows; downloaded only there. */
  readonly welcome: ComponentType;
}

/** Today: the open check to resume, a new one, and the visits of the last days. */
export function TodayPage({ computed, welcome: Welcome }: TodayPageProps) {
  const draft = useDraft();
  const { visits, isPending, isAsking } = useVisitList();
  const [backTo, setBackTo] = useState(false);
  const earlier = useEarlierVisits(backTo);
  const wide = useIsWide();
  const [now] = useState(() => new Date());
  const { planned } = useStops();
  const { records: kept } = units.useList();
  const due = useDue();
  // Nothing was ever done here: what Huff does is shown instead of empty lists.
  const isEmpty =
    visits.length === 0 &&
    !isPending &&
    !isAsking &&
    !draft &&
    planned.length === 0 &&
    kept.length === 0 &&
    due.length === 0;
  const dueHere = <DueList due={due} shown={wide ? 12 : 2} now={now} compact={!wide} />;
  useEffect(() => {
    if (isPending) return;
    keepDay(visits.flatMap(({ summary }) => (summary ? [{ ...summary, headline: readKept(summary.headline) }] : [])));
    endOpening();
  }, [isPending, visits]);
  const foot = (
    <PageFoot broad>
      {draft && draft.readings.length + (draft.table ? 1 : 0) > 0 ? (
        <ActionButton onPress={() => router.push('/quick')} aside={`${draft.readings.length} read`}>
          {`Resume: ${draft.title}`}
        </ActionButton>
      ) : (
        <ActionButton onPress={() => router.push('/quick')} aside="two readings">
          Quick check
        </ActionButton>
      )}
    </PageFoot>
  );
  return (
    <Page title="Today" under={longDateText(now)} foot={foot} broad>
      <Columns
        main={
          <View style={{ gap: 6 }}>
            <SyncLine />
            <RestoredNotice />
            <StorageNotice />
            {draft?.table && (
              <Txt size={15} color="softInk">
                Open: {draft.title} · {unitLine(draft)}
              </Txt>
            )}
            {!isEmpty && <TodayStops now={now} />}
            {byDay([...visits, ...earlier.visits.map((summary) => ({ ...summary, summary }))]).map(([day, listed]) => (
              <View key={day} style={{ paddingTop: 6 }}>
                <Heading size={15} color="softInk" style={{ paddingBottom: 6 }}>
                  {day}
                </Heading>
                {listed.map((visit) => (
                  <VisitRow key={visit.id} visit={visit} computed={computed} />
                ))}
              </View>
            ))}
            {visits.length === 0 && (isAsking || !isPending) && (
              <Txt color="softInk">
                {isAsking
                  ? 'Loading visits…'
                  : 'No visits yet. Start with a quick check: two static readings, nothing to set up.'}
              </Txt>
            )}
            {isEmpty && <Welcome />}
            {/* Under the visits, and not before them: what comes later must not move what a finger is about to touch. */}
            {!wide && !isEmpty && !isPending && !isAsking && dueHere}
            {/* Not before the list stands: what comes above it would push it away under a finger. */}
            {!isPending && !isAsking && <Earlier begun={backTo} earlier={earlier} onBegin={() => setBackTo(true)} />}
          </View>
        }
        side={wide && !isEmpty ? dueHere : undefined}
      />
    </Page>
  );
}
