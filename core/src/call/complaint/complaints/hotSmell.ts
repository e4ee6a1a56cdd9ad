import type { Complaint } from '../complaint';

export const hotSmell: Complaint = {
  id: 'hotSmell',
  words: 'smells hot, smoke or alarm',
  firstSteps: [
    {
      words: 'Kill that circuit at the disconnect',
      why: 'Someone may have switched off the wrong circuit. Verify it is dead.',
      station: 'look',
    },
    { words: 'Elements without a blower', why: 'It is a fire risk. Rule it out first.', station: 'heat' },
    {
      words: 'Wheel by hand: seized',
      why: 'A seized motor hums, smells and draws high amps until something opens.',
      station: 'power',
    },
  ],
  stations: ['call', 'look', 'power', 'heat', 'pressure', 'airflow', 'prove', 'found', 'handOver'],
  cautions: ['burning', 'lockOut', 'rotating'],
};
