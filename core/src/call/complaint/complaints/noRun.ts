import type { Complaint } from '../complaint';

export const noRun: Complaint = {
  id: 'noRun',
  words: 'blower does not run',
  firstSteps: [
    {
      words: 'Ask for the call and hear it',
      why: 'A thermostat that does not call sends everyone to a sound motor.',
      station: 'look',
    },
    {
      words: 'Power at the unit, then 24 V',
      why: 'Half of all dead blowers have no power or no control voltage.',
      station: 'power',
    },
    {
      words: 'Turn the wheel by hand, locked out',
      why: 'A wheel that does not turn tells more than a meter, and a minute decides it.',
      station: 'power',
    },
  ],
  stations: ['call', 'look', 'power', 'pressure', 'airflow', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lockOut', 'live', 'capacitor'],
};
