import type { Complaint } from '../complaint';

export const serviceCall: Complaint = {
  id: 'serviceCall',
  words: 'service call, no complaint given',
  firstSteps: [
    { words: 'Look and listen', why: 'Ice, filter, smell and noise tell you where to start.', station: 'look' },
    { words: 'Static, both sides', why: 'Two readings tell whether airflow is right.', station: 'pressure' },
    {
      words: 'Temperature drop',
      why: 'With airflow it tells you whether gauges are needed.',
      station: 'drop',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'drop', 'causes', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'live'],
};
