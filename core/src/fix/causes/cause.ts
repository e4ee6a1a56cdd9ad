import type { LookSign } from '../../judge/look/lookSign';
import type { FanLag, MotorKind } from '../../air/fan';
import type { FilterPlace, LayoutId, StageKind, System } from '../../air/system';

/** The unit a cause may be found at. */
export interface CauseUnit {
  readonly layout: LayoutId;
  readonly motor: MotorKind;
  readonly filterPlace?: FilterPlace;
}

/** Where along the air, or beside it, a cause is: what is named first, before its members. */
export const CAUSE_GROUPS = ['returnSide', 'filter', 'coil', 'supplySide', 'fan', 'refrigerant', 'reading'] as const;
export type CauseGroup = (typeof CAUSE_GROUPS)[number];

/** The readings that part causes, beside statics at ports and looks. */
export type SettlingReading =
  | 'look'
  | 'gauges'
  | 'outdoorLook'
  | 'rpm'
  | 'amps'
  | 'microfarads'
  | 'volts'
  | 'returnAgainstRoom'
  | 'filterOut'
  | 'innerStatic'
  | 'outlets'
  | 'port'
  | 'flashes'
  | 'secondMethod';

/** What would settle whether a cause is there. */
interface Settling {
  readonly reading: SettlingReading;
  /** One sentence: what it would tell. */
  readonly tells: string;
}

/** Minutes a settling reading really takes. (J) */
export const SETTLING_MINUTES: Readonly<Record<SettlingReading, number>> = {
  look: 2,
  gauges: 10,
  outdoorLook: 2,
  rpm: 2,
  amps: 3,
  microfarads: 5,
  volts: 1,
  returnAgainstRoom: 1,
  filterOut: 3,
  innerStatic: 4,
  outlets: 10,
  port: 1,
  flashes: 2,
  secondMethod: 15,
};

/**
 * Which of the three kinds of wrong a cause is: `path` changes what the ducts, filter or coil ask; `slowFan` makes the fan less than its
 * curve, so that a table read at the low static that follows says too much air; `refrigerant` leaves the air alone and changes what the
 * coil does with it; `reading` is nothing wrong with the air but with where it was read.
 */
type CauseKind = 'path' | 'slowFan' | 'refrigerant' | 'reading';

/**
 * A thing that can be wrong with the air, in one place: the looks that show it, what it does to a System, how likely it is before
 * anything is read, its signs, what fixes it. Adding one is adding a file and its place in `CAUSES`.
 *
 * `apply` is pure and cheap: a backward model may call it thousands of times.
 */
export interface Cause {
  readonly id: string;
  /** "a caked blower wheel" */
  readonly name: string;
  readonly kind: CauseKind;
  readonly group: CauseGroup;
  readonly at: (unit: CauseUnit) => boolean;
  /** Looks that show it; empty for what cannot be seen. */
  readonly shownBy: readonly LookSign[];
  /** Looks that speak for it, though nothing is due by them alone: its size has to be measured. */
  readonly hintedBy?: readonly LookSign[];
  /** Looks that rule it out. */
  readonly clearedBy: readonly LookSign[];
  /** Its parameter when it is mild and when it is bad: a factor of resistance or of speed, in. w.c., a share of the air. */
  readonly range: { readonly mild: number; readonly bad: number };
  /** The parameter taken when it was seen and nothing measured it. (J) */
  readonly usual: number;
  /** Calls in a hundred that have it, before the complaint. (J) */
  readonly prior: number;
  /** What it looks like on the instruments, in one sentence. */
  readonly signs: string;
  readonly settledBy: Settling;
  /** The move that fixes it. */
  readonly mendedBy?: string;
  /** The move's caution that matters most, by its id. */
  readonly caution?: string;
  /** The stage whose resistance it multiplies, for a cause in the path. */
  readonly stage?: StageKind;
  /** What it does to a fan, for a cause of the slow-fan class that acts as a lag. */
  readonly lag?: (parameter: number) => FanLag;
  /** The system with this wrong with it. @param severity 0 (mild) to 1 (bad) */
  readonly apply: (system: System, severity: number) => System;
  /** The same the other way, where a cause has two: a tap too high, a sheave too large. */
  readonly opposite?: (system: System, severity: number) => System;
  /** A system it may be found on; every one where that is not said. */
  readonly isPossible?: (system: System) => boolean;
}

/** The parameter of a cause at a severity from 0 to 1. @example parameterOf({ range: { mild: 0.9, bad: 0.78 } }, 0.5) // 0.84 */
export const parameterOf = ({ range }: Pick<Cause, 'range'>, severity: number): number =>
  range.mild + (range.bad - range.mild) * severity;

/** The severity at which a cause has a parameter; outside 0 to 1 beyond its range. */
export const severityOf = ({ range }: Pick<Cause, 'range'>, parameter: number): number =>
  range.bad === range.mild ? 0 : (parameter - range.mild) / (range.bad - range.mild);

/** (J) How far the usual size of something seen may be off, as one σ: a share of its loss. */
export const USUAL_SIZE_SIGMA = 0.4;

type SlowFan = Omit<Cause, 'kind' | 'apply' | 'lag'> & {
  readonly lag: Pick<FanLag, 'cause' | 'acts'>;
};

/** A cause of the slow-fan class that acts as a lag of the fan. */
export function slowFan(cause: SlowFan): Cause {
  const lag = (parameter: number): FanLag => ({ ...cause.lag, factor: parameter });
  return {
    ...cause,
    kind: 'slowFan',
    lag,
    apply: (system, severity) => ({
      ...system,
      fan: { ...system.fan, lags: [...(system.fan.lags ?? []), lag(parameterOf(cause, severity))] },
    }),
  };
}
