import type { Complaint } from '../complaint';

export const hotSmell: Complaint = {
  id: 'hotSmell',
  words: 'smells hot, smoke or alarm',
  firstSteps: [
    {
      words: 'Kill that circuit at the disconnect',
      why: 'What others switched off may be the wrong circuit; verify dead.',
      station: 'look',
    },
    { words: 'Elements without a blower', why: 'It is a fire risk and the first thing to rule out.', station: 'heat' },
    {
      words: 'Wheel by hand: seized',
      why: 'A seized motor hums, smells and draws until something opens.',
      station: 'power',
    },
  ],
  stations: ['call', 'look', 'power', 'heat', 'pressure', 'airflow', 'prove', 'found', 'handOver'],
  cautions: ['burning', 'lockOut', 'rotating'],
};
