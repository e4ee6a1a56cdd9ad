import { moistAir } from '../air';
import { predictCoil } from '../coil';
import type { BeltDrive } from '../drive';
import { curveRuns, flowAtStatic, lagFactors, laggedRuns, tapRow, type Fan, type FanLag } from '../fan';
import type { FilterFacts } from '../filter';
import type { ReconciledFlow } from '../flow';
import { measuredPath, stageBudget, type Judgement, type Rules } from '../judge';
import type { Look } from '../look';
import { bracketedRoot } from '../numbers/bracketedRoot';
import { COIL_EXPONENT, DUCT_EXPONENT, FILTER_EXPONENT, dropAt, resistanceFromPoint } from '../path';
import {
  layoutOf,
  type CoolingFacts,
  type FilterPlace,
  type HeatingFacts,
  type LowStage,
  type MotorFacts,
  type StageKind,
  type Stretch,
  type System,
} from '../system';

/** What a visit knows that decides how its system answers to a change. */
export interface ModelFacts {
  /** The speed that was measured is this mode's. */
  readonly mode?: 'cooling' | 'heating';
  readonly judgement: Judgement;
  readonly rules: Rules;
  readonly flow?: ReconciledFlow;
  /** The filter's own drop, in. w.c., at the table's airflow, from the filter-out retest. */
  readonly filterDropInWc?: number;
  readonly looks: ReadonlyMap<string, Look>;
  readonly filterPlace?: FilterPlace;
  readonly filters?: FilterFacts;
  readonly tons?: number;
  readonly altitudeFt?: number;
  /** Air at the coil and the drop it was measured with. */
  readonly coolingAir?: {
    readonly returnF: number;
    readonly wetBulbF?: number;
    readonly relativeHumidity?: number;
    readonly outdoorF: number;
    readonly dropF: number;
  };
  readonly heating?: HeatingFacts;
  readonly lowStage?: LowStage;
  readonly motor?: MotorFacts;
  readonly drive?: BeltDrive;
  /** Of the duct that was traversed. */
  readonly ductAreaSqFt?: number;
}

/** The measured system, ready to be changed; `notes` say what in it is taken and not measured. */
export interface SystemModel {
  readonly system: System;
  readonly notes: readonly string[];
}

/** Looks that lower the fan's curve, and by how much when no second method of airflow tells. Rules of thumb. */
const FAN_FAULTS: readonly {
  readonly item: string;
  readonly states: readonly string[];
  readonly lag: FanLag;
  readonly says: string;
}[] = [
  {
    item: 'wheel',
    states: ['caked'],
    lag: { cause: 'wheel', acts: 'speed', factor: 0.9, assumed: true },
    says: 'A caked wheel is taken to move 10 % less than the table.',
  },
  {
    item: 'capacitor',
    states: ['weak', 'bulged'],
    lag: { cause: 'capacitor', acts: 'speed', factor: 0.93, assumed: true },
    says: 'A weak capacitor is taken to cost 7 % of the speed.',
  },
  {
    item: 'rotation',
    states: ['backwards'],
    lag: { cause: 'rotation', acts: 'speed', factor: 0.4, assumed: true },
    says: 'A wheel turning backwards is taken to move 40 % of the table.',
  },
  {
    item: 'belt',
    states: ['slack', 'glazed'],
    lag: { cause: 'slip', acts: 'speed', factor: 0.94, assumed: true },
    says: 'A slack or glazed belt is taken to slip 6 %: measure the blower’s RPM.',
  },
  {
    item: 'dehumidify',
    states: ['on'],
    lag: { cause: 'dehumidify', acts: 'flow', factor: 0.85, assumed: true },
    says: 'The dehumidify switch is taken to cut the request by 15 %.',
  },
];

/** Extra loss of a matted coil inside the cabinet when nothing tells how much, in. w.c. Rule of thumb. */
const MATTED_COIL_IN_WC = 0.1;

const bad = (looks: ReadonlyMap<string, Look>, item: string, states: readonly string[]) => {
  const look = looks.get(item);
  return look !== undefined && look.outcome !== 'dealtWith' && states.includes(look.state);
};

/** Airflow of a fan at what it has to overcome; undefined off its curve. */
function flowOf(fan: Fan, staticInWc: number): number | undefined {
  const row = tapRow(fan.table, fan.tap);
  if (!row) return undefined;
  const { speed, flow } = lagFactors(fan.lags);
  const read = flowAtStatic(fan.table, row, staticInWc / (speed * speed));
  return read.kind === 'flow' ? read.flowCfm * speed * flow : undefined;
}

/** What a fan has to overcome when it moves an airflow; undefined off its curve or where the curve is level. */
function staticOf(fan: Fan, flowCfm: number): number | undefined {
  const row = tapRow(fan.table, fan.tap);
  if (!row) return undefined;
  for (const { flowsCfm, staticsInWc } of laggedRuns(curveRuns(fan.table, row), lagFactors(fan.lags))) {
    for (let i = 0; i + 1 < flowsCfm.length; i += 1) {
      const [high, low] = [flowsCfm[i]!, flowsCfm[i + 1]!];
      if (high > low && flowCfm <= high && flowCfm >= low)
        return staticsInWc[i]! + ((high - flowCfm) / (high - low)) * (staticsInWc[i + 1]! - staticsInWc[i]!);
    }
  }
  return undefined;
}

/** The lags scaled together so that the fan moves what was measured; undefined when no sound size of them does. */
function fittedLags(fan: Fan, lags: readonly FanLag[], tespInWc: number, flowCfm: number): FanLag[] | undefined {
  const scaled = (power: number) =>
    lags.map((lag) => ({ ...lag, factor: Math.pow(lag.factor, power), assumed: false }));
  const off = (power: number) => (flowOf({ ...fan, lags: scaled(power) }, tespInWc) ?? 0) - flowCfm;
  if (off(0) <= 0 || off(3) >= 0) return undefined;
  return scaled(bracketedRoot(off, 0, 3, 1e-6));
}

interface FanModel {
  readonly fan: Fan;
  readonly flowCfm: number;
  readonly insideInWc?: number;
  readonly notes: readonly string[];
}

function fanModel(facts: ModelFacts, tableFlowCfm: number, tespInWc: number, coilInside: boolean): FanModel {
  const { judgement, flow, looks } = facts;
  const { motor, table, tap } = judgement.system!.fan;
  const fan: Fan = { motor, table, tap };
  const faults = FAN_FAULTS.filter(({ item, states }) => bad(looks, item, states));
  const lags = faults.map((fault) => fault.lag);
  // Another method than the table is what can tell how far a fault goes.
  const measured = flow && flow.counted.some((id) => id !== 'blowerTable') ? flow.flowCfm : undefined;
  if (lags.length > 0) {
    const fitted = measured === undefined ? undefined : fittedLags(fan, lags, tespInWc, measured);
    if (fitted && measured !== undefined) return { fan: { ...fan, lags: fitted }, flowCfm: measured, notes: [] };
    const lagging = { ...fan, lags };
    const flowCfm = flowOf(lagging, tespInWc);
    if (flowCfm !== undefined) return { fan: lagging, flowCfm, notes: faults.map((fault) => fault.says) };
  }
  if (coilInside && bad(looks, 'coilFace', ['matted'])) {
    const told = measured === undefined ? undefined : staticOf(fan, measured);
    if (told !== undefined && measured !== undefined && told - tespInWc > 0.01)
      return { fan, flowCfm: measured, insideInWc: told - tespInWc, notes: [] };
    const flowCfm = flowOf(fan, tespInWc + MATTED_COIL_IN_WC);
    if (flowCfm !== undefined) {
      return {
        fan,
        flowCfm,
        insideInWc: MATTED_COIL_IN_WC,
        notes: ['The matted coil inside the cabinet is taken to cost 0.10 in. w.c. beyond the table.'],
      };
    }
  }
  const flowCfm = flow?.flowCfm ?? tableFlowCfm;
  const factor = flowCfm / tableFlowCfm;
  return Math.abs(factor - 1) < 1e-9
    ? { fan, flowCfm, notes: [] }
    : { fan: { ...fan, lags: [{ cause: 'measured', acts: 'flow', factor }] }, flowCfm, notes: [] };
}

/** What a filter takes of the stretch it was read with, when nothing tells: more when it was seen loaded. */
const filterShare = (looks: ReadonlyMap<string, Look>) => (bad(looks, 'filter', ['loaded', 'uneven']) ? 0.5 : 0.35);

/** A stretch of several stages as one stretch a stage: by the retest where it tells, else by assumed shares. */
function parted(stretch: Stretch, flowCfm: number, facts: ModelFacts, notes: string[]): Stretch[] {
  const { stages, side } = stretch;
  if (stages.length === 1) return [stretch];
  const layout = layoutOf({ layout: facts.judgement.system!.layout, filterPlace: facts.filterPlace });
  const whole = dropAt(stretch.resistance, flowCfm);
  const filters = stages.filter((kind) => kind === 'filter').length;
  const tableFlow = facts.judgement.flowCfm!;
  const retested =
    filters === 1 && facts.filterDropInWc !== undefined
      ? facts.filterDropInWc * Math.pow(flowCfm / tableFlow, FILTER_EXPONENT)
      : undefined;
  if (retested !== undefined && retested < whole) {
    const rest = stages.filter((kind) => kind !== 'filter');
    const remaining = resistanceFromPoint(whole - retested, flowCfm, DUCT_EXPONENT);
    const filter: Stretch = {
      stages: ['filter'],
      side,
      resistance: resistanceFromPoint(retested, flowCfm, FILTER_EXPONENT),
    };
    const others = { stages: rest, side, resistance: remaining };
    return stages[0] === 'filter' ? [filter, others] : [others, filter];
  }
  const share = (kind: StageKind) =>
    kind === 'filter' ? filterShare(facts.looks) / filters : Math.max(0.05, stageBudget(layout, kind, facts.rules));
  const filterTotal = filters > 0 ? filterShare(facts.looks) : 0;
  const others = stages.filter((kind) => kind !== 'filter');
  const sum = others.reduce((total, kind) => total + share(kind), 0);
  const names = stages.map((kind) => STAGE_WORDS[kind]).join(' and ');
  const assumed = `${names} were read together; how they share it is taken.`;
  notes.push(assumed.charAt(0).toUpperCase() + assumed.slice(1));
  return stages.map((kind) => ({
    stages: [kind],
    side,
    assumed,
    // The exponent stays that of the stretch: parting by assumption must not bend the measured curve.
    resistance: {
      coefficient:
        stretch.resistance.coefficient * (kind === 'filter' ? share(kind) : ((1 - filterTotal) * share(kind)) / sum),
      exponent: stretch.resistance.exponent,
    },
  }));
}

const STAGE_WORDS: Readonly<Record<StageKind, string>> = {
  hood: 'hood',
  returnDuct: 'return duct',
  filter: 'filter',
  coil: 'coil',
  blower: 'blower',
  heat: 'heater',
  supplyDuct: 'supply duct',
};

/** Usual summer air, when the coil's was not measured. */
const USUAL_AIR = { dryBulbF: 75, wetBulbF: 62.5, outdoorF: 95 };

function coolingOf({ tons, altitudeFt, coolingAir }: ModelFacts, flowCfm: number): CoolingFacts | undefined {
  if (tons === undefined) return undefined;
  const air = coolingAir;
  const moisture =
    air?.wetBulbF !== undefined
      ? { wetBulbF: air.wetBulbF }
      : air?.relativeHumidity !== undefined
        ? { relativeHumidity: air.relativeHumidity }
        : undefined;
  if (!air || !moisture) {
    const entering = moistAir(USUAL_AIR.dryBulbF, { wetBulbF: USUAL_AIR.wetBulbF }, altitudeFt);
    return { tons, entering, outdoorF: USUAL_AIR.outdoorF, assumed: true, offsetF: 0 };
  }
  const entering = moistAir(air.returnF, moisture, altitudeFt);
  const model = predictCoil({ tons, entering, outdoorF: air.outdoorF, altitudeFt }, flowCfm);
  return { tons, entering, outdoorF: air.outdoorF, assumed: false, offsetF: air.dropF - model.dropF };
}

/**
 * The measured system, stage by stage, fit for being changed: its path parted into stages, its fan set to what it was measured
 * to move, and what hangs on the air beside it.
 *
 * Where another method of airflow disagrees with the table, the fan is set to the airflow all methods agree on. A fault that was
 * seen (a caked wheel, a matted coil) takes the blame; without a second method its size is taken and said so.
 *
 * @returns undefined while the system is not known well enough to be operated
 */
export function modelOf(facts: ModelFacts): SystemModel | undefined {
  const { judgement } = facts;
  const { system, tespInWc, flowCfm: tableFlowCfm } = judgement;
  if (!system || tespInWc === undefined || tableFlowCfm === undefined) return undefined;
  const layout = layoutOf({ layout: system.layout, filterPlace: facts.filterPlace });
  const coilInside = layout.stages.some((stage) => stage.kind === 'coil' && !stage.external);
  const { fan, flowCfm, insideInWc, notes: fanNotes } = fanModel(facts, tableFlowCfm, tespInWc, coilInside);
  const notes = [...fanNotes];
  const path = measuredPath(judgement.stretches, tespInWc, flowCfm).flatMap((stretch) =>
    parted(stretch, flowCfm, facts, notes),
  );
  return {
    notes,
    system: {
      layout: system.layout,
      filterPlace: facts.filterPlace,
      path,
      inside:
        insideInWc === undefined
          ? undefined
          : { stages: ['coil'], side: 'return', resistance: resistanceFromPoint(insideInWc, flowCfm, COIL_EXPONENT) },
      fan,
      filters: facts.filters,
      // A visit in heating says nothing of cooling's own speed, and the speed that was measured is heating's.
      ...(facts.mode === 'heating'
        ? { heating: facts.heating && { ...facts.heating, tap: undefined } }
        : { cooling: coolingOf(facts, flowCfm), heating: facts.heating, lowStage: facts.lowStage }),
      motor: facts.motor,
      drive: facts.drive,
      altitudeFt: facts.altitudeFt,
      ductAreaSqFt: facts.ductAreaSqFt,
    },
  };
}
