import type { Complaint } from '../complaint';

export const water: Complaint = {
  id: 'water',
  words: 'water',
  firstSteps: [
    { words: 'Ice first', why: 'A thawing coil drips for an hour. That is not a drain fault.', station: 'look' },
    {
      words: 'Trap, pitch, flush, float',
      why: 'On the suction side a dry or shallow trap keeps water in the pan.',
      station: 'upkeep',
    },
    { words: 'Static and airflow', why: 'Too much airflow blows water off a wet coil.', station: 'pressure' },
  ],
  stations: ['call', 'look', 'upkeep', 'pressure', 'airflow', 'causes', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut'],
};
