import type { SiteDto } from '../site';
import { ARCHIVED, type RecordDescription } from './field';

export const site: RecordDescription<SiteDto> = {
  name: 'Site',
  table: 'sites',
  fields: {
    name: { label: 'Name', sheet: ['name', 'text'], isAlwaysTold: true, isSearched: true },
    address: { label: 'Address', sheet: ['address', 'text'], isSearched: true },
    accessNotes: { label: 'Access', sheet: ['access', 'text'], isSearched: true },
    contact: { label: 'Contact', sheet: ['contact', 'text'], isSearched: true },
    phone: { label: 'Phone', sheet: ['phone', 'text'] },
    email: { label: 'Email address', sheet: ['mail', 'text'] },
    altitudeFt: { label: 'Altitude, ft', sheet: ['altitude ft', 'number'], isAlwaysTold: true },
    climate: { label: 'Climate', sheet: ['climate', 'text'] },
    archivedAt: ARCHIVED,
  },
};
