import type { BlowerTableDto } from '../blowerTable';
import { ARCHIVED, type RecordDescription } from './field';

export const blowerTable: RecordDescription<BlowerTableDto> = {
  name: 'Blower table',
  table: 'blower_tables',
  fields: {
    name: { label: 'Name', isAlwaysTold: true },
    motor: { label: 'Motor', isAlwaysTold: true },
    tons: { label: 'Tons', isAlwaysTold: true },
    staticsInWc: { label: 'Table statics', as: 'json', isAlwaysTold: true },
    taps: { label: 'Table taps', as: 'json', isAlwaysTold: true },
    // A table by taps has no RPM figures: nothing stands for them.
    byRpm: { label: 'RPM figures', as: 'json' },
    part: { label: 'Partly entered' },
    conditions: { label: 'Table conditions', as: 'json' },
    archivedAt: ARCHIVED,
  },
};
