import type { BlowerTableDto } from '../blowerTable';
import { ARCHIVED, type RecordDescription } from './field';

export const blowerTable: RecordDescription<BlowerTableDto> = {
  name: 'Blower table',
  table: 'blower_tables',
  fields: {
    name: { label: 'Name', isAlwaysTold: true },
    motor: { label: 'Motor', isAlwaysTold: true },
    tons: { label: 'Tons', isAlwaysTold: true },
    staticsInWc: { label: 'Statics of the table', as: 'json', isAlwaysTold: true },
    taps: { label: 'Taps of the table', as: 'json', isAlwaysTold: true },
    // A table by taps has no RPM figures: nothing stands for them.
    byRpm: { label: 'RPM figures', as: 'json' },
    part: { label: 'Only a part was typed' },
    conditions: { label: 'How the table was measured', as: 'json' },
    archivedAt: ARCHIVED,
  },
};
