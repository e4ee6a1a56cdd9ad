import { staticWords } from '@huff/core';
import { memo } from 'react';
import type { StationPlan } from '../../visitState/station';
import { PressureStation } from './PressureStation';

const Pressure = memo(PressureStation);

export const pressure: StationPlan = {
  id: 'pressure',
  progress: ({ assessment: { judgement, counted } }) => ({
    name: 'Pressure',
    state: judgement.tespInWc !== undefined ? 'done' : counted.size > 0 ? 'started' : 'empty',
    lacks: judgement.tespInWc === undefined ? judgement.tesp.sentence : undefined,
    says: judgement.tespInWc === undefined ? undefined : `TESP ${staticWords(judgement.tespInWc)}`,
  }),
  Pane: ({ visit, assessment, width, acts }) => (
    <Pressure
      visit={visit}
      assessment={assessment}
      width={width}
      onVisit={acts.onVisit}
      onPort={acts.askPort}
      onWorking={acts.showWorking}
    />
  ),
};
