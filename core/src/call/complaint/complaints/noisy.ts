import type { Complaint } from '../complaint';

export const noisy: Complaint = {
  id: 'noisy',
  words: 'noisy',
  firstSteps: [
    {
      words: 'Rub, belt, wheel: by ear and hand',
      why: 'A rub is found with the power off in two minutes.',
      station: 'look',
    },
    { words: 'Static', why: 'A fan against a choked duct roars; ducts that move fast whistle.', station: 'pressure' },
    { words: 'Speed and airflow', why: 'Too fast a tap is noise and static for nothing.', station: 'airflow' },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'rotating'],
};
