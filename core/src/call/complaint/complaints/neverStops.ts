import type { Complaint } from '../complaint';

export const neverStops: Complaint = {
  id: 'neverStops',
  words: 'blower never stops',
  firstSteps: [
    {
      words: 'Thermostat: fan on auto, no call',
      why: 'Fan set to on, or a shorted fan wire, is the cheapest cause.',
      station: 'power',
    },
    {
      words: '24 V at G with no call',
      why: 'No 24 V: welded contacts. With 24 V: the thermostat or its wire.',
      station: 'power',
    },
    {
      words: 'Limit or flash code',
      why: 'Many boards run the blower while a limit is open.',
      station: 'heat',
    },
  ],
  stations: ['call', 'look', 'power', 'heat', 'pressure', 'airflow', 'found', 'handOver'],
  cautions: ['lockOut', 'live', 'rotating'],
};
