import type { Query } from '../db/db';
import type { PlannedStop } from './calendar';

/** Stops of before this are past: a calendar does not carry them for ever. */
const DAYS_BACK = 30;

/** What is planned from a month back on, with where it goes. */
export const plannedStops = (query: Query, shopId: string): Promise<PlannedStop[]> =>
  query<PlannedStop & Record<string, unknown>>(
    `SELECT t.id, to_char(t.day, 'YYYY-MM-DD') AS day, t.why, t.person, s.name AS site, s.address, t.unit_id AS "unitId", u.name AS unit
     FROM stops t JOIN sites s ON s.shop_id = t.shop_id AND s.id = t.site_id
     LEFT JOIN units u ON u.shop_id = t.shop_id AND u.id = t.unit_id
     WHERE t.shop_id = $1 AND t.archived_at IS NULL AND t.day > current_date - $2::integer ORDER BY t.day, t.place, t.id`,
    [shopId, DAYS_BACK],
  );
