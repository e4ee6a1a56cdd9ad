import { SEA_LEVEL_PSIA, type MoistAir } from '../../air/moistAir';
import { saturationPsia } from '../../call/refrigerant/saturation';
import type { RefrigerantId } from '../../call/refrigerant/refrigerants';
import type { ReadingId } from '../../fix/observe';
import type { PlaceId } from '../live';

/** Cross-section of the duct that a simulated hot wire sits in, sq ft. */
const DUCT_SQ_FT = 1.67;
/** A register is warmer than the plenum by so much while air moves, °F. (J) */
const REGISTER_OVER_F = 2;
/** Of a motor whose current and speed the model does not have. (J) */
const USUAL_AMPS_SHARE = 0.6;
const USUAL_RPM = 1075;

/** A unit as simulated probes meet it. */
export interface ProbedUnit {
  /** The value of a reading of the unit; undefined for what it does not have. */
  readonly read: (reading: ReadingId) => number | undefined;
  /** Air that goes in; undefined where it is not known. */
  readonly entering?: MoistAir;
  readonly roomF?: number;
  readonly outdoorF?: number;
  readonly hasCircuit: boolean;
  readonly refrigerant: RefrigerantId;
  /** Full-load amps of the nameplate of its blower motor. */
  readonly plateAmps: number;
}

const plus = (a: number | undefined, b: number | undefined) => (a === undefined || b === undefined ? undefined : a + b);

/**
 * What every probe that sits at no port would show at rest, from the readings of its unit.
 *
 * @example placeValues(unit).supplyDry // return dry bulb less the drop
 */
export function placeValues(unit: ProbedUnit): Partial<Record<PlaceId, number>> {
  const { read, entering, roomF, outdoorF, hasCircuit, refrigerant, plateAmps } = unit;
  const psig = (tempF: number | undefined, phase: 'dew' | 'bubble') => {
    const psia = tempF === undefined ? undefined : saturationPsia(refrigerant, tempF, phase);
    return psia === undefined ? undefined : psia - SEA_LEVEL_PSIA;
  };
  const flowCfm = read('airflow') ?? 0;
  const drop = hasCircuit ? read('drop') : 0;
  const supplyDry = drop === undefined ? entering?.dryBulbF : plus(entering?.dryBulbF, -drop);
  const [evaporating, condensing] = hasCircuit ? [read('evaporating'), read('condensing')] : [];
  return {
    returnDry: entering?.dryBulbF,
    returnWet: entering?.wetBulbF,
    returnHumidity: entering && 100 * entering.relativeHumidity,
    roomDry: roomF,
    outdoorDry: outdoorF,
    supplyDry,
    register: plus(supplyDry, flowCfm > 0 ? REGISTER_OVER_F : 0),
    blowerAmps: (read('amps') ?? USUAL_AMPS_SHARE) * plateAmps,
    blowerRpm: read('rpm') ?? USUAL_RPM,
    duct: flowCfm / DUCT_SQ_FT,
    suction: psig(evaporating, 'dew'),
    highSide: psig(condensing, 'bubble'),
    suctionLine: plus(evaporating, read('superheat')),
    liquidLine: plus(condensing, -(read('subcooling') ?? 0)),
  };
}
