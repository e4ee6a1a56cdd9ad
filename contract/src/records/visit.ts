import type { VisitHeadDto } from '../visit';
import type { RecordDescription } from './field';
import { UNIT_FACTS } from './unitFacts';

export const visit: RecordDescription<VisitHeadDto> = {
  name: 'Visit',
  table: 'visits',
  fields: {
    title: { label: 'Title', isAlwaysTold: true },
    unitId: { label: 'Unit', isAlwaysTold: true },
    ...UNIT_FACTS,
    mode: { label: 'Mode', isAlwaysTold: true },
    table: { label: 'Blower table', as: 'json', column: 'table_used', isAlwaysTold: true },
    startedAt: { label: 'Start', as: 'moment', isAlwaysTold: true },
  },
};
