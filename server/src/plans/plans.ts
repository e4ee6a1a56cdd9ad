import { assess, partVisit, type VisitDto } from '@huff/contract';
import { planRequest, type PlanWishesDto } from '@huff/contract/fix';
import { rulesOf } from '@huff/core';
import { plans, type PlanAnswer } from '@huff/core/fix';
import type { Db } from '../db/db';
import type { Author } from '../http/author';
import { recordOf } from '../records/records';

const breath = () => new Promise<void>((go) => setImmediate(go));

/** Plans made at the desk: the same search as on the phone, of a visit that is here. */
export function plansOn(db: Db) {
  return {
    /** @returns undefined while the visit does not say enough to plan from */
    async make({ shopId }: Author, visit: VisitDto, wishes: PlanWishesDto): Promise<PlanAnswer | undefined> {
      const { before } = partVisit(visit);
      const shop = (await recordOf(db.query, 'shop', shopId, shopId))!.record;
      const request = planRequest(before, assess(before, rulesOf(shop.rules)), shop, wishes);
      if (!request) return undefined;
      const run = plans(request);
      for (;;) {
        const step = run.next();
        if (step.done) return step.value;
        // Other requests are answered between the steps of a long search.
        await breath();
      }
    },
  };
}
