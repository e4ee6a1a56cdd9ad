import type { DrillDto } from '../drill';
import type { RecordDescription } from './field';

export const drill: RecordDescription<DrillDto> = {
  name: 'Drill',
  table: 'drills',
  fields: {
    code: { label: 'Case code', isAlwaysTold: true },
    person: { label: 'Person' },
    doneAt: { label: 'Done', as: 'moment', isAlwaysTold: true },
    isExam: { label: 'Exam', isAlwaysTold: true },
    isHit: { label: 'Cause found', isAlwaysTold: true },
    isOnTarget: { label: 'On target' },
    isStopped: { label: 'Stopped', isAlwaysTold: true },
    minutes: { label: 'Minutes', isAlwaysTold: true },
    bestMinutes: { label: 'Best minutes', isAlwaysTold: true },
    cost: { label: 'Cost', isAlwaysTold: true },
    hints: { label: 'Hints', isAlwaysTold: true },
    cautions: { label: 'Cautions passed over', isAlwaysTold: true },
    hits: { label: 'Skills right', as: 'json', isAlwaysTold: true },
    misses: { label: 'Skills wrong', as: 'json', isAlwaysTold: true },
  },
};
