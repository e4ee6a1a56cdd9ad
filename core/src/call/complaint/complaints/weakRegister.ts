import type { Complaint } from '../complaint';

export const weakRegister: Complaint = {
  id: 'weakRegister',
  words: 'weak at one register',
  firstSteps: [
    {
      words: 'Dampers and the flex to that room',
      why: 'A shut damper or crushed flex is found by eye.',
      station: 'look',
    },
    {
      words: 'Static: supply against return',
      why: 'One weak register is a branch; all weak is the unit.',
      station: 'pressure',
    },
    {
      words: 'Airflow, register by register',
      why: 'Their sum against the unit’s airflow shows a leak.',
      station: 'airflow',
    },
  ],
  stations: ['call', 'look', 'pressure', 'airflow', 'fix', 'prove', 'found', 'handOver'],
  cautions: ['lifeSafety', 'lockOut'],
};
