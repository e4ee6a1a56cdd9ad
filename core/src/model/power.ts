import { ASSUMED_EFFICIENCY, ASSUMED_POWER_FACTOR, electricWatts, mostAmps, WATTS_A_HP } from '../drive';
import { bhpAt, lagFactors, tapRow } from '../fan';
import { wordUnder, type VerdictWord } from '../judge';
import { operate, type Crossing } from '../operate';
import { dropAt } from '../path';
import { onTap, type System } from '../system';

/** Where a figure of power comes from. */
export type PowerSource = 'makersTable' | 'measured' | 'voltsAmps' | 'scaled';

export interface Power {
  readonly watts: number;
  readonly source: PowerSource;
  /** One sentence: which of table, meter or V·A·pf, and what was taken. */
  readonly says: string;
  /** At the motor's volts; undefined when no amps were measured. */
  readonly amps?: number;
  /** At the shaft, where the maker's table gives it. */
  readonly bhp?: number;
}

/** A motor against what its plate allows. */
export interface MotorLoad {
  readonly word: VerdictWord;
  readonly value: number;
  readonly most: number;
  readonly unit: 'amps' | 'hp';
  readonly sentence: string;
}

/** What the fan has to overcome, in. w.c.: the external static and what is lost inside beyond the table. */
const fanStatic = (system: System, { flowCfm, tespInWc }: Crossing) =>
  tespInWc + (system.inside ? dropAt(system.inside.resistance, flowCfm) : 0);

/** Watts of a tap's row, linear between the maker's figures; a lagging fan is read where its table stands. */
function tableWatts(system: System, at: Crossing): number | undefined {
  const { table, tap, lags } = system.fan;
  const watts = tapRow(table, tap)?.watts;
  if (!watts) return undefined;
  const { speed } = lagFactors(lags);
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
  const { speed, flow } = lagFactors(system.fan.lags);
  const bhp = bhpAt(system.fan.table, at.flowCfm / (speed * flow), fanStatic(system, at) / (speed * speed));
  return bhp === undefined ? undefined : bhp * speed ** 3;
}

/**
 * Power against that of the measured state, by the fan laws.
 *
 * A change of speed acts by its cube (judged on the unchanged path); what the path changes after that acts with the airflow for
 * motors that hold their speed (PSC, belt), with air power for those that do not.
 */
function powerRatio(base: System, baseAt: Crossing, system: System, at: Crossing): number {
  const motor = system.fan.motor;
  if (motor === 'constantTorque' || motor === 'constantAirflow')
    return (at.flowCfm * fanStatic(system, at)) / (baseAt.flowCfm * fanStatic(base, baseAt));
  const sped = operate({ ...onTap(base, system.fan.tap), fan: system.fan });
  const speed = sped.kind === 'crossing' ? sped.flowCfm / baseAt.flowCfm : 1;
  return speed ** 3 * (at.flowCfm / (baseAt.flowCfm * speed));
}

function measuredWatts(system: System): { watts: number; source: PowerSource; says: string } | undefined {
  const { motor } = system;
  if (motor?.watts !== undefined) return { watts: motor.watts, source: 'measured', says: 'Measured' };
  const volts = motor?.volts ?? motor?.plateVolts;
  if (motor?.amps === undefined || volts === undefined) return undefined;
  return {
    watts: electricWatts(volts, motor.amps, ASSUMED_POWER_FACTOR, motor.phases ?? 1),
    source: 'voltsAmps',
    says: `V·A·pf with a power factor taken as ${ASSUMED_POWER_FACTOR}`,
  };
}

/**
 * What the blower's motor draws where fan and path meet.
 *
 * The maker's watts go first, then the maker's brake horsepower with an efficiency that is taken, then what was measured (watts,
 * or V·A·pf) scaled by the fan laws from the measured state.
 *
 * @param base the measured system and where it stands
 * @returns undefined when none of these is known
 */
export function powerOf(system: System, at: Crossing, base: { system: System; at: Crossing }): Power | undefined {
  const bhp = tableBhp(system, at);
  const baseBhp = bhp === undefined ? undefined : tableBhp(base.system, base.at);
  const same = system === base.system;
  const { motor } = base.system;
  const ratio = (a: number | undefined, b: number | undefined) =>
    a !== undefined && b !== undefined ? a / b : powerRatio(base.system, base.at, system, at);
  const listed = tableWatts(system, at);
  if (listed !== undefined) {
    const amps = motor?.amps === undefined ? undefined : motor.amps * ratio(listed, tableWatts(base.system, base.at));
    return { watts: listed, amps, source: 'makersTable', says: 'Watts from the maker’s table.' };
  }
  const share = same ? 1 : ratio(bhp, baseBhp);
  const amps = motor?.amps === undefined ? undefined : motor.amps * share;
  const meter = measuredWatts(base.system);
  if (meter) {
    const scaled = same ? '.' : ', carried over by the fan laws.';
    return { watts: meter.watts * share, amps, bhp, source: same ? meter.source : 'scaled', says: meter.says + scaled };
  }
  if (bhp === undefined) return undefined;
  return {
    bhp,
    amps,
    watts: (bhp * WATTS_A_HP) / ASSUMED_EFFICIENCY,
    source: 'makersTable',
    says: `Brake horsepower from the maker’s table, motor taken as ${100 * ASSUMED_EFFICIENCY} % efficient.`,
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
      sentence: `${text}${word === 'outside' ? ' A larger motor, or less speed.' : ''}`,
    };
  };
  if (power?.amps !== undefined && plateAmps !== undefined) {
    const most = mostAmps(plateAmps, serviceFactor);
    return judged(
      power.amps,
      most,
      'amps',
      `${power.amps.toFixed(1)} A of ${most.toFixed(1)} (plate ${plateAmps.toFixed(1)} × ${serviceFactor}).`,
    );
  }
  if (power?.bhp === undefined || ratedHp === undefined) return undefined;
  const most = ratedHp * serviceFactor;
  return judged(
    power.bhp,
    most,
    'hp',
    `${power.bhp.toFixed(2)} hp of ${most.toFixed(2)} (plate ${ratedHp} × ${serviceFactor}).`,
  );
}
