import type { Complaint } from '../complaint';

export const startUp: Complaint = {
  id: 'startUp',
  words: 'start-up',
  firstSteps: [
    { words: 'Straight-run airflow first', why: 'Everything you judge later builds on it.', station: 'airflow' },
    { words: 'Static against the nameplate', why: 'New unit on old ducts shows here.', station: 'pressure' },
    {
      words: 'Charge per nameplate, in steady conditions',
      why: 'A charge set at low airflow stays wrong.',
      station: 'refrigerant',
    },
  ],
  stations: ['call', 'look', 'airflow', 'pressure', 'drop', 'refrigerant', 'heat', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'refrigerant'],
};
