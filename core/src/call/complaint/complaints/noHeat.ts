import type { Complaint } from '../complaint';

export const noHeat: Complaint = {
  id: 'noHeat',
  words: 'no heat',
  mode: 'heating',
  firstSteps: [
    { words: 'Is there air', why: 'A limit opens for want of air long before a burner fails.', station: 'look' },
    {
      words: 'Where the sequence stops',
      why: 'Each rung needs the one before: the first that fails is the fault.',
      station: 'heat',
    },
    {
      words: 'Filter, static, heating speed',
      why: 'A new igniter in a choked furnace is back in a month.',
      station: 'pressure',
    },
  ],
  stations: ['call', 'look', 'heat', 'power', 'pressure', 'airflow', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'gas', 'live'],
};
