import 'reflect-metadata';
import { assess, partVisit, type VisitDto } from '@huff/contract';
import { planRequest, type PlanWishesDto, type ShopDto } from '@huff/contract/fix';
import { rulesOf } from '@huff/core';
import { plans, type PlanAnswer } from '@huff/core/fix';
import { decode } from 'jpeg-js';

/** What a plan is made from, as it goes to another thread. */
export interface PlanWork {
  readonly visit: VisitDto;
  readonly shop: ShopDto;
  readonly wishes: PlanWishesDto;
}

/** @returns undefined while the visit does not say enough to plan from */
export function makePlans({ visit, shop, wishes }: PlanWork): PlanAnswer | undefined {
  const { before } = partVisit(visit);
  const request = planRequest(before, assess(before, rulesOf(shop.rules)), shop, wishes);
  if (!request) return undefined;
  const run = plans(request);
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}

/** More than a phone's picture has after it was made small; a bomb of a few bytes that unfolds to gigabytes has more. */
const MOST_MEGAPIXELS = 16;
const MOST_MEMORY_MB = 256;

/** Whether bytes are a picture: what only begins like one is decoded to no end. */
export function isJpeg(bytes: Uint8Array): boolean {
  try {
    const { width, height } = decode(bytes, {
      tolerantDecoding: false,
      formatAsRGBA: false,
      useTArray: true,
      maxResolutionInMP: MOST_MEGAPIXELS,
      maxMemoryUsageInMB: MOST_MEMORY_MB,
    });
    return width > 0 && height > 0;
  } catch {
    return false;
  }
}
