import type { Claim } from '@huff/core/fix';

/** What the untouched section makes of a claim, in one line. */
export const CLAIM_TITLE: Readonly<Record<Claim['found'], string>> = {
  asPromised: 'The untouched section agrees',
  notChanged: 'Airflow has not changed: not verified',
  otherwise: 'It did not change as planned: not verified',
};
