import { partsWanted, takeUp, type RoofUnitParts, type SiteNeed } from '@huff/core/call';
import type { VisitSummary } from './spine/visitSummary';
import type { UnitDto } from './unit';
import { unitPartsOf } from './unitParts';

/** A unit that is gone to. */
export interface VisitedUnit {
  readonly unit: UnitDto;
  /** Its last visit: what was found, how its checks stood. */
  readonly last?: Pick<VisitSummary, 'found' | 'marks'>;
  /** Its filter is due by its own fillings, or the visit is for it. */
  readonly filterDue?: boolean;
}

const CHECK_ID = /^check-(.+)$/;

/** What a unit takes at a visit, from what stands there and what was found last time. */
export function roofUnitParts({ unit, last, filterDue = false }: VisitedUnit): RoofUnitParts {
  const parts = unitPartsOf(unit);
  const marks = last?.marks ?? {};
  const open = (last?.found ?? []).filter(({ outcome }) => outcome !== 'dealtWith' && outcome !== 'declined');
  return {
    name: unit.name,
    parts,
    beltDue: marks.belt === 'outside',
    filterDue: filterDue || marks.filter === 'outside' || marks.filter === 'atTheEdge',
    wanted: partsWanted(
      open.flatMap(({ id }) => CHECK_ID.exec(id)?.[1] ?? []),
      parts,
    ),
  };
}

/** What the visited units of one site need. */
export const siteNeeds = (site: string, units: readonly VisitedUnit[]): readonly SiteNeed[] =>
  takeUp(units.map(roofUnitParts)).map(({ sought, count, why }) => ({ site, sought, count, why }));
