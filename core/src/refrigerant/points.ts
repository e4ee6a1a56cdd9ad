import { good, type CheckPoint } from '../checks/checkPoint';

/** What is looked at beside the gauges. */
export const REFRIGERANT_POINTS: readonly CheckPoint[] = [
  {
    id: 'thaw',
    name: 'Thaw',
    where: 'cooling off, fan on',
    states: [{ id: 'begun', text: 'begun' }],
    expects: 'until the coil is clear',
    minutes: 45,
  },
  {
    id: 'outdoorFan',
    name: 'Outdoor fan',
    where: 'watched for some minutes while the compressor runs',
    states: [good('cycles', 'cycles'), good('runsOn', 'runs on'), good('still', 'does not run')],
    expects: 'cycles in the cold, runs on in the warm',
    minutes: 5,
  },
];
