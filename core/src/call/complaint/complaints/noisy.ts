import type { Complaint } from '../complaint';

export const noisy: Complaint = {
  id: 'noisy',
  words: 'noisy',
  firstSteps: [
    {
      words: 'Rub, belt, wheel: listen and turn by hand',
      why: 'With power off you find a rub in two minutes.',
      station: 'look',
    },
    { words: 'Static', why: 'A blower on a restricted duct roars; fast air whistles.', station: 'pressure' },
    { words: 'Speed and airflow', why: 'Too fast a tap only adds noise and static.', station: 'airflow' },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'causes', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'rotating'],
};
