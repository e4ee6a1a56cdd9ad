import { causesAt, causesSeen, isCleared, type Cause, type Looks } from '../../fix/causes';
import type { FlowEstimate } from '../../air/flow';
import { stageBudget, type Rules, type Target, type UnitFacts } from '../../judge/verdicts';
import type { Sourced } from '../../base/numbers';
import { layoutOf } from '../../air/system';
import { flowWords, staticWords, flowText, percentText, sentenceCase } from '../../base/words';

/**
 * How far the air may lie under what the book says, because the fan may be less than its curve.
 *
 * A caked wheel, a weak capacitor, a slipping belt, low volts, a wheel backwards and a coil matted inside all lower the external
 * static, and a table read at a low static gives more air: a slow fan reads as a fast one. This is the one place that says so.
 */
export interface FanDoubt {
  /** Of the book's airflow, 0 to 1; 0 is no doubt. */
  readonly share: number;
  /** How likely a fan doubted so is really that much less, 0 to 1. */
  readonly sickOdds: number;
  /** Causes of the class that were seen: then the book's figure is no verdict. */
  readonly seen: readonly Cause[];
  /** Why, one sentence a sign. */
  readonly signs: readonly string[];
  /** Causes of the class that nobody has looked for or measured away. */
  readonly open: readonly Cause[];
}

/** What was measured that rules causes of the class out. */
export interface MeasuredFan {
  /** RPM at the blower, of a belt drive. */
  readonly rpm?: boolean;
  /** Line volts as a share of the motor's own, where both are known. */
  readonly voltsShare?: number;
}

export interface DoubtFacts {
  readonly unit: UnitFacts;
  readonly looks: Looks;
  readonly measured: MeasuredFan;
  readonly rules: Rules;
  readonly tespInWc?: number;
  readonly maxTesp: Sourced;
  readonly target?: Target;
  /** What the book says, CFM; undefined off it. */
  readonly bookCfm?: number;
  /** Airflows that were measured, whatever the fan is. */
  readonly others: readonly FlowEstimate[];
  /** The airflow at which a sound coil would give the drop that was read, CFM. */
  readonly dropCfm?: number;
}

/** A static under this share of what the path's shares would take is a sign. */
const LOW_STATIC = 0.7;
/** A second sign under this share of the book is one. */
const LOW_AIR = 0.85;
/** A volt reading this near the motor's own rules low volts out. */
const SOUND_VOLTS = 0.95;

/** Causes that a look rules out; the static alone is doubted until each of them has been. */
const LOOKED_FOR = new Set(['wheelCaked', 'weakCapacitor', 'slippingBelt', 'coilDirtyInside']);

/** (J) Of fans that are doubted so many are really sick: while something a look would find is open, and once all of it was looked at. */
const SICK_ODDS = { open: 0.4, looked: 0.1 };

function measuredAway(cause: Cause, { rpm, voltsShare }: MeasuredFan): boolean {
  if (cause.id === 'slippingBelt' || cause.id === 'wrongSheave') return rpm === true;
  return cause.id === 'lowVolts' && voltsShare !== undefined && voltsShare >= SOUND_VOLTS;
}

/** "low static" as a ratio of the airflow it speaks of to the book's; undefined when it is not low. */
function lowStaticRatio({ unit, rules, tespInWc, maxTesp, target, bookCfm }: DoubtFacts): number | undefined {
  // A motor that holds its airflow makes good what a dirty wheel loses: its low static is a light path.
  if (tespInWc === undefined || !target || bookCfm === undefined || unit.motor === 'constantAirflow') return undefined;
  const layout = layoutOf(unit);
  const kinds = new Set(layout.stages.map((stage) => stage.kind));
  const shares = [...kinds].reduce(
    (sum, kind) =>
      sum + stageBudget(layout, kind, rules) * layout.stages.filter((s) => s.kind === kind && s.external).length,
    0,
  );
  const expected = maxTesp.value * Math.min(1, shares) * (bookCfm / target.flowCfm) ** 2;
  return tespInWc < LOW_STATIC * expected ? Math.sqrt(Math.max(0, tespInWc) / expected) : undefined;
}

/**
 * Doubts the book by how far signs disagree with it.
 *
 * Signs: something of the class was seen; nobody has looked and the static is under 0.7 of what the path's shares would take at
 * the book's airflow; another method, or the drop, says under 0.85 of the book. A measurement that agrees with the book takes the
 * low static's doubt away.
 *
 * @example a wheel nobody looked at, TESP 0.22 of a plate of 0.50, table 1,076 CFM → share about 0.26
 */
export function fanDoubt(facts: DoubtFacts): FanDoubt {
  const { unit, looks, measured, bookCfm, others, dropCfm, tespInWc } = facts;
  const slow = causesAt(unit).filter((cause) => cause.kind === 'slowFan' && !measuredAway(cause, measured));
  const seen = causesSeen(unit, looks).filter((cause) => slow.includes(cause));
  const open = slow.filter((cause) => !isCleared(cause, looks) && !seen.includes(cause));
  const signs = seen.map((cause) => `${sentenceCase(cause.name)} found: the blower table assumes a clean, good fan.`);
  let share = 0;
  if (bookCfm !== undefined) {
    const measuredRatios = others.map((e) => e.flowCfm / bookCfm);
    // What was seen does not take the doubt away: it says where it comes from.
    const low = [...open, ...seen].some((cause) => LOOKED_FOR.has(cause.id)) ? lowStaticRatio(facts) : undefined;
    if (low !== undefined) {
      // What was measured says how far the fan really is from its book.
      const most = measuredRatios.length > 0 ? Math.max(0, 1 - Math.min(...measuredRatios)) : 1;
      const doubt = Math.min(1 - low, most);
      if (doubt > 0.02) {
        share = doubt;
        signs.push(
          `${staticWords(tespInWc!)} is low for the ${flowWords(bookCfm)} in the blower table. The ducts are very open, or the fan is up to ${percentText(doubt)} slower than its table.`,
        );
      }
    }
    for (const e of others) {
      // A sign is one beyond its own error.
      if (e.flowCfm >= LOW_AIR * bookCfm || e.flowCfm * (1 + e.sigmaShare) >= bookCfm) continue;
      share = Math.max(share, 1 - e.flowCfm / bookCfm);
      signs.push(`${e.name} says ${flowWords(e.flowCfm)}; the blower table says ${flowText(bookCfm)}.`);
    }
    if (dropCfm !== undefined && dropCfm < LOW_AIR * bookCfm) {
      share = Math.max(share, 1 - dropCfm / bookCfm);
      signs.push(
        `The temperature drop fits ${flowWords(dropCfm)} on a good coil; the blower table says ${flowText(bookCfm)}.`,
      );
    }
  }
  // What was seen explains as much of it: a loss is counted once as a loss, not once more as a doubt.
  const explained = 1 - seen.reduce((product, cause) => product * (cause.lag?.(cause.usual).factor ?? 1), 1);
  const sickOdds = open.some((cause) => LOOKED_FOR.has(cause.id)) ? SICK_ODDS.open : SICK_ODDS.looked;
  return { share: Math.max(0, share - explained), sickOdds, seen, signs, open };
}
