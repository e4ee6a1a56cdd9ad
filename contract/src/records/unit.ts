import type { UnitDto } from '../unit';
import { ARCHIVED, type RecordDescription } from './field';
import { UNIT_FACTS } from './unitFacts';

export const unit: RecordDescription<UnitDto> = {
  name: 'Unit',
  table: 'units',
  fields: {
    siteId: { label: 'Site', isAlwaysTold: true },
    name: { label: 'Name', sheet: ['name', 'text'], isAlwaysTold: true, isSearched: true },
    ...UNIT_FACTS,
    blowerTableId: { label: 'Blower table', isAlwaysTold: true },
    proven: { label: 'Verified state', as: 'json' },
    ports: { label: 'Holes', as: 'json', items: { key: 'port', label: 'Hole', isNamedByKey: true } },
    location: { label: 'Where it is', sheet: ['where it is', 'text'], isTyped: true, isSearched: true },
    notes: { label: 'Notes', sheet: ['notes', 'text'], isTyped: true, isSearched: true },
    neededHours: { label: 'Hours in use', sheet: ['hours in use', 'text'] },
    archivedAt: ARCHIVED,
  },
};
