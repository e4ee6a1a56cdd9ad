import { plainShop, type BlowerTableDto, type PhotoDto, type ShopDto, type SiteDto, type UnitDto, type VisitDto } from '@huff/contract';
import { api } from './api';
import { savedRecords } from './saved';

export const visits = savedRecords<VisitDto>({ key: 'visits', list: api.visits, put: api.putVisit });
export const blowerTables = savedRecords<BlowerTableDto>({
  key: 'blower-tables',
  list: api.blowerTables,
  put: api.putBlowerTable,
});

export const photos = savedRecords<PhotoDto>({ key: 'photos', list: api.photos, put: api.putPhoto });

export const sites = savedRecords<SiteDto>({ key: 'sites', list: api.sites, put: api.putSite });

export const units = savedRecords<UnitDto>({ key: 'units', list: api.units, put: api.putUnit });

/** One a shop. */
export const shop = savedRecords<ShopDto>({ key: 'shop', list: api.shop, put: api.putShop });

const UNKNOWN_SHOP = plainShop('00000000-0000-4000-8000-000000000000');

/** What the shop has set; the usual until it was read once. */
export const useShop = (): ShopDto => shop.useList().records[0]?.record ?? UNKNOWN_SHOP;
