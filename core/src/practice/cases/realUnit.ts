import { normal, seededRandom } from '../../base/numbers/random';
import { moistAir } from '../../air/moistAir';
import { SOUND_CIRCUIT } from '../../air/refrigeration';
import { PORT_IDS, type PortId, type System } from '../../air/system';
import type { RefrigerantId } from '../../call/refrigerant/refrigerants';
import { causeOf } from '../../fix/causes';
import type { ExplainRequest } from '../../fix/explain';
import { applyMoves, type ChosenMove, moveOf } from '../../fix/moves';
import {
  circuitTables,
  filterOutAt,
  placeOf,
  READING_IDS,
  UNKNOWNS,
  unitModel,
  type ReadingId,
} from '../../fix/observe';
import type { PlaceId } from '../../instruments/live';
import { placeValues, type TruthAt } from '../../instruments/simulated';
import type { CaseFault, PracticeCase } from './drawCase';

/** A healthy unit differs from the usual one of its kind by so much of the spread that is met. (J) */
const SPREAD_SHARE = 0.4;
export const CASE_REFRIGERANT: RefrigerantId = 'R-410A';
export const CASE_METERING = SOUND_CIRCUIT.metering;
/** Full-load amps on the nameplate of the blower motor. */
export const CASE_PLATE_AMPS = 5;
/** Volts of its supply, and µF of its run capacitor. */
export const CASE_VOLTS = 240;
export const CASE_MICROFARADS = 10;

/** How the unit is at a moment: what changes what is read. */
export interface UnitCondition {
  /** The blower turns: power is on, its door is closed, and nothing keeps it from running. */
  readonly runs: boolean;
  /** A panel of the air path is off. */
  readonly isOpen: boolean;
  readonly isFilterIn: boolean;
  /** The work that was done, in its order. */
  readonly done: readonly ChosenMove[];
  /** Faults that were put right by hand, by cause. */
  readonly repaired: readonly string[];
}

export const AS_FOUND_RUNNING: UnitCondition = { runs: true, isOpen: false, isFilterIn: true, done: [], repaired: [] };

/** A practice unit whose readings follow from its faults and its condition. */
export interface RealUnit {
  /** The value of a reading as it truly is; undefined for what the unit does not have. */
  readonly read: (reading: ReadingId, condition: UnitCondition) => number | undefined;
  /** The same for the places of probes. */
  readonly truthAt: (condition: UnitCondition) => TruthAt;
  /** Airflow as it truly is, CFM. */
  readonly flowCfm: (condition: UnitCondition) => number;
}

/** The faults that are left after the work that was done. */
export function faultsLeft(
  { faults }: Pick<PracticeCase, 'faults'>,
  { done, repaired }: Pick<UnitCondition, 'done' | 'repaired'>,
): CaseFault[] {
  const worked = new Set(done.map(({ id }) => id));
  return faults.filter(({ cause }) => {
    const { mendedBy } = causeOf(cause)!;
    return !repaired.includes(cause) && !(mendedBy && worked.has(mendedBy));
  });
}

/** The faults that are left, and the moves that did not just take one away. */
function leftOf(practice: PracticeCase, condition: UnitCondition) {
  const { faults } = practice;
  const { done } = condition;
  const left = faultsLeft(practice, condition);
  const moves = done.filter(
    ({ id }) => moveOf(id)?.does === 'changesSpeed' || !faults.some(({ cause }) => causeOf(cause)!.mendedBy === id),
  );
  return { left, moves };
}

/**
 * The unit of a case as it really is: a healthy one of its kind with its own spread, its faults, and what was done to it. Nothing is scripted: the
 * same physics as of a visit.
 *
 * @param known what is known of the unit before anything is read
 */
export function realUnit(
  practice: PracticeCase,
  known: Pick<ExplainRequest, 'system' | 'conditions' | 'spread'>,
): RealUnit {
  const random = seededRandom(practice.seed + 1);
  const z = UNKNOWNS.map((unknown) => SPREAD_SHARE * known.spread[unknown] * normal(random));
  const room = moistAir(practice.roomF, { relativeHumidity: practice.humidity });
  const healthy: System = {
    ...known.system,
    cooling: known.system.cooling && { ...known.system.cooling, entering: room, outdoorF: practice.outdoorF },
  };
  const { cooling } = healthy;
  const made = new Map<string, { readonly values: Float64Array; readonly flowCfm: number; readonly system: System }>();

  const observed = (condition: UnitCondition) => {
    const key = JSON.stringify(condition);
    const before = made.get(key);
    if (before) return before;
    const { left, moves } = leftOf(practice, condition);
    const sick = left.reduce((system, { cause, severity, isOpposite }) => {
      const { apply, opposite } = causeOf(cause)!;
      return (isOpposite && opposite ? opposite : apply)(system, severity);
    }, healthy);
    const applied = applyMoves(sick, moves);
    const after = applied.ok ? applied.system : sick;
    const system = condition.isOpen ? causeOf('doorOff')!.apply(after, 1) : after;
    const values = new Float64Array(READING_IDS.length);
    const entering = system.cooling?.entering ?? room;
    const circuits = cooling && circuitTables({ tons: cooling.tons, entering, outdoorF: cooling.outdoorF });
    const model = unitModel(system, {
      circuits,
      atCoil: entering,
      roomF: room.dryBulbF,
      usualCfm: known.conditions.usualCfm,
    });
    model.observe(z, values, true);
    const one = { values, flowCfm: values[placeOf('airflow')]!, system };
    made.set(key, one);
    return one;
  };
  const read = (reading: ReadingId, condition: UnitCondition) => {
    if (!condition.runs) return STILL[reading] ?? 0;
    const value = observed(condition).values[placeOf(reading)]!;
    return Number.isFinite(value) ? value : undefined;
  };
  // A circuit at rest comes to the pressure of its surroundings.
  const atRest: Partial<Record<ReadingId, number>> = {
    drop: 0,
    evaporating: room.dryBulbF,
    condensing: room.dryBulbF,
    superheat: 0,
    subcooling: room.dryBulbF - practice.outdoorF,
    amps: 0,
    rpm: 0,
    airflow: 0,
  };
  const elsewhere = (condition: UnitCondition): Partial<Record<PlaceId, number>> =>
    placeValues({
      read: (reading) => (condition.runs ? read(reading, condition) : atRest[reading]),
      entering: condition.runs ? (observed(condition).system.cooling?.entering ?? room) : room,
      roomF: room.dryBulbF,
      outdoorF: practice.outdoorF,
      hasCircuit: cooling !== undefined,
      refrigerant: CASE_REFRIGERANT,
      plateAmps: CASE_PLATE_AMPS,
    });
  return {
    read,
    flowCfm: (condition) => (condition.runs ? observed(condition).flowCfm : 0),
    truthAt: (condition) => {
      const others = elsewhere(condition);
      return (place) => {
        if (!PORT_IDS.some((port) => port === place)) return others[place];
        const port = place as PortId;
        const pulled = condition.isFilterIn ? undefined : read(filterOutAt(port), condition);
        return pulled ?? read(port, condition);
      };
    },
  };
}

/** What is read at a unit that does not run, where that is not 0. */
const STILL: Partial<Record<ReadingId, number>> = { volts: 1, microfarads: 1 };
