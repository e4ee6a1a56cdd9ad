import type { Complaint } from '../complaint';

export const noHeat: Complaint = {
  id: 'noHeat',
  words: 'no heat',
  mode: 'heating',
  firstSteps: [
    { words: 'Is there air', why: 'Low airflow opens a limit long before a burner fails.', station: 'look' },
    {
      words: 'Where the sequence stops',
      why: 'Each step needs the one before. The first that fails is the fault.',
      station: 'heat',
    },
    {
      words: 'Filter, static, heating speed',
      why: 'A new igniter in a furnace with low airflow fails within a month.',
      station: 'pressure',
    },
  ],
  stations: ['call', 'look', 'heat', 'power', 'pressure', 'airflow', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'gas', 'live'],
};
