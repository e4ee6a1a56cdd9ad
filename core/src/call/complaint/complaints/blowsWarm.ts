import type { Complaint } from '../complaint';

export const blowsWarm: Complaint = {
  id: 'blowsWarm',
  words: 'blows warm',
  firstSteps: [
    { words: 'Is the outdoor unit running', why: 'A blower alone moves room air.', station: 'look' },
    { words: 'Ice, filter, static', why: 'An iced or starved coil cools nothing.', station: 'pressure' },
    {
      words: 'Airflow within target, then the gauges',
      why: 'Gauges on a starved coil read low charge.',
      station: 'airflow',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'drop', 'refrigerant', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'refrigerant'],
};
