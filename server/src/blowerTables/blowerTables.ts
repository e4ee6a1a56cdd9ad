import type { BlowerTableDto } from '@huff/contract';
import type { Db } from '../db/db';
import { moment } from '../db/moment';
import { putLatest } from '../db/putLatest';
import type { Author } from '../http/author';
import { notFound } from '../http/problems';

type TableRow = BlowerTableDto & Record<string, unknown>;

const SELECT = `SELECT id, name, motor, tons, statics_in_wc AS "staticsInWc", taps, by_rpm AS "byRpm",
    ${moment('saved_at')} AS "savedAt"
  FROM blower_tables`;

/** A table by taps has no RPM figures: nothing stands for them. */
const asSent = ({ byRpm, ...table }: TableRow): BlowerTableDto => (byRpm ? { ...table, byRpm } : table);

export function blowerTablesOn(db: Db) {
  return {
    async list({ shopId }: Author): Promise<BlowerTableDto[]> {
      const rows = await db.query<TableRow>(`${SELECT} WHERE shop_id = $1 ORDER BY name, id`, [shopId]);
      return rows.map(asSent);
    },

    async get({ shopId }: Author, id: string): Promise<BlowerTableDto> {
      const [row] = await db.query<TableRow>(`${SELECT} WHERE shop_id = $1 AND id = $2`, [shopId, id]);
      if (!row) throw notFound('blower table');
      return asSent(row);
    },

    put: (author: Author, table: BlowerTableDto): Promise<void> =>
      putLatest(db.query, 'blower_tables', author, {
        id: table.id,
        savedAt: table.savedAt,
        columns: {
          name: table.name,
          motor: table.motor,
          tons: table.tons ?? null,
          statics_in_wc: JSON.stringify(table.staticsInWc),
          taps: JSON.stringify(table.taps),
          by_rpm: table.byRpm ? JSON.stringify(table.byRpm) : null,
        },
      }),
  };
}
