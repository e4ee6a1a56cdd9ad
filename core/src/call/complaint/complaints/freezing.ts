import type { Complaint } from '../complaint';

export const freezing: Complaint = {
  id: 'freezing',
  words: 'freezing up',
  mode: 'cooling',
  firstSteps: [
    {
      words: 'Thaw: cooling off, fan on',
      why: 'Ice blocks the coil: no reading through it is right.',
      station: 'look',
    },
    {
      words: 'Filter, coil face, static',
      why: 'Assume ice means low airflow until you measure it.',
      station: 'pressure',
    },
    {
      words: 'Then charge, and control in the cold',
      why: 'Low charge or a missing head control also freezes a coil.',
      station: 'refrigerant',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'causes', 'fix', 'prove', 'refrigerant', 'found', 'handOver'],
  cautions: ['lockOut', 'refrigerant'],
};
