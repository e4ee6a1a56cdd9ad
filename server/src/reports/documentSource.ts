import type { DocumentSource } from '@huff/paper';
import { rulesOf, type Measures } from '@huff/core';
import type { Query } from '../db/db';
import { notFound } from '../http/problems';
import { photosOf } from '../photos/photos';
import { recordOf } from '../records/records';
import { leftBefore } from '../visits/results';
import { wholeVisits } from '../visits/wholeVisit';

/** What the document of a visit is made from, with everything that the shop keeps beside it. */
export async function documentSource(
  query: Query,
  shopId: string,
  id: string,
  { zone, origin, measures }: { readonly zone: string; readonly origin: string; readonly measures?: Measures },
): Promise<DocumentSource> {
  const [kept] = await wholeVisits(query, shopId, [id]);
  if (!kept) throw notFound('visit');
  const { record: visit } = kept;
  const shop = (await recordOf(query, 'shop', shopId, shopId))!.record;
  const unit = visit.unitId ? (await recordOf(query, 'unit', shopId, visit.unitId))?.record : undefined;
  const site = unit && (await recordOf(query, 'site', shopId, unit.siteId))?.record;
  return {
    visit,
    unit,
    site,
    rules: rulesOf(shop.rules),
    odds: shop.odds,
    carried: await leftBefore(query, shopId, visit),
    photos: ((await photosOf(query, shopId, [id])).get(id) ?? []).map(({ id: photo, item }) => ({ id: photo, item })),
    link: unit && `${origin}/units/${unit.id}`,
    zone,
    measures,
    currency: shop.currency ?? undefined,
    card: shop.card ?? undefined,
    logo: shop.logo ?? undefined,
  };
}
