import { SOUND_CIRCUIT } from '../../air/refrigeration';
import { parameterOf, type Cause } from './cause';
import { withCircuit } from './circuit';

const range = { mild: 5, bad: 20 };

/** Air or another gas in the circuit that does not condense: it takes room in the condenser. */
export const airInSystem: Cause = {
  id: 'airInSystem',
  name: 'air in the refrigerant',
  kind: 'refrigerant',
  group: 'refrigerant',
  at: ({ layout }) => layout !== 'makeUpAir',
  shownBy: [],
  clearedBy: [],
  range,
  usual: 12,
  prior: 1.5,
  signs: 'Head pressure is high; recently opened or leaked on the low side.',
  settledBy: {
    reading: 'gauges',
    tells: 'with the unit off and cooled to ambient, pressure above saturation means air.',
  },
  apply: (system, severity) =>
    withCircuit(system, {
      airInSystemF: (system.circuit ?? SOUND_CIRCUIT).airInSystemF + parameterOf({ range }, severity),
    }),
};
