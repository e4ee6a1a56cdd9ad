import type { Complaint } from '../complaint';

export const notCooling: Complaint = {
  id: 'notCooling',
  words: 'not cooling',
  mode: 'cooling',
  firstSteps: [
    {
      words: 'Inspect: ice, filter, wheel, outdoor unit',
      why: 'Looking costs nothing and solves half the calls.',
      station: 'look',
    },
    {
      words: 'Static, running normally',
      why: 'Rule out low airflow before you blame charge.',
      station: 'pressure',
    },
    {
      words: 'Airflow, then ΔT',
      why: 'Judge charge only when airflow is within target.',
      station: 'airflow',
    },
  ],
  stations: [
    'call',
    'look',
    'pressure',
    'airflow',
    'drop',
    'causes',
    'fix',
    'prove',
    'refrigerant',
    'found',
    'handOver',
  ],
  cautions: ['lockOut', 'rotating'],
};
