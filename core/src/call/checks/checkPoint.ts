import type { ToolUnit } from '../../base/forms/tool';
import type { Effort } from '../triage/effort';
import type { PowerState } from './powerState';

/** One thing read, tried or seen at a point. */
export interface Check {
  readonly point: string;
  readonly value?: number;
  readonly state?: string;
  /** Flash codes and the like, as they stand on the plate. */
  readonly note?: string;
  /** Where it was typed, when that was elsewhere: "the nameplate". */
  readonly from?: string;
}

/** How a reading stands to what is expected: as it should be, not quite, not; or it tells nothing. */
export type CheckOutcome = 'good' | 'edge' | 'bad';

/** What the unit says that a reading is held against. */
export interface CheckContext {
  /** Volts of the plate or the supply. */
  readonly lineVolts?: number;
  readonly phases?: 1 | 3;
  /** Rated capacitance, µF. */
  readonly ratedMicrofarads?: number;
  /** How far a capacitor may lie off its rating, percent. */
  readonly capacitorTolerancePercent?: number;
  /** Full-load amps of the blower's plate and its service factor. */
  readonly plateAmps?: number;
  readonly serviceFactor?: number;
}

/** A figure a meter shows here. */
export interface CheckNumber {
  readonly unit: ToolUnit;
  readonly min: number;
  readonly max: number;
  /** undefined where what it is held against is not known: then it tells nothing. */
  readonly outcome: (value: number, context: CheckContext) => CheckOutcome | undefined;
  /** What a figure that is not good asks for; makes it a finding. */
  readonly finding?: (value: number, context: CheckContext) => string | undefined;
  /** What is odd about a figure that can still be right, as a question; undefined when nothing is. */
  readonly ask?: (value: number, context: CheckContext) => string | undefined;
}

/** What is seen here instead of a figure, or beside one. */
export interface CheckState {
  readonly id: string;
  readonly text: string;
  readonly outcome?: CheckOutcome;
  /** What a state that is not good asks for; makes it a finding. */
  readonly finding?: string;
  /** What must be typed beside it, as a question while it is not. */
  readonly needsNote?: string;
}

/**
 * A place where something is read, tried or seen, once or many times a visit. Each is one reading: a figure, a state, or either. The last one at a
 * point stands. One list serves Power, Heat, Building air and upkeep.
 */
export interface CheckPoint {
  readonly id: string;
  readonly name: string;
  /** Where the leads go, or what is done. */
  readonly where: string;
  readonly number?: CheckNumber;
  readonly states?: readonly CheckState[];
  /** What it should read, in words. */
  readonly expects: string;
  readonly power: PowerState;
  readonly minutes: number;
  /** What is typed beside it, in its own words: "3 long, 2 short: limit open". */
  readonly noteLabel?: string;
  /** What a finding here usually takes, and where it stands in the order of work. */
  readonly effort?: Effort;
  /** Readings at other points that tell this one, when they are at hand. */
  readonly from?: CheckedFrom;
  /** The point whose figure this one is held against, asked for beside it: the rating of a capacitor. */
  readonly heldAgainst?: string;
}

/** How one point follows from readings at others: a capacitor from amps and volts, windings from three pairs. */
export interface CheckedFrom {
  /** In the order they are read. */
  readonly points: readonly string[];
  /** What they tell together; undefined while they do not tell it yet. */
  readonly tell: (read: ReadonlyMap<string, Check>) => Omit<Check, 'point'> | undefined;
  /** What is still missing of them, as a question, where some were read and not all. */
  readonly ask?: (read: ReadonlyMap<string, Check>) => string | undefined;
}

/** Points of one kind: each without an effort of its own takes the usual one. */
export const usually = (effort: Effort, points: readonly CheckPoint[]): readonly CheckPoint[] =>
  points.map((point) => ({ effort, ...point }));

export const good = (id: string, text: string): CheckState => ({ id, text, outcome: 'good' });
export const edge = (id: string, text: string, finding?: string): CheckState => ({
  id,
  text,
  outcome: 'edge',
  finding,
});
export const bad = (id: string, text: string, finding?: string): CheckState => ({ id, text, outcome: 'bad', finding });

/** Good from `least` up to `most`, bad beyond by more than `slack`. */
export const within =
  (least: number, most: number, slack = 0): CheckNumber['outcome'] =>
  (value) => {
    if (value >= least && value <= most) return 'good';
    return value >= least - slack && value <= most + slack ? 'edge' : 'bad';
  };
