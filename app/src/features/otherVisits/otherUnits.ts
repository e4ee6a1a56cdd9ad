import type { SiteDto, UnitDto } from '@huff/contract';
import { splitTitle } from '@huff/contract/spine';
import { isSameDay } from 'date-fns/isSameDay';
import type { ListedVisit } from '../../data/visits';

/** A check that was opened today. */
export interface OpenedToday {
  readonly id: string;
  readonly title: string;
  readonly startedAt: string;
}

/** A unit at the address of the visit, with today's check of it. */
export interface UnitHere {
  readonly unit: UnitDto;
  readonly today?: OpenedToday;
}

interface Asked {
  /** The visit one is in. */
  readonly visit: { readonly id: string; readonly title: string; readonly unitId?: string | null };
  /** All others that are on this phone. */
  readonly visits: readonly ListedVisit[];
  readonly units: readonly UnitDto[];
  readonly sites: readonly SiteDto[];
  /** By the server’s clock. */
  readonly now: Date;
}

/** What else there is to check: at the same address first, then what was opened elsewhere today. */
export function otherUnits({ visit, visits, units, sites, now }: Asked) {
  const siteName = splitTitle(visit.title).site;
  const siteId = units.find(({ id }) => id === visit.unitId)?.siteId;
  const site = sites.find(({ id, name, archivedAt }) => (siteId ? id === siteId : name === siteName && !archivedAt));
  const today = visits.filter(({ id, startedAt }) => id !== visit.id && isSameDay(startedAt, now));
  const here = units
    .filter((unit) => unit.siteId === site?.id && unit.id !== visit.unitId && !unit.archivedAt)
    .map((unit): UnitHere => ({ unit, today: today.find(({ unitId }) => unitId === unit.id) }))
    .sort((a, b) => a.unit.name.localeCompare(b.unit.name, undefined, { numeric: true }));
  const listed = new Set(here.map(({ today: one }) => one?.id));
  const others = today.filter(({ id }) => !listed.has(id));
  const isHere = ({ title }: OpenedToday) => site !== undefined && splitTitle(title).site === site.name;
  return { site, here, unnamedHere: others.filter(isHere), elsewhere: others.filter((one) => !isHere(one)) };
}
