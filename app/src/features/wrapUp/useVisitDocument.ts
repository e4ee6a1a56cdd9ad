import type { SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { visitDocument, type VisitDocument } from '@huff/paper';
import { useMemo } from 'react';
import { sites, units } from '../../data/records';
import { useRules } from '../../data/useRules';
import { useShop } from '../../data/useShop';
import { usePhotos } from '../../data/visits';
import { useCarried } from '../call/useCarried';
import { photoUrl } from '../photos/photoUrl';

interface VisitPapers {
  readonly document: VisitDocument;
  readonly unit?: UnitDto;
  readonly site?: SiteDto;
  /** Where a photo of the visit is fetched from. */
  readonly photoUrl: (id: string) => string;
}

/** The document of a visit with everything this phone knows beside it. @param drawingWidth of drawings on the owner’s page, px */
export function useVisitDocument(visit: VisitDto, drawingWidth: number): VisitPapers {
  const rules = useRules();
  const shop = useShop();
  const carried = useCarried(visit);
  const photos = usePhotos(visit.id);
  const unit = units.useList().records.find(({ record }) => record.id === visit.unitId)?.record;
  const site = sites.useList().records.find(({ record }) => record.id === unit?.siteId)?.record;
  const document = useMemo(
    () =>
      visitDocument({
        visit,
        unit,
        site,
        rules,
        odds: shop.odds,
        carried,
        zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        currency: shop.currency,
        card: shop.card ?? undefined,
        logo: shop.logo ?? undefined,
        photos,
        drawingWidth,
        link: unit && `${globalThis.location?.origin ?? ''}/units/${unit.id}`,
      }),
    [visit, unit, site, rules, shop, carried, photos, drawingWidth],
  );
  const urls = new Map(photos.map((one) => [one.id, photoUrl(one)]));
  return { document, unit, site, photoUrl: (id) => urls.get(id) ?? '' };
}
