import type { Complaint } from '../complaint';

export const weakRegister: Complaint = {
  id: 'weakRegister',
  words: 'weak at one register',
  firstSteps: [
    {
      words: 'Dampers and the flex to that room',
      why: 'You can see a shut damper or crushed flex.',
      station: 'look',
    },
    {
      words: 'Static: supply against return',
      why: 'One weak register: that branch. All weak: the unit.',
      station: 'pressure',
    },
    {
      words: 'Airflow, register by register',
      why: 'Compare their sum with the unit’s airflow to find a leak.',
      station: 'airflow',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'causes', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lifeSafety', 'lockOut'],
};
