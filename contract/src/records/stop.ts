import type { StopDto } from '../stop';
import { ARCHIVED, type RecordDescription } from './field';

export const stop: RecordDescription<StopDto> = {
  name: 'Stop',
  table: 'stops',
  fields: {
    day: { label: 'Day', as: 'day', isAlwaysTold: true },
    place: { label: 'Daily order', isAlwaysTold: true },
    person: { label: 'Person' },
    siteId: { label: 'Site', isAlwaysTold: true },
    unitId: { label: 'Unit' },
    why: { label: 'What for', isAlwaysTold: true },
    doneAt: { label: 'Done', as: 'moment' },
    archivedAt: ARCHIVED,
  },
};
