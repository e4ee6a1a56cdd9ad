import type { Complaint } from '../complaint';

export const notCooling: Complaint = {
  id: 'notCooling',
  words: 'not cooling',
  mode: 'cooling',
  firstSteps: [
    {
      words: 'Look: ice, filter, wheel, outdoor unit',
      why: 'What is seen costs nothing and decides half the calls.',
      station: 'look',
    },
    {
      words: 'Static as it normally runs',
      why: 'Little air explains a weak drop before charge does.',
      station: 'pressure',
    },
    {
      words: 'Airflow, then the drop',
      why: 'Charge is judged only when airflow is within target.',
      station: 'airflow',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'drop', 'fix', 'prove', 'refrigerant', 'found', 'handOver'],
  cautions: ['lockOut', 'rotating'],
};
