import type { Complaint } from '../complaint';

export const buildingPulls: Complaint = {
  id: 'buildingPulls',
  words: 'doors pull, building air',
  firstSteps: [
    {
      words: 'Exhaust against make-up and outdoor air',
      why: 'Negative pressure means more air out than in.',
      station: 'building',
    },
    {
      words: 'Is the make-up unit on, or on overload',
      why: 'People switch it off for cold or noise, then forget it.',
      station: 'building',
    },
    {
      words: 'Minimum position and economizer',
      why: 'Outdoor air at the rooftop units is part of the fix.',
      station: 'building',
    },
  ],
  stations: ['call', 'building', 'look', 'power', 'heat', 'pressure', 'airflow', 'found', 'handOver'],
  cautions: ['gas', 'roof', 'lifeSafety'],
};
