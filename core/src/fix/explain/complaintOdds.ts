import type { Cause } from '../causes';

/** How much likelier a cause is behind a complaint than on any call, by group and, before that, by cause. (J) */
interface ComplaintOdds {
  readonly groups?: Readonly<Partial<Record<Cause['group'], number>>>;
  readonly causes?: Readonly<Record<string, number>>;
}

/** (J) Source: what usually comes first behind each complaint. */
const COMPLAINT_ODDS: Readonly<Record<string, ComplaintOdds>> = {
  freezing: {
    groups: { returnSide: 1.4, filter: 1.5, coil: 1.4, fan: 1.3, supplySide: 1.2 },
    causes: { iced: 5, lowCharge: 2, overcharge: 0.4, dirtyOutdoorCoil: 0.4, weakOutdoorFan: 0.4 },
  },
  notCooling: { groups: { refrigerant: 1.5 }, causes: { returnLeak: 1.5 } },
  blowsWarm: { groups: { refrigerant: 2 }, causes: { iced: 2, returnLeak: 1.5 } },
  weakRegister: { groups: { supplySide: 2.5, refrigerant: 0.5 } },
  noisy: { causes: { returnUndersized: 1.5, returnShut: 2, tooFineMedia: 1.5, slippingBelt: 2, linerLoose: 2 } },
  water: { causes: { iced: 3, filterLoaded: 1.3, coilDirtyInside: 1.3, coilDirtyOutside: 1.3 } },
  startUp: {
    causes: {
      wrongTap: 2,
      wrongSheave: 2,
      backwards: 4,
      filterLoaded: 0.2,
      wheelCaked: 0.1,
      coilDirtyInside: 0.1,
      coilDirtyOutside: 0.1,
      slippingBelt: 0.5,
      weakCapacitor: 0.2,
      dirtyOutdoorCoil: 0.2,
    },
  },
  maintenance: { causes: { filterLoaded: 1.3, dirtyOutdoorCoil: 1.3, wheelCaked: 1.2 } },
};

/** How much a complaint speaks for a cause; 1 where it says nothing. @example complaintFactor('freezing', iced) // 5 */
export function complaintFactor(complaint: string | undefined, { id, group }: Pick<Cause, 'id' | 'group'>): number {
  const odds = complaint === undefined ? undefined : COMPLAINT_ODDS[complaint];
  return odds?.causes?.[id] ?? odds?.groups?.[group] ?? 1;
}
