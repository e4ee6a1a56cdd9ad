import { LIMITS, type SiteDto } from '@huff/contract';
import { CLIMATES, type Climate, type FieldSet, type RawInputs } from '@huff/core';

const CLIMATE_TEXT: Readonly<Record<Climate, string>> = { usual: 'usual', humid: 'humid', dry: 'dry' };

/** What is known of a site. Only its name must be. */
export const SITE_FORM = {
  fields: {
    name: { kind: 'text', label: 'Name', most: LIMITS.nameLength.max },
    address: { kind: 'text', label: 'Address', most: LIMITS.noteLine.max, optional: true },
    accessNotes: {
      kind: 'text',
      label: 'Access notes',
      most: LIMITS.noteText.max,
      optional: true,
    },
    contact: { kind: 'text', label: 'Contact', most: LIMITS.nameLength.max, optional: true },
    phone: { kind: 'text', label: 'Phone', most: LIMITS.plateText.max, optional: true },
    email: {
      kind: 'text',
      label: 'Email, for reports',
      most: LIMITS.noteLine.max,
      optional: true,
    },
    altitudeFt: {
      kind: 'number',
      label: 'Altitude',
      unit: 'ft',
      ...LIMITS.altitudeFt,
      optional: true,
      hint: 'At 5,000 ft air density is 0.83 of sea level.',
    },
    climate: {
      kind: 'choice',
      label: 'Climate, for target',
      options: CLIMATES.map((id) => ({ id, text: CLIMATE_TEXT[id] })),
    },
  },
} as const satisfies FieldSet;

/** A site with what its form says. */
export function siteWith(site: SiteDto, raw: RawInputs): SiteDto {
  const text = (id: string) => (typeof raw[id] === 'string' && raw[id].trim() !== '' ? raw[id].trim() : null);
  return {
    ...site,
    name: text('name') ?? '',
    address: text('address'),
    accessNotes: text('accessNotes'),
    contact: text('contact'),
    phone: text('phone'),
    email: text('email'),
    altitudeFt: typeof raw.altitudeFt === 'number' ? raw.altitudeFt : null,
    climate: raw.climate === 'humid' || raw.climate === 'dry' ? raw.climate : null,
  };
}
