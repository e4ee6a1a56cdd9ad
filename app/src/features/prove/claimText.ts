import type { Claim } from '@huff/core/fix';

/** What the untouched stretch makes of a claim, in one line. */
export const CLAIM_TITLE: Readonly<Record<Claim['found'], string>> = {
  asPromised: 'The untouched stretch agrees',
  notChanged: 'The air has not changed: nothing is proven',
  otherwise: 'It did not change as planned: nothing is proven',
};
