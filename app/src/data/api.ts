import type { BlowerTableDto, PhotoDto, Problem, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';

/** The server's answer when it is no success: its problem document, or what can be said without one. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message);
  }
}

async function request<T>(path: string, init?: RequestInit): Promise<T> {
  const answer = await fetch(`/api/${path}`, init);
  if (answer.status === 204) return undefined as T;
  const body: unknown = await answer.json().catch(() => undefined);
  if (!answer.ok) {
    throw new ApiError(answer.status, (body as Problem | undefined)?.detail ?? `The server answered ${answer.status}.`);
  }
  return body as T;
}

const put = (path: string, record: object) =>
  request<void>(path, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(record) });

export const api = {
  blowerTables: () => request<BlowerTableDto[]>('blower-tables'),
  photos: () => request<PhotoDto[]>('photos'),
  putPhoto: (photo: PhotoDto) => put(`photos/${photo.id}`, photo),
  sites: () => request<SiteDto[]>('sites'),
  putSite: (site: SiteDto) => put(`sites/${site.id}`, site),
  shop: () => request<ShopDto[]>('shop'),
  putShop: (shop: ShopDto) => put(`shop/${shop.id}`, shop),
  units: () => request<UnitDto[]>('units'),
  putUnit: (unit: UnitDto) => put(`units/${unit.id}`, unit),
  visits: () => request<VisitDto[]>('visits'),
  putVisit: (visit: VisitDto) => put(`visits/${visit.id}`, visit),
  putBlowerTable: (table: BlowerTableDto) => put(`blower-tables/${table.id}`, table),
};
