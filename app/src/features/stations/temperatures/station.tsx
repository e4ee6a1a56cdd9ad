import { shownWords } from '@huff/core';
import { memo, useCallback } from 'react';
import type { StationPlan, StationProps } from '../../visitState/station';
import { DropStation } from './DropStation';

const Drop = memo(DropStation);

function DropPane({ visit, assessment, width, acts: { askMethod, showWorking } }: StationProps) {
  const read = useCallback(() => askMethod('measuredDrop'), [askMethod]);
  return <Drop visit={visit} assessment={assessment} width={width} onRead={read} onWorking={showWorking} />;
}

export const drop: StationPlan = {
  id: 'drop',
  progress: ({ visit: { mode }, assessment: { drop: verdict, rise } }) => {
    const change = mode === 'heating' ? rise : verdict;
    return {
      name: 'Temperatures',
      state: change?.value === undefined ? 'empty' : 'done',
      says: change?.value === undefined ? undefined : `ΔT ${shownWords(change.value, 'deltaF')}`,
      lacks: change?.value === undefined ? (change?.sentence ?? 'not read') : undefined,
    };
  },
  Pane: DropPane,
};
