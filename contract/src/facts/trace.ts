import { PLACES, TRACE_FORM, type PlaceId } from '@huff/core';
import { ofForm } from './factOf';

/** What a live value did before it was captured. */
export const trace = ofForm(TRACE_FORM, {
  name: ({ place }) => `Trace: ${PLACES[place as PlaceId]?.name ?? 'probe'}`,
  isBeside: true,
});
