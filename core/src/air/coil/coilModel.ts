import { barometricPsia, saturatedEnthalpy, STANDARD_DENSITY, SEA_LEVEL_PSIA, type MoistAir } from '../moistAir';
import { bracketedRoot } from '../../base/numbers/bracketedRoot';

/** What decides the temperature drop of a sound cooling coil. */
export interface CoilLoad {
  /** Nominal capacity, tons. */
  readonly tons: number;
  /** Air into the coil. */
  readonly entering: MoistAir;
  /** Outdoor dry bulb, °F. */
  readonly outdoorF: number;
  readonly altitudeFt?: number;
}

export interface CoilPrediction {
  /** EDB − LDB, °F */
  readonly dropF: number;
  /** Q, Btu/h */
  readonly capacityBtuH: number;
  readonly sensibleBtuH: number;
  /** Apparatus dew point, °F; for a dry coil the temperature that gives all of Q as sensible heat. */
  readonly apparatusF: number;
  readonly bypassFactor: number;
  /** Whether water condenses. */
  readonly wet: boolean;
}

/** The model is made for this range of air over the coil, CFM per ton. */
export const COIL_CFM_PER_TON = { min: 150, max: 650 } as const;

/**
 * What a sound coil with a sound charge does with the air, by the bypass-factor model.
 *
 * Q = tons·12,000·(1 + 0.0175(EWB − 67))·(1 − 0.006(ODB − 95))·(q/400)^0.1 with q in CFM per ton;
 * ṁ = 60·ρ·CFM; leaving enthalpy h₂ = h₁ − Q/ṁ; BF = 0.10^√(400/q); apparatus enthalpy = h₁ − (h₁ − h₂)/(1 − BF);
 * leaving dry bulb = BF·EDB + (1 − BF)·ADP. With ADP above the entering dew point the coil is dry and all of Q is sensible.
 *
 * @param flowCfm air over the coil, CFM; `COIL_CFM_PER_TON` × tons
 * @source bypass-factor method, e.g. McQuiston, Parker and Spitler, HVAC Analysis and Design ch. 3; slopes typical of
 * residential performance tables
 * @example EDB/EWB 75/62.5, ODB 95, 400 CFM per ton → 20.9 °F
 */
export function predictCoil({ tons, entering, outdoorF, altitudeFt = 0 }: CoilLoad, flowCfm: number): CoilPrediction {
  const perTon = flowCfm / tons;
  const capacityBtuH =
    tons *
    12_000 *
    Math.max(0.2, 1 + 0.0175 * (entering.wetBulbF - 67)) *
    Math.max(0.2, 1 - 0.006 * (outdoorF - 95)) *
    Math.pow(perTon / 400, 0.1);
  const density = (STANDARD_DENSITY * barometricPsia(altitudeFt)) / SEA_LEVEL_PSIA;
  const massLbH = 60 * density * flowCfm;
  const bypassFactor = Math.pow(0.1, Math.sqrt(400 / perTon));
  const apparatusEnthalpy = entering.enthalpyBtuLb - capacityBtuH / massLbH / (1 - bypassFactor);
  const apparatusF = saturationAt(apparatusEnthalpy, altitudeFt);
  const heat = 0.24 + 0.45 * entering.humidityRatio;
  if (apparatusF > entering.dewPointF) {
    const dropF = capacityBtuH / (massLbH * heat);
    return {
      dropF,
      capacityBtuH,
      sensibleBtuH: capacityBtuH,
      bypassFactor,
      apparatusF: entering.dryBulbF - dropF / (1 - bypassFactor),
      wet: false,
    };
  }
  const dropF = (1 - bypassFactor) * (entering.dryBulbF - apparatusF);
  const sensibleBtuH = Math.min(capacityBtuH, massLbH * heat * dropF);
  return { dropF, capacityBtuH, sensibleBtuH, apparatusF, bypassFactor, wet: true };
}

/** The temperature at which saturated air has an enthalpy, °F. */
function saturationAt(enthalpyBtuLb: number, altitudeFt: number): number {
  const low = -60;
  const high = 120;
  const off = (t: number) => saturatedEnthalpy(t, altitudeFt) - enthalpyBtuLb;
  if (off(low) >= 0) return low;
  if (off(high) <= 0) return high;
  return bracketedRoot(off, low, high, 1e-7);
}

/**
 * The airflow at which the model gives a measured drop, CFM: the drop falls as the air gets faster, so there is one at most.
 *
 * @returns undefined when no airflow in the model's range gives that drop
 * @example a 3-ton coil at 80/67, 95 outdoors, 21.2 °F → 1,200 CFM
 */
export function flowFromDrop(load: CoilLoad, dropF: number): number | undefined {
  const low = COIL_CFM_PER_TON.min * load.tons;
  const high = COIL_CFM_PER_TON.max * load.tons;
  const off = (flowCfm: number) => predictCoil(load, flowCfm).dropF - dropF;
  if (off(low) < 0 || off(high) > 0) return undefined;
  return bracketedRoot(off, low, high, 1e-3);
}

/** Capacity measured on the air side, Btu/h. */
export interface AirSideCapacity {
  readonly totalBtuH: number;
  readonly sensibleBtuH: number;
}

/**
 * Capacity from airflow and the air's states: total = 60·ρ·CFM·Δh, sensible = 60·ρ·CFM·(0.24 + 0.45W)·Δt.
 *
 * @param flowCfm CFM at the return's density
 * @source ASHRAE Handbook of Fundamentals ch. 1; 4.5 and 1.08 are these factors for standard air
 * @example 1,000 CFM from 75/62.5 to 55/54 → 24,800 Btu/h at standard density
 */
export function airSideCapacity(
  flowCfm: number,
  entering: MoistAir,
  leaving: MoistAir,
  densityLbFt3 = STANDARD_DENSITY,
): AirSideCapacity {
  const massLbH = 60 * densityLbFt3 * flowCfm;
  return {
    totalBtuH: massLbH * (entering.enthalpyBtuLb - leaving.enthalpyBtuLb),
    sensibleBtuH: massLbH * (0.24 + 0.45 * entering.humidityRatio) * (entering.dryBulbF - leaving.dryBulbF),
  };
}
