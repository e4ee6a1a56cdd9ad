import type { Complaint } from '../complaint';

export const blowsWarm: Complaint = {
  id: 'blowsWarm',
  words: 'blows warm',
  firstSteps: [
    { words: 'Is the outdoor unit running', why: 'Without it the blower only moves room air.', station: 'look' },
    { words: 'Ice, filter, static', why: 'An iced coil or one with low airflow cannot cool.', station: 'pressure' },
    {
      words: 'Airflow within target, then the gauges',
      why: 'With low airflow, gauges look like low charge.',
      station: 'airflow',
    },
  ],
  stations: [
    'call',
    'look',
    'pressure',
    'airflow',
    'drop',
    'refrigerant',
    'causes',
    'fix',
    'prove',
    'found',
    'handOver',
  ],
  cautions: ['lockOut', 'refrigerant'],
};
