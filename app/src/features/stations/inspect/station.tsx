import { memo } from 'react';
import type { StationPlan } from '../../visitState/station';
import { LookStation } from './LookStation';

const Look = memo(LookStation);

export const look: StationPlan = {
  id: 'look',
  progress: ({ assessment: { looks } }) => ({
    name: 'Inspect',
    state: looks.size >= 5 ? 'done' : looks.size > 0 ? 'started' : 'empty',
    lacks: looks.size === 0 ? 'nothing looked at' : undefined,
  }),
  Pane: ({ visit, assessment, acts }) => <Look visit={visit} assessment={assessment} onVisit={acts.onVisit} />,
};
