import type { BlowerTableDto } from './blowerTable';
import type { DrillDto } from './drill';
import type { PhotoDto } from './photo';
import type { ShopDto } from './shop';
import type { SiteDto } from './site';
import type { StopDto } from './stop';
import type { UnitDto } from './unit';
import type { VisitDto } from './visit';

/** In which form a bundle is written; raised when a reader of before could not read it. */
export const BUNDLE_VERSION = 1;

/** A shop's records, or those of one site, in one file. */
export interface Bundle {
  readonly huffBundle: number;
  readonly writtenAt: string;
  readonly sites: readonly SiteDto[];
  readonly blowerTables: readonly BlowerTableDto[];
  readonly units: readonly UnitDto[];
  readonly visits: readonly VisitDto[];
  /** What is planned; files of before do not have it. */
  readonly stops?: readonly StopDto[];
  /** How practice drills went, in a file of the whole shop. */
  readonly drills?: readonly DrillDto[];
  /** Photos with their pictures, where they were asked for. */
  readonly photos?: readonly PhotoDto[];
  /** What the shop set for itself, in a file of the whole shop. */
  readonly shop?: ShopDto;
}

/** What a bundle brings, or brought. */
export interface BundleReport {
  /** Of what nothing was here. */
  readonly added: Readonly<
    Record<
      'sites' | 'blowerTables' | 'units' | 'visits' | 'readings' | 'facts' | 'stops' | 'drills' | 'photos' | 'figures',
      number
    >
  >;
  /** Records that are here already, the same. */
  readonly same: number;
  /** Records that are here with other values: they were left as they are. */
  readonly left: readonly { readonly kind: string; readonly name: string }[];
}
