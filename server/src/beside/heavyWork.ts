import 'reflect-metadata';
import { assess, partVisit, type VisitDto } from '@huff/contract';
import { planRequest, type PlanWishesDto, type ShopDto } from '@huff/contract/fix';
import { rulesOf } from '@huff/core';
import { plans, type PlanAnswer } from '@huff/core/fix';
import { labelDrawing, LABEL_SIZES, visitDocument, type DocumentSource } from '@huff/paper';
import { decode } from 'jpeg-js';
import { labelPdf, labelSheetPdf } from '../pdf/labelPdf';
import type { PaperSize } from '../pdf/sheet';
import { visitPdf } from '../pdf/visitPdf';

export { checkSent } from './checkSent';

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

/** What a document is printed from, as it goes to another thread. */
export interface DocumentWork {
  readonly source: DocumentSource;
  readonly size: PaperSize;
  /** JPEG by the photo’s id. */
  readonly photos: readonly (readonly [id: string, jpeg: Uint8Array])[];
}

export const printDocument = ({ source, size, photos }: DocumentWork): Promise<Uint8Array> =>
  visitPdf(visitDocument(source), size, new Map(photos));

/** What labels are printed from. */
export interface LabelWork {
  readonly labels: readonly Parameters<typeof labelDrawing>[0][];
  readonly size: (typeof LABEL_SIZES)[number]['id'];
  /** On sheets of this paper; one a page of its own size when absent. */
  readonly paper?: PaperSize;
}

export function printLabels({ labels, size, paper }: LabelWork): Promise<Uint8Array> {
  const label = LABEL_SIZES.find(({ id }) => id === size)!;
  const drawn = labels.map((one) => labelDrawing(one, label));
  return paper ? labelSheetPdf(drawn, label, paper) : labelPdf(drawn, label);
}

/** More than a phone's picture has after it was made small; a bomb of a few bytes that unfolds to gigabytes has more. */
const MOST_MEGAPIXELS = 8;
const MOST_MEMORY_MB = 128;

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
