import type { LayoutId } from '@huff/core';

/** What an owner calls it. */
export const EQUIPMENT: Readonly<Record<LayoutId, string>> = {
  airHandler: 'air handler',
  furnaceCasedCoil: 'furnace',
  packaged: 'rooftop unit',
  makeUpAir: 'make-up air unit',
};
