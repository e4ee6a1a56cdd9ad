import { seededRandom } from '../../base/numbers/random';
import { causeOf } from '../../fix/causes';
import type { ExplainRequest } from '../../fix/explain';
import { circuitTables, placeOf, READING_IDS, UNKNOWNS, unitModel } from '../../fix/observe';
import type { RefrigerantId } from '../../call/refrigerant/refrigerants';
import { PORT_IDS } from '../../air/system';
import { placeValues } from './placeValues';
import type { TruthAt } from './simulatedSet';

/** (J) Faults a simulated unit may have, so that there is something to find. */
const FAULTS = ['filterLoaded', 'returnUndersized', 'wheelCaked', 'supplyUndersized', 'wrongTap', 'lowCharge'] as const;
const REFRIGERANT: RefrigerantId = 'R-410A';
/** Of a nameplate that nobody read, A. (J) */
const PLATE_AMPS = 5;

/** A unit whose truth only the simulated instruments know. */
export interface HiddenTruth {
  /** The id of what is wrong with it. */
  readonly cause: string;
  readonly truthAt: TruthAt;
}

/**
 * Makes up what is true of the unit of a visit, for simulated instruments to read: a unit of its kind with a hidden fault.
 *
 * @param seed the same unit for the same visit
 */
export function hiddenTruth({ system, conditions, spread }: ExplainRequest, seed: number): HiddenTruth {
  const random = seededRandom(seed);
  const { cooling } = system;
  const unit = { layout: system.layout, motor: system.fan.motor, filterPlace: system.filterPlace };
  const possible = FAULTS.filter((id) => causeOf(id)!.at(unit) && (cooling || id !== 'lowCharge'));
  const cause = possible[Math.floor(random() * possible.length)]!;
  const sick = causeOf(cause)!.apply(system, 0.4 + 0.5 * random());
  const circuits =
    cooling && circuitTables({ tons: cooling.tons, entering: cooling.entering, outdoorF: cooling.outdoorF });
  const out = new Float64Array(READING_IDS.length);
  const z = UNKNOWNS.map((unknown) => 0.5 * spread[unknown] * (2 * random() - 1));
  unitModel(sick, { circuits, usualCfm: conditions.usualCfm, roomF: cooling?.entering.dryBulbF }).observe(z, out);
  const read = (id: (typeof READING_IDS)[number]) => {
    const value = out[placeOf(id)]!;
    return Number.isFinite(value) ? value : undefined;
  };
  const others: Readonly<Partial<Record<string, number>>> = placeValues({
    read,
    entering: cooling?.entering,
    roomF: cooling?.entering.dryBulbF,
    outdoorF: cooling?.outdoorF,
    hasCircuit: cooling !== undefined,
    refrigerant: REFRIGERANT,
    plateAmps: PLATE_AMPS,
  });
  return {
    cause,
    truthAt: (place) =>
      PORT_IDS.some((port) => port === place) ? read(place as (typeof PORT_IDS)[number]) : others[place],
  };
}
