import type { Complaint } from '../complaint';

export const maintenance: Complaint = {
  id: 'maintenance',
  words: 'planned maintenance',
  firstSteps: [
    {
      words: 'Doors, wheel, coil, drain, float',
      why: 'This order saves opening things twice.',
      station: 'upkeep',
    },
    {
      words: 'Filter, belt, capacitors, contactor',
      why: 'Small parts that stop a unit in peak season.',
      station: 'upkeep',
    },
    { words: 'ΔT and static compared with last time', why: 'You see drift before it fails.', station: 'pressure' },
  ],
  stations: ['call', 'upkeep', 'look', 'pressure', 'airflow', 'drop', 'heat', 'found', 'handOver'],
  cautions: ['lockOut', 'rotating', 'roof'],
};
