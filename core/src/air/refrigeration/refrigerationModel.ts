import { saturatedEnthalpyAt, type MoistAir } from '../moistAir';
import { bracketedRoot } from '../../base/numbers/bracketedRoot';
import { solvePair } from '../../base/numbers/solvePair';

/** How the refrigerant is let into the indoor coil. */
export type Metering = 'orifice' | 'valve';

/** What may be wrong with a circuit, each as a plain figure; those of a sound one are in `SOUND_CIRCUIT`. */
export interface CircuitState {
  readonly metering: Metering;
  /** Charge over the correct charge. */
  readonly charge: number;
  /** φ: what the metering device lets through, over what it should. */
  readonly opening: number;
  /** What the outdoor coil and its fan give off, over what they should. */
  readonly condenser: number;
  /** η: what the compressor pumps, over what it should. */
  readonly compressor: number;
  /** What air in the system adds to the condensing temperature, °F. */
  readonly airInSystemF: number;
  /** f: how much dirt or ice holds heat back at the indoor coil; 1 is clean, 2.6 bad. */
  readonly coilFouling: number;
}

/** A circuit with nothing wrong. */
export const SOUND_CIRCUIT: CircuitState = {
  metering: 'valve',
  charge: 1,
  opening: 1,
  condenser: 1,
  compressor: 1,
  airInSystemF: 0,
  coilFouling: 1,
};

/** The air a circuit runs in. */
export interface CircuitAir {
  /** Air into the indoor coil. */
  readonly entering: MoistAir;
  readonly outdoorF: number;
  readonly cfmPerTon: number;
  readonly altitudeFt?: number;
  /** Density over the standard 0.075 lb/ft³; 1 when it is not said. */
  readonly densityRatio?: number;
}

/** What gauges, clamps and thermometers would show of a circuit that runs steadily. */
export interface CircuitPoint {
  /** Saturated suction, °F. */
  readonly evaporatingF: number;
  /** Saturated high side, °F. */
  readonly condensingF: number;
  readonly superheatF: number;
  readonly subcoolingF: number;
  /** Liquid line over outdoor air, °F. */
  readonly approachF: number;
  /** Return less supply dry bulb over the coil, °F. */
  readonly dropF: number;
  /** Compressor power over that of a sound circuit in reference conditions. */
  readonly powerShare: number;
  /** Net cooling over that of a sound circuit in reference conditions. */
  readonly capacityShare: number;
}

/** Saturation pressure of a refrigerant, psia. */
export type PressureAt = (tempF: number) => number;

const REFERENCE = { evaporatingF: 42, condensingF: 113, liquidF: 103 } as const;
/** Capacity per nominal ton of a sound circuit at 75/62.5, 95 °F outdoors, 400 CFM per ton. */
const REFERENCE_TONS = 0.921;
/** Condensing over outdoors in those conditions, °F. */
const CONDENSING_OVER_F = 18;
/** Share of the indoor coil that boils, in those conditions. */
const REFERENCE_WET = 0.93;
const LIQUID_SHARE = 0.1;
/** Shares of the coil that boil, outward from that of a sound circuit: to starved and to badly flooded. */
const SEARCH = [
  [0.85, 1],
  [0.7, 1.15],
  [0.45, 1.4],
  [0.2, 1.7],
  [0.02, 1.9],
] as const;
/** A share off by so little moves no temperature by 0.05 °F. */
const WET_TOLERANCE = 2e-4;
const FACE_TOLERANCE_F = 1e-3;
const PAIR_TOLERANCE_F = 2e-3;

/** A typical pressure curve, psia: good to a few percent between 0 and 150 °F, enough for a ratio of pressures. */
const typicalPressure: PressureAt = (tempF) => Math.exp(14.59 - 4660 / (tempF + 459.67));

/** The side of the coil that faces the air: heat taken, normalized, and the temperature of its face. */
function coilSide({ entering, cfmPerTon, altitudeFt = 0, densityRatio = 1 }: CircuitAir, fouling: number) {
  const massPerHour = (4.5 * densityRatio * cfmPerTon) / 12_000 / REFERENCE_TONS;
  const heat = 0.24 + 0.45 * entering.humidityRatio;
  const saturated = saturatedEnthalpyAt(altitudeFt);
  return (evaporatingF: number, wet: number) => {
    const covered = Math.min(1, wet);
    const bypass = Math.pow(0.0841, covered * Math.sqrt(400 / cfmPerTon));
    const film = (9.81 * fouling * REFERENCE_TONS) / covered;
    const takes = (faceF: number) => {
      const dry = heat * (entering.dryBulbF - faceF);
      const wetHeat = faceF < entering.dewPointF ? entering.enthalpyBtuLb - saturated(faceF) : -Infinity;
      return (1 - bypass) * massPerHour * Math.max(dry, wetHeat);
    };
    // The face is warmer than the refrigerant by what the heat needs to get through: one crossing, as heat falls with the face's temperature.
    const off = (faceF: number) => faceF - evaporatingF - film * takes(faceF);
    const faceF =
      off(entering.dryBulbF) <= 0
        ? entering.dryBulbF
        : bracketedRoot(off, evaporatingF, entering.dryBulbF, FACE_TOLERANCE_F);
    return { heat: takes(faceF), dropF: (1 - bypass) * (entering.dryBulbF - faceF) };
  };
}

/** Share of the condenser that is full of liquid, from what the charge leaves it; below 0 there are bubbles in the line. */
function liquidShare(charge: number, wet: number): number {
  const left = charge - 1 - 0.45 * (wet - REFERENCE_WET) + LIQUID_SHARE;
  return Math.min(0.9, left >= 0 ? left : left / 0.4);
}

/**
 * The steady state of a refrigerant circuit: what every instrument would show on it.
 *
 * Four balances: heat into the coil and out of the compressor, heat out of the condenser, the charge, the flow through the metering
 * device. Condenser and charge follow from how much of the coil boils, so that one bracketed root is left.
 *
 * @param state what is wrong with it; `SOUND_CIRCUIT` for nothing
 * @param air 60–95 °F into the coil, 55–115 °F outdoors, 100–700 CFM per ton
 * @param pressureAt of the refrigerant; a typical one when it is not said
 * @returns undefined where the circuit has no steady state in that range
 * @source lumped steady model of a split system (judgement, not a maker's data): errors of about 2 °F at the coil, 3 °F at the condenser
 * @example a sound expansion valve at 75/62.5, 95 °F, 400 CFM per ton: 42 °F, 113 °F, superheat 10, subcooling 11, drop 20.9
 */
export function circuitPoint(
  state: CircuitState,
  air: CircuitAir,
  pressureAt: PressureAt = typicalPressure,
): CircuitPoint | undefined {
  const { outdoorF, entering } = air;
  const coil = coilSide(air, state.coilFouling);
  const lift = pressureAt(REFERENCE.condensingF) - pressureAt(REFERENCE.evaporatingF);
  const run = (evaporatingF: number, condensingF: number, wet: number) => {
    const liquid = liquidShare(state.charge, wet);
    const subcoolingF = (condensingF - outdoorF) * (1 - Math.exp(-8 * Math.max(0, liquid)));
    const flow =
      state.compressor *
      (1 + 0.0185 * (evaporatingF - REFERENCE.evaporatingF) - 0.0015 * (condensingF - REFERENCE.condensingF));
    const cooling =
      flow *
      (1 - 0.0042 * (condensingF - subcoolingF - REFERENCE.liquidF) + 0.0008 * (evaporatingF - REFERENCE.evaporatingF));
    const power =
      (1 + 0.013 * (condensingF - REFERENCE.condensingF) + 0.001 * (evaporatingF - REFERENCE.evaporatingF)) *
      (0.4 + 0.6 * state.compressor);
    return { liquid, subcoolingF, flow, cooling, power };
  };
  let guess: readonly [number, number] = [REFERENCE.evaporatingF, outdoorF + CONDENSING_OVER_F];
  /** Evaporating and condensing temperatures for a share of the coil that boils. */
  const balanced = (wet: number) => {
    const found = solvePair(
      (evaporatingF, condensingF) => {
        const { liquid, cooling, power } = run(evaporatingF, condensingF, wet);
        const over =
          ((CONDENSING_OVER_F * (cooling + 0.27 * power)) / 1.27 / state.condenser) *
            (0.9 / (1 - Math.max(0, liquid))) +
          state.airInSystemF;
        return [
          // Scaled to degrees, so that both residuals are alike.
          20 * (coil(evaporatingF, wet).heat - cooling * (1 - 0.6 * Math.max(0, wet - 1))),
          condensingF - outdoorF - over,
        ];
      },
      guess,
      { low: [-40, outdoorF - 5], high: [entering.dryBulbF - 0.5, outdoorF + 110] },
      PAIR_TOLERANCE_F,
    );
    if (found) guess = found;
    return found;
  };
  /** What the compressor pumps less what the metering device feeds: 0 where both agree. */
  const imbalance = (wet: number): number => {
    const balance = balanced(wet);
    if (!balance) return NaN;
    const [evaporatingF, condensingF] = balance;
    const { liquid, subcoolingF, flow } = run(evaporatingF, condensingF, wet);
    const head = Math.max(1, pressureAt(condensingF) - pressureAt(evaporatingF));
    const full =
      state.opening *
      (1 - 0.001 * (condensingF - subcoolingF - REFERENCE.liquidF)) *
      Math.pow(head / lift, 0.35) *
      (1 + 0.02 * (subcoolingF - 10)) *
      Math.exp(4 * Math.min(0, liquid));
    if (state.metering === 'orifice') return flow - full;
    const a = 1.4 * full - flow;
    const b = (superheatOf(entering.dryBulbF, evaporatingF, wet) - 10) / 20;
    return -(a + b - Math.hypot(a, b));
  };
  // Each share is solved once: a second search from another guess may differ in the last digit, and with it in sign.
  const known = new Map<number, number>();
  const wet = wetShare((share) => {
    const before = known.get(share);
    if (before !== undefined) return before;
    const value = imbalance(share);
    known.set(share, value);
    return value;
  });
  if (wet === undefined) return undefined;
  const found = balanced(wet);
  if (!found) return undefined;
  const [evaporatingF, condensingF] = found;
  const { subcoolingF, cooling, power } = run(evaporatingF, condensingF, wet);
  return {
    evaporatingF,
    condensingF,
    superheatF: superheatOf(entering.dryBulbF, evaporatingF, wet),
    subcoolingF,
    approachF: condensingF - subcoolingF - outdoorF,
    dropF: coil(evaporatingF, wet).dropF,
    powerShare: power,
    capacityShare: cooling * (1 - 0.6 * Math.max(0, wet - 1)),
  };
}

const superheatOf = (enteringF: number, evaporatingF: number, wet: number) =>
  (enteringF - evaporatingF) * (1 - Math.exp(-4 * Math.max(0, 1 - wet)));

/** The share of the coil that boils at which feed and compressor agree: searched outward from that of a sound circuit. */
function wetShare(imbalance: (wet: number) => number): number | undefined {
  let low = REFERENCE_WET;
  let high = REFERENCE_WET;
  let atLow = imbalance(low);
  let atHigh = atLow;
  for (const [down, up] of SEARCH) {
    const nextLow = imbalance(down);
    if (nextLow * atLow <= 0) return bracketedRoot(imbalance, down, low, WET_TOLERANCE);
    const nextHigh = imbalance(up);
    if (nextHigh * atHigh <= 0) return bracketedRoot(imbalance, high, up, WET_TOLERANCE);
    [low, high, atLow, atHigh] = [down, up, nextLow, nextHigh];
  }
  return undefined;
}
