import type { StopDto } from '@huff/contract';
import { addDays } from 'date-fns/addDays';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { IconAction } from '../../ui/icons';
import { v4 as uuid } from 'uuid';
import { stops as stopRecords } from '../../data/records';
import { Choice } from '../../ui/form';
import { ActionButton, Columns, Page, PageFoot, TextLink } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { dayOf, dayWords, useStops, type PlannedStop } from '../visitState/stops';
import { LoadList } from './LoadList';
import { JobLine } from './JobLine';
import { JobSheet } from './JobSheet';

const EVERYBODY = '';
/** Days that are past, with what was not done. */
const LEFT_OVER = '';
const SPANS = [
  { id: 'day', text: 'today', days: 0 },
  { id: 'week', text: 'seven days', days: 6 },
] as const;

/** What is planned by day, in its order; and what is loaded for it. */
export function SchedulePage() {
  const [now] = useState(() => new Date());
  const { planned, isPending } = useStops();
  const [person, setPerson] = useState(EVERYBODY);
  const [span, setSpan] = useState<(typeof SPANS)[number]['id']>('day');
  const [editing, setEditing] = useState<Partial<StopDto> & { id: string }>();
  const people = useMemo(() => [...new Set(planned.flatMap(({ stop }) => stop.person ?? []))].sort(), [planned]);
  const today = dayOf(now);
  const shown = planned.filter(
    ({ stop, isDone }) => (person === EVERYBODY || stop.person === person) && (stop.day >= today || !isDone),
  );
  const byDay = new Map<string, PlannedStop[]>();
  for (const one of shown) {
    const day = one.stop.day < today ? LEFT_OVER : one.stop.day;
    byDay.set(day, [...(byDay.get(day) ?? []), one]);
  }
  const to = dayOf(addDays(now, SPANS.find(({ id }) => id === span)!.days));
  const mark = useMemo(() => JSON.stringify(planned.map(({ stop }) => stop)), [planned]);
  const keep = (stop: StopDto) => {
    const there = planned.find(({ stop: one }) => one.id === stop.id);
    if (there) stopRecords.change(there.kept, stop, 'Job changed.');
    else {
      const last = Math.max(0, ...planned.filter(({ stop: one }) => one.day === stop.day).map((one) => one.stop.place));
      stopRecords.create({ ...stop, place: last + 1 });
    }
    setEditing(undefined);
  };
  /** Done, or taken off the plan. */
  const settle = (what: 'doneAt' | 'archivedAt') => {
    const there = planned.find(({ stop }) => stop.id === editing?.id);
    if (there)
      stopRecords.change(
        there.kept,
        { ...there.stop, [what]: new Date().toISOString() },
        what === 'doneAt' ? 'Job done.' : 'Job removed.',
      );
    setEditing(undefined);
  };
  const load = (
    <View style={{ gap: 10 }}>
      <Choice label="For which days" as="strip" options={SPANS} chosen={span} onChoose={setSpan} />
      <LoadList days={{ from: today, to, ...(person === EVERYBODY ? {} : { person }) }} mark={mark} />
    </View>
  );
  return (
    <Page
      title="Schedule"
      under="Planned jobs and the truck load"
      back="/"
      broad
      foot={
        <PageFoot broad>
          <ActionButton onPress={() => setEditing({ id: uuid(), ...(person === EVERYBODY ? {} : { person }) })}>
            Plan a job
          </ActionButton>
        </PageFoot>
      }
    >
      <Columns
        main={
          <View style={{ gap: 14 }}>
            {people.length > 1 && (
              <Choice
                label="Technician"
                options={[{ id: EVERYBODY, text: 'everybody' }, ...people.map((id) => ({ id, text: id }))]}
                chosen={person}
                onChoose={setPerson}
              />
            )}
            {shown.length === 0 && !isPending && (
              <Txt color="softInk">
                Nothing planned. A job is a site or unit on a day, for one person. Huff adds up what it needs.
              </Txt>
            )}
            {[...byDay].map(([day, list]) => (
              <Day
                key={day}
                title={day === LEFT_OVER ? 'Left over' : dayWords(day, now)}
                list={list}
                hidePerson={person !== EVERYBODY}
                onEdit={setEditing}
              />
            ))}
            <TextLink href={'/api/due/calendar.ics'} isFile>
              Calendar file
            </TextLink>
          </View>
        }
        side={load}
      />
      <JobSheet
        stop={editing}
        people={people}
        now={now}
        onKeep={keep}
        onSettle={editing?.siteId === undefined ? undefined : settle}
        onClose={() => setEditing(undefined)}
      />
    </Page>
  );
}

interface DayProps {
  readonly title: string;
  readonly list: readonly PlannedStop[];
  readonly hidePerson: boolean;
  readonly onEdit: (stop: StopDto) => void;
}

/** The stops of a day in their order, each moved up or changed. */
function Day({ title, list, hidePerson, onEdit }: DayProps) {
  const palette = usePalette();
  const change = ({ kept, stop }: PlannedStop, more: Partial<StopDto>, words: string) =>
    stopRecords.change(kept, { ...stop, ...more }, words);
  /** Two stops change their places. */
  const up = (i: number) => {
    const [above, own] = [list[i - 1]!, list[i]!];
    change(above, { place: own.stop.place }, 'Order changed.');
    change(
      own,
      { place: above.stop.place === own.stop.place ? own.stop.place - 1 : above.stop.place },
      'Order changed.',
    );
  };
  return (
    <View role="group" aria-label={title}>
      <Heading size={17} style={{ paddingBottom: 4 }}>
        {title}
      </Heading>
      {list.map((planned, i) => {
        const { stop, unit, site } = planned;
        const name = unit?.name ?? site?.name ?? 'the stop';
        return (
          <View
            key={stop.id}
            style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderColor: palette.line }}
          >
            <JobLine planned={planned} place={i + 1} hidePerson={hidePerson} />
            {i > 0 && (
              <IconAction icon="arrow-up" size={22} accessibilityLabel={`${name} earlier`} onPress={() => up(i)} />
            )}
            <IconAction
              icon="pencil-outline"
              size={22}
              accessibilityLabel={`Change ${name}`}
              onPress={() => onEdit(stop)}
            />
          </View>
        );
      })}
    </View>
  );
}
