import type { Complaint } from '../complaint';

export const maintenance: Complaint = {
  id: 'maintenance',
  words: 'planned maintenance',
  firstSteps: [
    {
      words: 'Doors, wheel, coil, drain, float',
      why: 'In that order each is reached without undoing the last.',
      station: 'upkeep',
    },
    {
      words: 'Filter, belt, capacitors, contactor',
      why: 'Small parts that stop a unit in its worst week.',
      station: 'upkeep',
    },
    { words: 'Drop and static, beside last time', why: 'What drifts is seen before it fails.', station: 'pressure' },
  ],
  stations: ['call', 'upkeep', 'look', 'pressure', 'airflow', 'drop', 'heat', 'found', 'handOver'],
  cautions: ['lockOut', 'rotating', 'roof'],
};
