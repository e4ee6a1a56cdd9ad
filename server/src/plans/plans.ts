import type { VisitDto } from '@huff/contract';
import type { PlanWishesDto } from '@huff/contract/fix';
import type { PlanAnswer } from '@huff/core/fix';
import type { Beside } from '../beside/beside';
import type { Db } from '../db/db';
import type { Author } from '../http/author';
import { recordOf } from '../records/records';

/** Plans made at the desk: the same search as on the phone, of a visit that is here. */
export const plansOn = (db: Db, beside: Beside) => ({
  /** @returns undefined while the visit does not say enough to plan from */
  async make({ shopId }: Author, visit: VisitDto, wishes: PlanWishesDto): Promise<PlanAnswer | undefined> {
    const shop = (await recordOf(db.query, 'shop', shopId, shopId))!.record;
    return beside.makePlans({ visit, shop, wishes: { typed: wishes.typed, speedFirst: wishes.speedFirst } });
  },
});
