import { sectionsOf } from '../../air/system';
import { parameterOf, type Cause } from './cause';
import { withInnerLoss } from './coilDirtyInside';
import { resisting } from './resisting';

const range = { mild: 3, bad: 8 };
/** A wet coil inside the cabinet takes about this at 400 CFM per ton, in. w.c.; it is in the blower table. */
const CLEAN_INSIDE_IN_WC = 0.15;

/** Ice on the coil: nothing that is read then holds. */
export const iced: Cause = {
  id: 'iced',
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
    if (sectionsOf(system, 'coil').length > 0) return resisting(system, 'coil', factor);
    const flow = 400 * (system.cooling?.tons ?? 3);
    return withInnerLoss(system, CLEAN_INSIDE_IN_WC * (factor - 1), flow);
  },
};
