import { flowWords } from '@huff/core';
import { memo } from 'react';
import type { StationPlan } from '../../visitState/station';
import { AirflowStation } from './AirflowStation';

const Airflow = memo(AirflowStation);

export const airflow: StationPlan = {
  id: 'airflow',
  progress: ({ assessment: { flow, airflow: verdict } }) => ({
    name: 'Airflow',
    state: flow ? (flow.disagreement || flow.usualOnly ? 'started' : 'done') : 'empty',
    lacks: flow ? undefined : verdict.sentence,
    says: flow && flowWords(flow.flowCfm),
  }),
  Pane: ({ visit, assessment, acts }) => (
    <Airflow visit={visit} assessment={assessment} onVisit={acts.onVisit} onMethod={acts.askMethod} />
  ),
};
