import type { UnitDto } from '@huff/contract';
import type { Db } from '../db/db';
import { moment } from '../db/moment';
import { putLatest } from '../db/putLatest';
import type { Author } from '../http/author';
import { notFound } from '../http/problems';

type UnitRow = UnitDto & Record<string, unknown>;

const SELECT = `SELECT id, site_name AS "siteName", name, layout, motor, tons, max_tesp_in_wc AS "maxTespInWc",
    cfm_per_ton AS "cfmPerTon", tap, setup, blower_table_id AS "blowerTableId", proven,
    ${moment('saved_at')} AS "savedAt"
  FROM units`;

/** A unit that was never proven carries no sign of it. */
const asSent = ({ proven, ...unit }: UnitRow): UnitDto => (proven ? { ...unit, proven } : unit);

export function unitsOn(db: Db) {
  return {
    async list({ shopId }: Author): Promise<UnitDto[]> {
      const rows = await db.query<UnitRow>(`${SELECT} WHERE shop_id = $1 ORDER BY site_name, name, id`, [shopId]);
      return rows.map(asSent);
    },

    async get({ shopId }: Author, id: string): Promise<UnitDto> {
      const [row] = await db.query<UnitRow>(`${SELECT} WHERE shop_id = $1 AND id = $2`, [shopId, id]);
      if (!row) throw notFound('unit');
      return asSent(row);
    },

    put: (author: Author, unit: UnitDto): Promise<void> =>
      putLatest(db.query, 'units', author, {
        id: unit.id,
        savedAt: unit.savedAt,
        columns: {
          site_name: unit.siteName,
          name: unit.name,
          layout: unit.layout,
          motor: unit.motor,
          tons: unit.tons ?? null,
          max_tesp_in_wc: unit.maxTespInWc ?? null,
          cfm_per_ton: unit.cfmPerTon,
          tap: unit.tap ?? null,
          setup: unit.setup ? JSON.stringify(unit.setup) : null,
          blower_table_id: unit.blowerTableId ?? null,
          proven: unit.proven ? JSON.stringify(unit.proven) : null,
        },
      }),
  };
}
