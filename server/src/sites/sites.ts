import type { SiteDto } from '@huff/contract';
import type { Db } from '../db/db';
import { moment } from '../db/moment';
import { putLatest } from '../db/putLatest';
import type { Author } from '../http/author';

type SiteRow = SiteDto & Record<string, unknown>;

export function sitesOn(db: Db) {
  return {
    list: ({ shopId }: Author): Promise<SiteDto[]> =>
      db.query<SiteRow>(
        `SELECT id, name, altitude_ft AS "altitudeFt", ${moment('saved_at')} AS "savedAt"
         FROM sites WHERE shop_id = $1 ORDER BY name, id`,
        [shopId],
      ),

    put: (author: Author, site: SiteDto): Promise<void> =>
      putLatest(db.query, 'sites', author, {
        id: site.id,
        savedAt: site.savedAt,
        columns: { name: site.name, altitude_ft: site.altitudeFt ?? null },
      }),
  };
}
