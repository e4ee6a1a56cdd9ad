import type { BlowerTableDto, PhotoDto, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { useQuery } from '@tanstack/react-query';
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

export const useUnits = () => useQuery<UnitDto[]>({ queryKey: ['units'], queryFn: api.units });
