import type { Complaint } from '../complaint';

export const freezing: Complaint = {
  id: 'freezing',
  words: 'freezing up',
  mode: 'cooling',
  firstSteps: [
    {
      words: 'Thaw: cooling off, fan on',
      why: 'Ice closes the coil: nothing read through it is true.',
      station: 'look',
    },
    { words: 'Filter, coil face, static', why: 'Ice is want of air until the air is measured.', station: 'pressure' },
    {
      words: 'Then charge, and control in the cold',
      why: 'Low charge and a fan that never cycles freeze a coil as well.',
      station: 'refrigerant',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'fix', 'prove', 'refrigerant', 'found', 'handOver'],
  cautions: ['lockOut', 'refrigerant'],
};
