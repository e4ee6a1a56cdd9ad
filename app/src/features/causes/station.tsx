import type { StationPlan } from '../visitState/station';
import { CausesStep } from './CausesStep';

/** What was read is explained from two statics on; before that there is nothing to rank. */
export const causes: StationPlan = {
  id: 'causes',
  progress: ({ visit, assessment }) => {
    const isRead = assessment.counted.size > 0 || (visit.facts ?? []).some(({ kind }) => kind === 'measuredDrop');
    return {
      name: 'Causes',
      state: isRead ? 'started' : 'empty',
      lacks: isRead ? undefined : 'nothing read',
    };
  },
  Place: CausesStep,
};
