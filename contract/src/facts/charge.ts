import { CHARGE_WORK_FORM, chargeWorkFaults } from '@huff/core';
import { ofForm } from './factOf';

/** What was done to a refrigerant charge. */
export const charge = ofForm(
  CHARGE_WORK_FORM,
  { name: 'Work on the charge', isBeside: true, written: ['cylinder', 'where'] },
  chargeWorkFaults,
);
