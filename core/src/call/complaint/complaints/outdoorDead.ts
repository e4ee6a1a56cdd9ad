import type { Complaint } from '../complaint';

export const outdoorDead: Complaint = {
  id: 'outdoorDead',
  words: 'outdoor unit does not run, hums or trips',
  mode: 'cooling',
  isOutdoors: true,
  firstSteps: [
    {
      words: 'Filter, coil, ice',
      why: 'Ice or no air opens the low-pressure switch: then it is no outdoor fault.',
      station: 'look',
    },
    {
      words: 'Contactor, capacitor, fan, compressor',
      why: 'Most that hum are a capacitor; a compressor on its overload with a dead fan is a fan call.',
      station: 'power',
    },
    { words: 'Charge, once it runs', why: 'A switch that opened may have had a reason.', station: 'refrigerant' },
  ],
  stations: ['call', 'look', 'power', 'pressure', 'airflow', 'refrigerant', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'live', 'capacitor'],
};
