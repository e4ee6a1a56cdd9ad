/** What the app computes of a record before it draws it. */
import { assess, partVisit, type VisitDto } from '@huff/contract';
import { planRequest, type ShopDto } from '@huff/contract/fix';
import { rulesOf } from '@huff/core';
import { plans } from '@huff/core/fix';

export function judgeWhole(visit: VisitDto, shop: ShopDto): void {
  const { before, after } = partVisit(visit);
  const rules = rulesOf(shop.rules);
  if (after) assess(after, rules);
  const request = planRequest(before, assess(before, rules), shop, { typed: {} });
  if (!request) return;
  const run = plans(request);
  while (!run.next().done);
}
