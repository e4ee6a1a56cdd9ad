import { fanRpm, fanRuns, lagFactors } from '../../air/fan';
import type { MoistAir } from '../../air/moistAir';
import { COIL_EXPONENT } from '../../air/path';
import { SOUND_CIRCUIT } from '../../air/refrigeration';
import { layoutOf, type Layout, type StageKind, type System } from '../../air/system';
import { nodeAt, type CircuitTables } from './circuitTable';
import { inferenceCurve, type InferenceCurve } from './inferenceCurve';
import { motorSigns } from './motorSigns';
import { filterOutAt, placeOf, READING_IDS } from './readingIds';

/**
 * What of a unit is not known from its layout and table, one place each in the vector z that moves it: every entry is a logarithm, 0 for the
 * system as it is written.
 */
export const UNKNOWNS = ['returnDuct', 'filter', 'coil', 'supplyDuct', 'speed', 'table'] as const;
export type Unknown = (typeof UNKNOWNS)[number];

/** What readings of a unit are referred to. */
export interface UnitReference {
  /** The circuit solved over the airflow; absent while it does not cool. */
  readonly circuits?: CircuitTables;
  /** Air into the coil as it was measured at the unit; whatever leaks into the return is in it. */
  readonly atCoil?: MoistAir;
  /** Room air, °F. */
  readonly roomF?: number;
  /** Airflow at which the motor would draw its usual amps, CFM. */
  readonly usualCfm: number;
}

/** A system ready to be observed many thousand times, its unknowns moved a little each time. */
export interface UnitModel {
  /**
   * Writes what every instrument would show, in the order of `READING_IDS`; NaN for what the unit does not have.
   * @param z logarithms in the order of `UNKNOWNS`
   * @param isPulled the filter is pulled as well, for the readings that need it: twice the work
   */
  readonly observe: (z: ArrayLike<number>, out: Float64Array, isPulled?: boolean) => void;
  /** Airflow of the system as it is written, CFM, and whether that is on its table. */
  readonly flowCfm: number;
  readonly isOnTable: boolean;
}

/** (J) What a healthy motor draws of its nameplate's amps, by kind. */
const USUAL_AMPS_SHARE = { psc: 0.85, constantTorque: 0.6, constantAirflow: 0.55, beltDrive: 0.75 } as const;
/** (J) Amps against airflow on one speed: exponents. Source: power by motor kind. */
const AMPS_EXPONENT = { psc: 0.8, constantTorque: 0, constantAirflow: 1, beltDrive: 1.1 } as const;
/** A door off leaves this of the return's resistance. (J) */
const DOOR_OFF_SHARE = 0.08;
/** What a clean coil inside the cabinet takes at the usual airflow, in. w.c.; it is in the blower table. (J) */
const CLEAN_COIL_IN_WC = 0.15;

const UNKNOWN_OF: Readonly<Partial<Record<StageKind, number>>> = {
  hood: 0,
  returnDuct: 0,
  filter: 1,
  coil: 2,
  supplyDuct: 3,
};
const SPEED = 4;
const TABLE = 5;

/** One stage outside the cabinet, with its place in the layout. */
interface Outer {
  readonly stage: number;
  readonly kind: StageKind;
  readonly coefficient: number;
  readonly power: number;
  readonly unknown: number;
}

/** The sections of a path by stage; undefined for a stage that was read together with others. */
function outerStages(layout: Layout, system: System, powers: readonly number[]): Outer[] {
  const left = [...system.path];
  return layout.stages.flatMap(({ kind, external }, stage) => {
    if (!external) return [];
    const at = left.findIndex(({ stages }) => stages.length === 1 && stages[0] === kind);
    if (at < 0) return [];
    const [{ resistance } = { resistance: undefined }] = left.splice(at, 1);
    if (!resistance) return [];
    const power = powers.indexOf(resistance.exponent);
    return [{ stage, kind, coefficient: resistance.coefficient, power, unknown: UNKNOWN_OF[kind] ?? -1 }];
  });
}

/** Where a port is: which stages count toward it. */
interface PortPlaces {
  readonly out: number;
  readonly pulled: number;
  readonly afterStage: number;
  readonly isReturn: boolean;
  /** Every stage that counts toward it was read by itself. */
  readonly isKnown: boolean;
}

function portPlaces(layout: Layout, outer: readonly Outer[]): PortPlaces[] {
  const known = new Set(outer.map(({ stage }) => stage));
  return layout.ports.map(({ id, side, afterStage }) => ({
    out: placeOf(id),
    pulled: placeOf(filterOutAt(id)),
    afterStage,
    isReturn: side === 'return',
    isKnown: layout.stages.every(
      ({ external }, stage) =>
        !external || known.has(stage) || (side === 'return' ? stage >= afterStage : stage < afterStage),
    ),
  }));
}

/** A fan's curve with the powers of its airflows, made once for each speed. */
interface CurveNodes {
  readonly curve: InferenceCurve;
  /** Q to each power of the path, at each point of the curve. */
  readonly raised: readonly Float64Array[];
}

/**
 * The airflow at which a curve meets a path; the curve's ends hold what is past them.
 * @param coefficients of the path, by power, for airflows as the curve has them
 * @param lift what the curve's statics are multiplied by
 */
function meet(
  { curve, raised }: CurveNodes,
  coefficients: Float64Array,
  powers: readonly number[],
  lift: number,
): number {
  const { staticsInWc, flowsCfm } = curve;
  const count = flowsCfm.length;
  let above = 0;
  for (let i = 0; i < count; i++) {
    let surplus = -lift * staticsInWc[i]!;
    for (let k = 0; k < coefficients.length; k++) surplus += coefficients[k]! * raised[k]![i]!;
    if (surplus > 0) {
      above = surplus;
      continue;
    }
    if (i === 0) return flowsCfm[0]!;
    const p0 = staticsInWc[i - 1]!;
    const q0 = flowsCfm[i - 1]!;
    const dp = staticsInWc[i]! - p0;
    const dq = flowsCfm[i]! - q0;
    // One chord, and two more through the points it found: within 0.01 % of the root, for pieces are short.
    let low = 0;
    let high = 1;
    let atLow = above;
    let atHigh = surplus;
    let t = atLow / (atLow - atHigh);
    for (let step = 0; step < 2; step++) {
      const q = q0 + t * dq;
      let here = -lift * (p0 + t * dp);
      for (let k = 0; k < coefficients.length; k++)
        here += coefficients[k]! * (powers[k] === 2 ? q * q : Math.pow(q, powers[k]!));
      if (here > 0) {
        low = t;
        atLow = here;
      } else {
        high = t;
        atHigh = here;
      }
      t = atLow === atHigh ? low : low + ((high - low) * atLow) / (atLow - atHigh);
    }
    return q0 + t * dq;
  }
  return flowsCfm[count - 1]!;
}

const fanKey = ({ motor, tap, usual, densityRatio }: System['fan'], powers: readonly number[]) =>
  [motor, tap, densityRatio ?? 1, usual ? JSON.stringify(usual) : '', powers.join()].join(' ');

/** Makes systems of one unit ready to be observed: what they share is made once. */
export function unitModels(reference: UnitReference): (system: System) => UnitModel {
  const tables = new Map<unknown, Map<string, CurveNodes>>();
  const curveOf = (fan: System['fan'], powers: readonly number[]): CurveNodes => {
    let known = tables.get(fan.table);
    if (!known) tables.set(fan.table, (known = new Map<string, CurveNodes>()));
    const key = fanKey(fan, powers);
    let nodes = known.get(key);
    if (!nodes) {
      const curve = inferenceCurve(fanRuns({ ...fan, lags: undefined }));
      nodes = { curve, raised: powers.map((power) => curve.flowsCfm.map((q) => Math.pow(q, power))) };
      known.set(key, nodes);
    }
    return nodes;
  };
  return (system) => modelOf(system, reference, curveOf);
}

/**
 * Makes a system ready to be observed fast: everything that does not change with its unknowns is computed once.
 *
 * @returns a model whose `observe` takes about 1 µs
 * @throws RangeError when the fan has no such speed
 * @example unitModel(example A, { usualCfm: 1200 }).flowCfm // 940.2
 */
export const unitModel = (system: System, reference: UnitReference): UnitModel => unitModels(reference)(system);

function modelOf(
  system: System,
  reference: UnitReference,
  curveOf: (fan: System['fan'], powers: readonly number[]) => CurveNodes,
): UnitModel {
  const layout = layoutOf(system);
  const { motor } = system.fan;
  const inside = system.inside?.resistance;
  const powers = [
    ...new Set([
      ...system.path.map(({ resistance }) => resistance.exponent),
      ...(inside ? [inside.exponent] : []),
      COIL_EXPONENT,
    ]),
  ];
  const outer = outerStages(layout, system, powers);
  // Stages read together and what is lost inside still ask of the fan, though no port shows them.
  const steady = new Float64Array(powers.length);
  for (const { stages, resistance } of system.path)
    if (stages.length > 1) steady[powers.indexOf(resistance.exponent)]! += resistance.coefficient;
  if (inside) steady[powers.indexOf(inside.exponent)]! += inside.coefficient;
  const ports = portPlaces(layout, outer);
  const nodes = curveOf(system.fan, powers);
  const lag = lagFactors(system.fan);
  const signs = motorSigns(system.fan.lags);
  const cut = (system.fan.lags ?? []).reduce(
    (all, { cause, factor }) => (cause === 'dehumidify' ? all * factor : all),
    1,
  );
  const rpm = fanRpm(system.fan, system.fan.tap);
  const { cooling, misread } = system;
  const { circuits, roomF, usualCfm } = reference;
  const table =
    cooling && circuits
      ? circuits.of(system.circuit ?? SOUND_CIRCUIT, reference.atCoil ?? cooling.entering)
      : undefined;
  const innerCoil = layout.stages.some(({ kind, external }) => kind === 'coil' && !external);
  const doorShare = misread === 'doorOff' ? DOOR_OFF_SHARE : 1;
  const blower = layout.stages.findIndex(({ kind }) => kind === 'blower');
  const amperage = USUAL_AMPS_SHARE[motor] * signs.amps;

  const multiplier = new Float64Array(outer.length);
  const coefficients = new Float64Array(powers.length);
  const drops = new Float64Array(layout.stages.length);
  const flowPowers = new Float64Array(powers.length);
  const at = {
    tesp: placeOf('tesp'),
    inner: placeOf('inner'),
    airflow: placeOf('airflow'),
    drop: placeOf('drop'),
    returnOverRoom: placeOf('returnOverRoom'),
    rpm: placeOf('rpm'),
    amps: placeOf('amps'),
    volts: placeOf('volts'),
    microfarads: placeOf('microfarads'),
    flashes: placeOf('flashes'),
    evaporating: placeOf('evaporating'),
    condensing: placeOf('condensing'),
    superheat: placeOf('superheat'),
    subcooling: placeOf('subcooling'),
    R1: placeOf('R1'),
    R2: placeOf('R2'),
    S1: placeOf('S1'),
    S2: placeOf('S2'),
  };

  const outlet = placeOf(layout.outletPort);
  const inlet = layout.inletPort && placeOf(layout.inletPort);

  /** Airflow with the multipliers that are set, and what each stage takes of it, left in `drops`. */
  const run = (speed: number, flowFactor: number, pulled: boolean): number => {
    const gain = speed * flowFactor;
    coefficients.fill(0);
    for (let i = 0; i < outer.length; i++) {
      const { coefficient, power, kind } = outer[i]!;
      if (pulled && kind === 'filter') continue;
      coefficients[power]! += coefficient * multiplier[i]!;
    }
    for (let k = 0; k < powers.length; k++) coefficients[k]! += steady[k]!;
    for (let k = 0; k < powers.length; k++)
      coefficients[k]! *= powers[k] === 2 ? gain * gain : Math.pow(gain, powers[k]!);
    const moved = gain * meet(nodes, coefficients, powers, speed * speed * lag.static);
    for (let k = 0; k < powers.length; k++)
      flowPowers[k] = powers[k] === 2 ? moved * moved : Math.pow(moved, powers[k]!);
    drops.fill(0);
    for (let i = 0; i < outer.length; i++) {
      const { stage, coefficient, power, kind } = outer[i]!;
      if (pulled && kind === 'filter') continue;
      drops[stage] = coefficient * multiplier[i]! * flowPowers[power]!;
    }
    return moved;
  };

  const writeStatics = (out: Float64Array, pulled: boolean) => {
    for (const port of ports) {
      if (!port.isKnown) continue;
      let sum = 0;
      if (port.isReturn) for (let i = 0; i < port.afterStage; i++) sum -= drops[i]!;
      else for (let i = port.afterStage; i < drops.length; i++) sum += drops[i]!;
      out[pulled ? port.pulled : port.out] = sum;
    }
    if (!misread || misread === 'doorOff') return;
    const shift = pulled ? placeOf('R0 filterOut') : 0;
    const [r1, r2, s1, s2] = [at.R1 + shift, at.R2 + shift, at.S1 + shift, at.S2 + shift];
    if (misread === 'supplyAfterCoil') out[s1] = out[s2]!;
    else if (misread === 'returnBeforeFilter') out[r2] = out[r1]!;
    else {
      const into = layout.inletPort === 'R1' ? r1 : r2;
      [out[into], out[s1]] = [-out[s1]!, -out[into]!];
    }
  };

  const observe = (z: ArrayLike<number>, out: Float64Array, isPulled = false) => {
    out.fill(NaN);
    for (let i = 0; i < outer.length; i++) {
      const { unknown, stage } = outer[i]!;
      multiplier[i] = (unknown < 0 ? 1 : Math.exp(z[unknown]!)) * (stage < blower ? doorShare : 1);
    }
    const speed = lag.speed * Math.exp(z[SPEED]!);
    const flowFactor = lag.flow * Math.exp(z[TABLE]!);
    if (isPulled) {
      run(speed, flowFactor, true);
      writeStatics(out, true);
    }
    const flow = run(speed, flowFactor, false);
    writeStatics(out, false);
    out[at.airflow] = flow;
    out[at.tesp] = out[outlet]! - (inlet === undefined ? 0 : out[inlet]!);
    let before = 0;
    let total = 0;
    for (let i = 0; i < drops.length; i++) {
      total += drops[i]!;
      if (i < blower) before += drops[i]!;
    }
    if (innerCoil) {
      const share = flow / usualCfm;
      const extra = inside ? inside.coefficient * flowPowers[powers.indexOf(inside.exponent)]! : 0;
      out[at.inner] = -(before + CLEAN_COIL_IN_WC * Math.pow(share, COIL_EXPONENT) * Math.exp(z[2]!) + extra);
    }
    if (rpm !== undefined) out[at.rpm] = rpm * signs.rpm;
    const relative = flow / usualCfm;
    const law =
      motor === 'constantTorque'
        ? Math.exp(0.35 * (total - 0.5)) * Math.pow(speed, 2)
        : motor === 'constantAirflow'
          ? (relative * (total + 0.45 * relative * relative)) / 0.95
          : Math.pow(relative, AMPS_EXPONENT[motor]);
    out[at.amps] = amperage * law;
    out[at.volts] = signs.volts;
    if (motor === 'psc') out[at.microfarads] = signs.microfarads;
    if (motor === 'constantAirflow') out[at.flashes] = cut;
    if (cooling && roomF !== undefined) out[at.returnOverRoom] = cooling.entering.dryBulbF - roomF;
    if (!table || !cooling) return;
    const { i, share } = nodeAt(flow / cooling.tons);
    const read = (values: Float64Array) => values[i]! + share * (values[i + 1]! - values[i]!);
    out[at.drop] = read(table.drops) + cooling.offsetF;
    out[at.evaporating] = read(table.evaporating);
    out[at.condensing] = read(table.condensing);
    out[at.superheat] = read(table.superheats);
    out[at.subcooling] = read(table.subcoolings);
  };

  const first = new Float64Array(READING_IDS.length);
  observe(new Float64Array(UNKNOWNS.length), first);
  const flowCfm = first[at.airflow]!;
  const { flowsCfm, firstOfTable, lastOfTable } = nodes.curve;
  const ofCurve = flowCfm / lag.speed / lag.flow;
  return {
    observe,
    flowCfm,
    isOnTable: ofCurve <= flowsCfm[firstOfTable]! && ofCurve >= flowsCfm[lastOfTable]!,
  };
}
