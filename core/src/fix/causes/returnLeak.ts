import { shownWords } from '../../base/words';

import { moistAir, ofHumidityRatio } from '../../air/moistAir';
import { parameterOf, type Cause } from './cause';

const range = { mild: 0.05, bad: 0.25 };
/** (J) An attic is warmer than outdoors by the sun: much in summer, little in the cold. °F, and share of saturation. */
const ATTIC = { overSummerF: 25, overWinterF: 5, summerFromF: 70, relativeHumidity: 0.2 };
const atticF = (outdoorF: number) => outdoorF + (outdoorF >= ATTIC.summerFromF ? ATTIC.overSummerF : ATTIC.overWinterF);

/** A return that draws attic air: the coil gets warmer air than the room's, and the drop against the room looks small. */
export const returnLeak: Cause = {
  id: 'returnLeak',
  group: 'returnSide',
  name: 'a return leak',
  kind: 'path',
  at: ({ layout }) => layout !== 'makeUpAir',
  // Told by return air at the unit against the room's.
  shownBy: [{ item: 'returnAir', states: ['leaks'] }],
  clearedBy: [],
  range,
  usual: 0.12,
  prior: 9,
  signs: 'Air at the unit is warmer than the room, so ΔT looks small.',
  settledBy: {
    reading: 'returnAgainstRoom',
    get tells() {
      return `return air at the unit compared with the room: over ${shownWords(3, 'deltaF', 0)} is a leak.`;
    },
  },
  mendedBy: 'sealLeak',
  caution: 'ladder',
  apply(system, severity) {
    const { cooling } = system;
    if (!cooling) return system;
    const share = parameterOf({ range }, severity);
    const attic = moistAir(atticF(cooling.outdoorF), { relativeHumidity: ATTIC.relativeHumidity }, system.altitudeFt);
    const mix = (room: number, away: number) => room + share * (away - room);
    const entering = ofHumidityRatio(
      mix(cooling.entering.dryBulbF, attic.dryBulbF),
      mix(cooling.entering.humidityRatio, attic.humidityRatio),
      system.altitudeFt,
    );
    return { ...system, cooling: { ...cooling, entering } };
  },
};
