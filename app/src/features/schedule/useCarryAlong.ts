import { useQueryClient } from '@tanstack/react-query';
import { addDays } from 'date-fns/addDays';
import { useEffect, useMemo } from 'react';
import { units } from '../../data/records';
import { loadQuestion } from '../../data/useLoad';
import { roofQuestion } from '../../data/useRoof';
import { unitVisitsQuestion } from '../../data/visits';
import { carryAlong } from '../../data/words/carryAlong';
import { clearOldWords, type Question } from '../../data/words/useServerWord';
import { dayOf, useStops } from '../visitState/stops';

/** More than a day holds: a site of a hundred units is carried by its roof sheet alone. */
const MOST_UNITS = 60;

/** The page that is being opened comes first. */
const WAITS_MS = 1500;

/** Keeps on the phone what today's and tomorrow's stops will want: what is loaded, how their units stood, what was found there and how they moved. */
export function useCarryAlong(now: Date): void {
  const client = useQueryClient();
  const { planned } = useStops();
  const { records } = units.useList();
  const [today, tomorrow] = [dayOf(now), dayOf(addDays(now, 1))];
  const wanted = useMemo((): readonly Question<unknown>[] => {
    const ahead = planned.filter(({ stop, isDone }) => !isDone && (stop.day === today || stop.day === tomorrow));
    if (ahead.length === 0) return [];
    const siteIds = [...new Set(ahead.flatMap(({ site, stop }) => site?.id ?? stop.siteId))];
    const whole = new Set(ahead.flatMap(({ unit, site }) => (unit ? [] : (site?.id ?? []))));
    const unitIds = [
      ...ahead.flatMap(({ unit }) => unit?.id ?? []),
      ...records.flatMap(({ record }) =>
        record.siteId && whole.has(record.siteId) && !record.archivedAt ? [record.id] : [],
      ),
    ];
    return [
      loadQuestion({ from: today, to: today }),
      loadQuestion({ from: today, to: dayOf(addDays(now, 6)) }),
      ...siteIds.map(roofQuestion),
      ...[...new Set(unitIds)].slice(0, MOST_UNITS).map(unitVisitsQuestion),
    ];
  }, [planned, records, now, today, tomorrow]);
  const mark = JSON.stringify(wanted.map(({ key }) => key));
  useEffect(() => {
    let over = false;
    const later = setTimeout(() => void carryAlong(client, wanted, () => over).then(clearOldWords), WAITS_MS);
    return () => {
      over = true;
      clearTimeout(later);
    };
    // The questions are the same as long as their keys are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, mark]);
}
