import type { SiteDto, UnitDto } from '@huff/contract';
import { readKept, type VerdictWord } from '@huff/core';
import type { UnitStand } from '../../data/useStands';

/** A unit as a line of the desk's table. What nobody knows is undefined: it stands last, whichever way the column is sorted. */
export interface UnitLine {
  readonly id: string;
  readonly site: string;
  readonly unit: string;
  readonly tons?: number;
  readonly last?: string;
  readonly staticInWc?: number;
  readonly staticWord: VerdictWord;
  readonly flowCfm?: number;
  readonly flowWord: VerdictWord;
  readonly open?: number;
  readonly says: string;
  /** The server told that nobody was there yet. */
  readonly isNeverVisited: boolean;
}

/** The units in use, with how each stood last. @param stands undefined while the server has not told it */
export function unitLines(
  units: readonly UnitDto[],
  sites: readonly SiteDto[],
  stands: readonly UnitStand[] | undefined,
): UnitLine[] {
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  const standOf = new Map(stands?.map((stand) => [stand.unitId, stand]));
  return units
    .filter(({ archivedAt, siteId }) => !archivedAt && !siteOf.get(siteId)?.archivedAt)
    .map((unit): UnitLine => {
      const stand = standOf.get(unit.id);
      return {
        id: unit.id,
        site: siteOf.get(unit.siteId)?.name ?? '',
        unit: unit.name,
        tons: unit.tons ?? undefined,
        last: stand?.startedAt,
        staticInWc: stand?.staticInWc ?? undefined,
        staticWord: stand?.staticWord ?? 'cantSay',
        flowCfm: stand?.flowCfm ?? undefined,
        flowWord: stand?.flowWord ?? 'cantSay',
        open: stand?.open,
        says: stand ? readKept(stand.headline) : stands ? 'Not visited yet' : 'Not loaded yet',
        isNeverVisited: stands !== undefined && !stand,
      };
    });
}
