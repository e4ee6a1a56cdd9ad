import type { Complaint } from '../complaint';

export const noRun: Complaint = {
  id: 'noRun',
  words: 'blower does not run',
  firstSteps: [
    {
      words: 'Call for fan and listen',
      why: 'If the thermostat does not call, you end up testing a good motor.',
      station: 'look',
    },
    {
      words: 'Power at the unit, then 24 V',
      why: 'Half of dead blowers have no power or no control voltage.',
      station: 'power',
    },
    {
      words: 'Turn the wheel by hand, locked out',
      why: 'A stuck wheel tells more than a meter, in one minute.',
      station: 'power',
    },
  ],
  stations: ['call', 'look', 'power', 'pressure', 'airflow', 'causes', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'live', 'capacitor'],
};
