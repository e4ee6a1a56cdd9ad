import type { Complaint } from '../complaint';

export const water: Complaint = {
  id: 'water',
  words: 'water',
  firstSteps: [
    { words: 'Ice first', why: 'A thawing coil drips for an hour and is no drain fault.', station: 'look' },
    {
      words: 'Trap, pitch, flush, float',
      why: 'On the suction side a dry or shallow trap holds the water in the pan.',
      station: 'upkeep',
    },
    { words: 'Static and airflow', why: 'Too much air over a wet coil carries water off it.', station: 'pressure' },
  ],
  stations: ['call', 'look', 'upkeep', 'pressure', 'airflow', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut'],
};
