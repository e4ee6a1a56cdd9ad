import type { System } from '../../air/system';
import { parameterOf, type Cause } from './cause';

const range = { mild: 0.9, bad: 0.65 };
const more = { mild: 1.1, bad: 1.4 };

/** The blower moves another airflow than the table in use says: the table is another model's. */
const withTableOff = (system: System, factor: number): System => ({
  ...system,
  fan: { ...system.fan, lags: [...(system.fan.lags ?? []), { cause: 'unknown', acts: 'flow', factor }] },
});

/** A blower table of another model, coil or voltage: about one unit in ten. */
export const wrongTable: Cause = {
  id: 'wrongTable',
  name: 'a blower table of another model',
  kind: 'reading',
  group: 'reading',
  at: () => true,
  shownBy: [],
  clearedBy: [],
  range,
  usual: 0.8,
  prior: 10,
  signs: 'Two measured airflows agree with each other, but not with the table.',
  settledBy: { reading: 'secondMethod', tells: 'a second airflow method, and the model number on the nameplate.' },
  isPossible: ({ fan }) => fan.table !== undefined,
  apply: (system, severity) => withTableOff(system, parameterOf({ range }, severity)),
  opposite: (system, severity) => withTableOff(system, parameterOf({ range: more }, severity)),
};
