import type { Complaint } from '../complaint';

export const outdoorDead: Complaint = {
  id: 'outdoorDead',
  words: 'outdoor unit does not run, hums or trips',
  mode: 'cooling',
  isOutdoors: true,
  firstSteps: [
    {
      words: 'Filter, coil, ice',
      why: 'Ice or low airflow opens the low-pressure switch. That is not an outdoor fault.',
      station: 'look',
    },
    {
      words: 'Contactor, capacitor, fan, compressor',
      why: 'Most hums are a capacitor. A compressor on overload with a dead fan is a fan call.',
      station: 'power',
    },
    { words: 'Charge, once it is running', why: 'A switch that opened had a reason.', station: 'refrigerant' },
  ],
  stations: [
    'call',
    'look',
    'power',
    'pressure',
    'airflow',
    'refrigerant',
    'causes',
    'fix',
    'prove',
    'found',
    'handOver',
  ],
  cautions: ['lockOut', 'live', 'capacitor'],
};
