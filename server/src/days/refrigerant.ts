import { chargeWorks, netOunces, type KeptChargeWork } from '@huff/core/call';
import type { Fact } from '@huff/core';
import type { Query, Row } from '../db/db';
import { moment } from '../db/moment';

/** What was done to a charge, with the unit it was done at. */
interface ChargeLine {
  readonly work: KeptChargeWork;
  readonly visit: string;
}

/**
 * Everything that was done to charges at the shop's visits, the oldest first; what was taken back is not among it.
 *
 * @param shopId the shop's own
 */
async function chargeLines(query: Query, shopId: string): Promise<readonly ChargeLine[]> {
  const rows = await query<Pick<Fact, 'id' | 'kind' | 'inputs' | 'replacesId' | 'takenAt'> & { visit: string } & Row>(
    `SELECT f.id, f.kind, f.inputs, f.replaces_id AS "replacesId", ${moment('f.taken_at')} AS "takenAt", v.title AS visit
     FROM facts f JOIN visits v ON v.shop_id = $1 AND v.id = f.visit_id
     WHERE f.shop_id = $1 AND f.kind IN ('charge', 'takenBack') ORDER BY f.taken_at, f.id`,
    [shopId],
  );
  const visits = new Map(rows.map(({ id, visit }) => [id, visit]));
  return chargeWorks(rows).map((work) => ({ work, visit: visits.get(work.factId) ?? '' }));
}

const NO_CYLINDER = 'no cylinder said';
const HEAD = ['cylinder', 'refrigerant', 'date', 'visit', 'circuit', 'what', 'oz', 'net of the cylinder, oz'];

/** Rows of the list by cylinder: each amount, and after its last one what left the cylinder on the whole. */
export async function cylinderRows(query: Query, shopId: string): Promise<(string | number)[][]> {
  const byCylinder = new Map<string, ChargeLine[]>();
  for (const line of await chargeLines(query, shopId)) {
    if (line.work.ounces === undefined) continue;
    const key = `${line.work.cylinder ?? NO_CYLINDER}\n${line.work.refrigerant}`;
    byCylinder.set(key, [...(byCylinder.get(key) ?? []), line]);
  }
  const rows = [...byCylinder.values()].flatMap((lines) =>
    lines.map(({ work, visit }, i) => [
      work.cylinder ?? NO_CYLINDER,
      work.refrigerant,
      (work.takenAt ?? '').slice(0, 10),
      visit,
      work.circuit,
      work.what,
      work.ounces ?? 0,
      i === lines.length - 1 ? netOunces(lines.map((line) => line.work)) : '',
    ]),
  );
  return [HEAD, ...rows];
}
