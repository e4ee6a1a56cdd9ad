import { predictCoil } from '../../air/coil';
import type { MoistAir } from '../../air/moistAir';
import {
  circuitPoint,
  SOUND_CIRCUIT,
  type CircuitAir,
  type CircuitPoint,
  type CircuitState,
  type PressureAt,
} from '../../air/refrigeration';

/** The conditions a circuit runs in, the airflow left open. */
export interface CircuitConditions {
  readonly tons: number;
  readonly entering: MoistAir;
  readonly outdoorF: number;
  readonly altitudeFt?: number;
  readonly densityRatio?: number;
  readonly pressureAt?: PressureAt;
}

/** Airflows at which a circuit is solved, CFM per ton; between them it is read off, in the logarithm of the airflow. */
const NODES = [90, 150, 220, 300, 400, 530, 750];
const MIDDLE = 4;
const LOG_NODES = NODES.map(Math.log);

/** What a circuit shows over the airflow, ready to be read off. */
export interface CircuitTable {
  readonly drops: Float64Array;
  readonly evaporating: Float64Array;
  readonly condensing: Float64Array;
  readonly superheats: Float64Array;
  readonly subcoolings: Float64Array;
}

/** Where an airflow is between the nodes. */
export function nodeAt(cfmPerTon: number): { readonly i: number; readonly share: number } {
  const last = LOG_NODES.length - 2;
  const x = Math.log(Math.min(NODES.at(-1)!, Math.max(NODES[0]!, cfmPerTon)));
  let i = 0;
  while (i < last && x > LOG_NODES[i + 1]!) i += 1;
  return { i, share: (x - LOG_NODES[i]!) / (LOG_NODES[i + 1]! - LOG_NODES[i]!) };
}

const keyOf = (state: CircuitState, entering: MoistAir) =>
  [
    state.metering,
    ...[state.charge, state.opening, state.condenser, state.compressor, state.coilFouling].map((x) => x.toFixed(3)),
    state.airInSystemF.toFixed(1),
    entering.dryBulbF.toFixed(2),
    entering.humidityRatio.toFixed(5),
  ].join(' ');

/**
 * Circuits solved once for each thing that may be wrong with them, and read off over the airflow afterwards: a circuit takes about 0.1 ms to
 * solve, and an explanation asks for it some hundred thousand times.
 *
 * The drop of a sound circuit is that of the coil model everywhere else; what is wrong changes it by what the circuit model says.
 */
export function circuitTables(conditions: CircuitConditions) {
  const tables = new Map<string, CircuitTable>();
  const sounds = new Map<string, (CircuitPoint | undefined)[]>();
  /** A sound circuit in the same air: what is wrong shows as the difference. */
  const soundIn = (metering: CircuitState['metering'], entering: MoistAir, air: (cfmPerTon: number) => CircuitAir) => {
    const key = keyOf({ ...SOUND_CIRCUIT, metering }, entering);
    let points = sounds.get(key);
    if (!points) {
      points = NODES.map((perTon) => circuitPoint({ ...SOUND_CIRCUIT, metering }, air(perTon), conditions.pressureAt));
      sounds.set(key, points);
    }
    return points;
  };
  const make = (state: CircuitState, entering: MoistAir): CircuitTable => {
    const empty = () => new Float64Array(NODES.length);
    const table = {
      drops: empty(),
      evaporating: empty(),
      condensing: empty(),
      superheats: empty(),
      subcoolings: empty(),
    };
    const { tons, outdoorF, altitudeFt, densityRatio, pressureAt } = conditions;
    const air = (cfmPerTon: number) => ({ entering, outdoorF, cfmPerTon, altitudeFt, densityRatio });
    const sounds = soundIn(state.metering, entering, air);
    // From the middle outward: where a node has no steady state it shows what its neighbor does.
    const order = NODES.map((_, i) => i).sort((a, b) => Math.abs(a - MIDDLE) - Math.abs(b - MIDDLE));
    for (const i of order) {
      const perTon = NODES[i]!;
      const point = circuitPoint(state, air(perTon), pressureAt);
      const sound = sounds[i];
      const near = i > MIDDLE ? i - 1 : Math.min(NODES.length - 1, i + 1);
      const coil = predictCoil({ tons, entering, outdoorF, altitudeFt }, perTon * tons).dropF;
      table.drops[i] = point && sound ? coil + point.dropF - sound.dropF : coil;
      table.evaporating[i] = point?.evaporatingF ?? table.evaporating[near]!;
      table.condensing[i] = point?.condensingF ?? table.condensing[near]!;
      table.superheats[i] = point?.superheatF ?? table.superheats[near]!;
      table.subcoolings[i] = point?.subcoolingF ?? table.subcoolings[near]!;
    }
    return table;
  };
  return {
    conditions,
    of(state: CircuitState, entering: MoistAir): CircuitTable {
      const key = keyOf(state, entering);
      let table = tables.get(key);
      if (!table) tables.set(key, (table = make(state, entering)));
      return table;
    },
  };
}

export type CircuitTables = ReturnType<typeof circuitTables>;
