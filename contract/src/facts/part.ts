import { PART_FORM, partFaults, type RawInputs } from '@huff/core';
import { ofForm } from './factOf';

const shown = (value: unknown) => (typeof value === 'number' || typeof value === 'string' ? String(value) : '?');

/** A part that was taken. */
export const part = ofForm(
  PART_FORM,
  {
    name: ({ count, name }: RawInputs) => `${shown(count)} × ${shown(name)}`,
    isBeside: true,
    written: ['name'],
  },
  partFaults,
);
