import { parameterOf, type Cause } from './cause';
import { withCircuit } from './circuit';
import { resisting } from './resisting';

const range = { mild: 3, bad: 8 };
/** (J) How much ice holds heat back, mild and bad. */
const FOULING = { mild: 1.6, bad: 2.6 } as const;

/** Ice on the coil: nothing that is read then holds. */
export const iced: Cause = {
  id: 'iced',
  group: 'coil',
  name: 'an iced coil',
  kind: 'path',
  at: ({ layout }) => layout !== 'makeUpAir',
  shownBy: [{ item: 'ice', states: ['coil'] }],
  clearedBy: [{ item: 'ice', states: ['none'] }],
  range,
  usual: 4,
  prior: 4,
  signs: 'Airflow and ΔT fall over time; suction line frosts.',
  settledBy: {
    reading: 'look',
    tells: 'look for frost on the suction line and coil. Run the fan only until clear, then measure.',
  },
  apply(system, severity) {
    const factor = parameterOf({ range }, severity);
    return withCircuit(resisting(system, 'coil', factor), {
      coilFouling: FOULING.mild + (FOULING.bad - FOULING.mild) * severity,
    });
  },
};
