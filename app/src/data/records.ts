import { type BlowerTableDto, type PhotoDto, type SiteDto, type UnitDto, type VisitDto } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
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
