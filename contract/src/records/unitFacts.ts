import { PLATE_FORM } from '@huff/core/first';
import type { UnitFactsDto } from '../unit';
import { formEntries, type FieldsOf } from './field';
import { SETUP_FIELDS } from './setup';

/** What is known of a unit, wherever it is written down: at the unit and at each visit. */
export const UNIT_FACTS: FieldsOf<UnitFactsDto> = {
  layout: { label: 'Air path', sheet: ['air path', 'text'], kept: 'air path', isAlwaysTold: true },
  motor: { label: 'Motor', sheet: ['motor', 'text'], kept: 'motor', isAlwaysTold: true },
  tons: { label: 'Tons', sheet: ['tons', 'number'], kept: 'tons', isAlwaysTold: true },
  maxTespInWc: {
    label: 'Nameplate static',
    sheet: ['nameplate static in. w.c.', 'number'],
    kept: 'nameplate static',
    isAlwaysTold: true,
  },
  // Begins as the site’s climate or the shop’s target has it; changed at the unit itself.
  cfmPerTon: { label: 'Target per ton', sheet: ['target CFM per ton', 'number'], isAlwaysTold: true },
  tap: { label: 'Tap', sheet: ['speed', 'text'], kept: 'speed', isAlwaysTold: true },
  plate: {
    label: 'Nameplate',
    as: 'json',
    entries: formEntries(PLATE_FORM, {
      model: { sheet: ['model', 'text'], isSearched: true },
      serial: { sheet: ['serial', 'text'], isSearched: true },
    }),
    kept: 'nameplate',
  },
  setup: { label: 'Setup', as: 'json', entries: SETUP_FIELDS, isAlwaysTold: true },
};
