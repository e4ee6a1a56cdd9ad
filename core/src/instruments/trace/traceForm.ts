import type { FieldSet } from '../../base/forms';
import { PLACE_IDS, PLACES } from '../live';
import { MOST_SECONDS } from './trace';

/** A trace as a visit keeps it, beside the reading that was captured from it. */
export const TRACE_FORM = {
  fields: {
    readingId: { kind: 'text', label: 'Reading', most: 40, optional: true },
    place: {
      kind: 'choice',
      label: 'Probe place',
      options: PLACE_IDS.map((id) => ({ id, text: PLACES[id].name })),
    },
    probe: { kind: 'text', label: 'Probe', most: 60 },
    seconds: { kind: 'list', label: 'Seconds', unit: 'seconds', min: 0, max: 3600, least: 1, most: MOST_SECONDS },
    values: { kind: 'list', label: 'Values', unit: 'factor', min: -1000, max: 20_000, least: 1, most: MOST_SECONDS },
  },
} as const satisfies FieldSet;
