import {
  ampsAtLoad,
  ASSUMED_EFFICIENCY,
  beltPowerFactor,
  electricWatts,
  loadAtAmps,
  mostAmps,
  noLoadShare,
  WATTS_A_HP,
} from '../../air/drive';
import { bhpAt, lagFactors, tapRow, type MotorKind } from '../../air/fan';
import { wordUnder, type VerdictWord } from '../../base/verdict';
import { innerDropInWc, operate, type Crossing } from '../../air/operate';
import type { System } from '../../air/system';

/** Where a figure of power comes from. */
type PowerSource = 'makersTable' | 'measured' | 'voltsAmps' | 'scaled';

export interface Power {
  readonly watts: number;
  readonly source: PowerSource;
  /** One sentence: which of table, meter or V·A·pf, and what was taken. */
  readonly says: string;
  /** At the motor's volts; undefined when no amps were measured. */
  readonly amps?: number;
  /** At the shaft, where the blower table gives it. */
  readonly bhp?: number;
}

/** A motor against what its nameplate allows. */
export interface MotorLoad {
  readonly word: VerdictWord;
  readonly value: number;
  readonly most: number;
  readonly unit: 'amps' | 'hp';
  readonly sentence: string;
}

/** What the fan has to overcome, in. w.c.: the external static and what is lost inside beyond the table. */
const fanStatic = (system: System, { flowCfm, tespInWc }: Crossing) => tespInWc + innerDropInWc(system, flowCfm);

/** Watts of a tap's row, linear between the manufacturer's figures; a lagging fan is read where its table stands. */
function tableWatts(system: System, at: Crossing): number | undefined {
  const { table, tap, usual } = system.fan;
  const watts = table && !usual ? tapRow(table, tap)?.watts : undefined;
  if (!table || !watts) return undefined;
  const { speed } = lagFactors(system.fan);
  const p = fanStatic(system, at) / (speed * speed);
  for (let i = 0; i + 1 < watts.length; i += 1) {
    const [p0, p1] = [table.staticsInWc[i]!, table.staticsInWc[i + 1]!];
    const [w0, w1] = [watts[i], watts[i + 1]];
    if (p < p0 || p > p1 || typeof w0 !== 'number' || typeof w1 !== 'number') continue;
    return (w0 + ((w1 - w0) * (p - p0)) / (p1 - p0)) * speed ** 3;
  }
  return undefined;
}

function tableBhp(system: System, at: Crossing): number | undefined {
  const { table, usual, densityRatio = 1 } = system.fan;
  if (!table || usual) return undefined;
  const { speed, flow } = lagFactors(system.fan);
  // The table is for standard air: its statics and its horsepower go with the density.
  const staticInWc = fanStatic(system, at) / (speed * speed * densityRatio);
  const bhp = bhpAt(table, at.flowCfm / (speed * flow), staticInWc);
  return bhp === undefined ? undefined : bhp * speed ** 3 * densityRatio;
}

/** (J) How a motor's watts go with the airflow on another speed, path unchanged: its exponent. Source: blower tables with watts. */
const SPEED_EXPONENT: Readonly<Record<MotorKind, number>> = {
  psc: 1.3,
  constantTorque: 2.8,
  constantAirflow: 2.8,
  beltDrive: 3,
};

/** (J) Power factor of a blower motor by kind; a belt drive's goes by its load. */
const POWER_FACTOR: Readonly<Record<Exclude<MotorKind, 'beltDrive'>, number>> = {
  psc: 0.93,
  constantTorque: 0.6,
  constantAirflow: 0.6,
};

/** (J) What the wheel of a constant-airflow blower overcomes inside the cabinet, in. w.c. */
const INNER_STATIC_IN_WC = 0.45;
const INNER_STATIC_OF_FURNACE_IN_WC = 0.3;
/** (J) Watts of a constant-torque motor rise by so much an in. w.c., as an exponent. */
const WATTS_RISE_PER_IN_WC = 0.35;
/** (J) Watts of a belt drive at one RPM go with the airflow to this power, where no table gives its horsepower. */
const BELT_EXPONENT = 1.1;

/** Watts at one speed when the path is changed, against those before. */
function pathRatio(system: System, before: Crossing, at: Crossing): number {
  const q = at.flowCfm / before.flowCfm;
  switch (system.fan.motor) {
    case 'psc':
      return Math.pow(q, 0.8);
    case 'constantTorque':
      return Math.exp(WATTS_RISE_PER_IN_WC * (at.tespInWc - before.tespInWc));
    case 'constantAirflow': {
      const inner = system.layout === 'furnaceCasedCoil' ? INNER_STATIC_OF_FURNACE_IN_WC : INNER_STATIC_IN_WC;
      return (q * (at.tespInWc + inner * q * q)) / (before.tespInWc + inner);
    }
    case 'beltDrive':
      return Math.pow(q, BELT_EXPONENT);
  }
}

/**
 * Watts against those of the measured state, by motor kind: first the speed on the unchanged path, then the path at that speed.
 *
 * @source laws of judgement by motor kind (J); a belt drive by the fan laws
 */
function powerRatio(base: System, baseAt: Crossing, system: System, at: Crossing): number {
  const sped = operate({ ...base, fan: system.fan });
  const between = sped.kind === 'crossing' ? sped : baseAt;
  const speed = between.flowCfm / baseAt.flowCfm;
  return Math.pow(speed, SPEED_EXPONENT[system.fan.motor]) * pathRatio(system, between, at);
}

/** Share of its rated power a belt drive's motor gives by its amps; undefined when its plate is not known. */
function loadShare({ motor }: System): number | undefined {
  const { amps, plateAmps, ratedHp } = motor ?? {};
  return amps === undefined || !plateAmps || !ratedHp ? undefined : loadAtAmps(amps, plateAmps, noLoadShare(ratedHp));
}

/** Amps after a change of power by a factor: a belt drive's motor keeps its magnetising current. */
function ampsAfter(base: System, ratio: number): number | undefined {
  const { amps, plateAmps, ratedHp } = base.motor ?? {};
  if (amps === undefined) return undefined;
  const load = base.fan.motor === 'beltDrive' ? loadShare(base) : undefined;
  if (load === undefined || load === 0 || !plateAmps || !ratedHp) return amps * ratio;
  return ampsAtLoad(load * ratio, plateAmps, ratedHp);
}

function measuredWatts(system: System): { watts: number; source: PowerSource; says: string } | undefined {
  const { motor, fan } = system;
  if (motor?.watts !== undefined) return { watts: motor.watts, source: 'measured', says: 'Measured' };
  const volts = motor?.volts ?? motor?.plateVolts;
  if (motor?.amps === undefined || volts === undefined) return undefined;
  const factor = fan.motor === 'beltDrive' ? beltPowerFactor(loadShare(system) ?? 0.7) : POWER_FACTOR[fan.motor];
  return {
    watts: electricWatts(volts, motor.amps, factor, motor.phases ?? 1),
    source: 'voltsAmps',
    says: `V·A·pf with an assumed power factor of ${factor.toFixed(2)}`,
  };
}

/**
 * What the blower's motor draws where fan and path meet.
 *
 * The manufacturer's watts go first, then the manufacturer's brake horsepower with an efficiency that is taken, then what was measured (watts,
 * or V·A·pf) carried over by the law of its motor's kind.
 *
 * @param base the measured system and where it stands
 * @returns undefined when none of these is known
 */
export function powerOf(system: System, at: Crossing, base: { system: System; at: Crossing }): Power | undefined {
  const bhp = tableBhp(system, at);
  const baseBhp = bhp === undefined ? undefined : tableBhp(base.system, base.at);
  const same = system === base.system;
  const ratio = (a: number | undefined, b: number | undefined) =>
    a !== undefined && b !== undefined ? a / b : powerRatio(base.system, base.at, system, at);
  const listed = tableWatts(system, at);
  if (listed !== undefined) {
    const amps = ampsAfter(base.system, ratio(listed, tableWatts(base.system, base.at)));
    return { watts: listed, amps, source: 'makersTable', says: 'Watts from the blower table.' };
  }
  const share = same ? 1 : ratio(bhp, baseBhp);
  const amps = ampsAfter(base.system, share);
  const meter = measuredWatts(base.system);
  if (meter) {
    const scaled = same ? '.' : ', scaled by its motor type.';
    return { watts: meter.watts * share, amps, bhp, source: same ? meter.source : 'scaled', says: meter.says + scaled };
  }
  if (bhp === undefined) return undefined;
  return {
    bhp,
    amps,
    watts: (bhp * WATTS_A_HP) / ASSUMED_EFFICIENCY,
    source: 'makersTable',
    says: `Brake horsepower from the blower table, motor assumed ${100 * ASSUMED_EFFICIENCY} % efficient.`,
  };
}

const EDGE = 0.9;

/**
 * The motor against its plate: amps against full-load amps × service factor where amps are known, else brake horsepower against
 * rated horsepower × service factor.
 *
 * @returns undefined when the plate or the load is not known
 */
export function motorLoad(system: System, power: Power | undefined): MotorLoad | undefined {
  const { plateAmps, serviceFactor = 1, ratedHp } = system.motor ?? {};
  const judged = (value: number, most: number, unit: MotorLoad['unit'], text: string): MotorLoad => {
    const word = wordUnder(value, most, EDGE);
    return {
      word,
      value,
      most,
      unit,
      sentence: `${text}${word === 'outside' ? ' Use a larger motor or a lower speed.' : ''}`,
    };
  };
  if (power?.amps !== undefined && plateAmps !== undefined) {
    const most = mostAmps(plateAmps, serviceFactor);
    return judged(
      power.amps,
      most,
      'amps',
      `${power.amps.toFixed(1)} A of ${most.toFixed(1)} (nameplate ${plateAmps.toFixed(1)} × ${serviceFactor}).`,
    );
  }
  if (power?.bhp === undefined || ratedHp === undefined) return undefined;
  const most = ratedHp * serviceFactor;
  return judged(
    power.bhp,
    most,
    'hp',
    `${power.bhp.toFixed(2)} hp of ${most.toFixed(2)} (nameplate ${ratedHp} × ${serviceFactor}).`,
  );
}
