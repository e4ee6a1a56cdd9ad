import type { CheckedFrom } from '../checks/checkPoint';
import { runningMicrofarads } from '../../air/drive';

/** A run capacitor by amps in its lead and volts across it, while the motor runs. */
export const RUNNING_CAPACITOR_FROM: CheckedFrom = {
  points: ['capacitorAmps', 'capacitorVolts'],
  tell: (read) => {
    const [amps, volts] = [read.get('capacitorAmps')?.value, read.get('capacitorVolts')?.value];
    if (amps === undefined || volts === undefined || volts <= 0) return undefined;
    return { value: runningMicrofarads(amps, volts) };
  },
};
