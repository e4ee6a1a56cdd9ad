import type { Complaint } from '../complaint';

export const buildingPulls: Complaint = {
  id: 'buildingPulls',
  words: 'doors pull, building air',
  firstSteps: [
    {
      words: 'Net of exhaust, make-up and outdoor air',
      why: 'A building that is pulled has more out than in.',
      station: 'building',
    },
    {
      words: 'Is the make-up unit on, or on overload',
      why: 'It is switched off for cold or noise, then forgotten.',
      station: 'building',
    },
    {
      words: 'Minimum position and economizer',
      why: 'Outdoor air at the rooftop units is part of the cure.',
      station: 'building',
    },
  ],
  stations: ['call', 'building', 'look', 'power', 'heat', 'pressure', 'airflow', 'found', 'handOver'],
  cautions: ['gas', 'roof', 'lifeSafety'],
};
