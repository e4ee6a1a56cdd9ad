import { LADDER_FORM } from '@huff/core';
import { ofForm } from './factOf';

/** The readings of a refrigerant circuit, whole each time. */
export const ladder = ofForm(LADDER_FORM, { name: 'Refrigerant circuit', isBeside: true });
