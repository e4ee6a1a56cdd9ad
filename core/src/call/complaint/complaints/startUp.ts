import type { Complaint } from '../complaint';

export const startUp: Complaint = {
  id: 'startUp',
  words: 'start-up',
  firstSteps: [
    { words: 'Straight-run airflow first', why: 'It is the base for all that is judged later.', station: 'airflow' },
    { words: 'Static against the plate', why: 'A new unit on an old duct shows here.', station: 'pressure' },
    {
      words: 'Charge by the plate, in steady conditions',
      why: 'A charge set on too little air is wrong for good.',
      station: 'refrigerant',
    },
  ],
  stations: ['call', 'look', 'airflow', 'pressure', 'drop', 'refrigerant', 'heat', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'refrigerant'],
};
