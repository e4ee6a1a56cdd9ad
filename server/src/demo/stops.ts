import type { StopDto } from '@huff/contract';
import { demoId } from './ids';

const DAY_MS = 86_400_000;

/** Stops of the demo's days: in how many days, whose, where, what for. */
const PLANNED: readonly (readonly [inDays: number, person: string, site: number, unit: number | null, why: string])[] =
  [
    [0, 'Rowan', 2, 9, 'Belt tension after run-in'],
    [0, 'Rowan', 2, 13, 'Filter, and the wheel'],
    [0, 'Rowan', 8, 12, 'Return with the wider filter'],
    [1, 'Rowan', 5, 3, 'Filter'],
    [2, 'Tamsin', 8, null, 'Maintenance, all units'],
  ];

/** What is planned from `now` on. */
export const demoStops = (now: Date): StopDto[] =>
  PLANNED.map(([inDays, person, site, unit, why], i) => ({
    id: demoId('stop', i + 1),
    day: new Date(now.getTime() + inDays * DAY_MS).toISOString().slice(0, 10),
    place: i + 1,
    person,
    siteId: demoId('site', site),
    unitId: unit === null ? null : demoId('unit', unit),
    why,
  }));
