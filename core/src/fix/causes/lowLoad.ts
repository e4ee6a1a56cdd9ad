import { moistAir } from '../../air/moistAir';
import { parameterOf, type Cause } from './cause';

const range = { mild: 70, bad: 62 };
/** (J) Wet bulb under dry bulb in a cool house, °F. */
const WET_BELOW_F = 10;

/** Cool air into the coil that nobody measured: the circuit has little to do. */
export const lowLoad: Cause = {
  id: 'lowLoad',
  name: 'cool return air',
  kind: 'refrigerant',
  group: 'refrigerant',
  at: ({ layout }) => layout !== 'makeUpAir',
  shownBy: [],
  clearedBy: [],
  range,
  usual: 66,
  prior: 3,
  signs: 'ΔT, suction and superheat are low because the room is cool already.',
  settledBy: { reading: 'returnAgainstRoom', tells: 'dry and wet bulb of the return air at the unit.' },
  // Return air that was measured is no longer in question.
  isPossible: ({ cooling }) => cooling?.assumed === true,
  apply(system, severity) {
    const { cooling, altitudeFt } = system;
    if (!cooling?.assumed) return system;
    const dryBulbF = parameterOf({ range }, severity);
    const entering = moistAir(dryBulbF, { wetBulbF: dryBulbF - WET_BELOW_F }, altitudeFt);
    return { ...system, cooling: { ...cooling, entering } };
  },
};
