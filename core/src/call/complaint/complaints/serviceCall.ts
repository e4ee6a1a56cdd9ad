import type { Complaint } from '../complaint';

export const serviceCall: Complaint = {
  id: 'serviceCall',
  words: 'service call, nothing said',
  firstSteps: [
    { words: 'Look and listen', why: 'Ice, filter, smell and noise tell where to begin.', station: 'look' },
    { words: 'Static, both sides', why: 'Two holes tell whether the air is right.', station: 'pressure' },
    {
      words: 'Temperature drop',
      why: 'With the air it tells whether the refrigerant side is worth gauges.',
      station: 'drop',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'drop', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'live'],
};
