import type { CheckContext } from '../checks/checkPoint';

/** How a cause shows at a point it can be seen at: the chance of a bad reading, or of each state. */
export type Shows = number | Readonly<Record<string, number>>;

/** A reading that must have been taken before a cause is called found: at a point, good, bad, in some state, or anything at all. */
export interface Proof {
  readonly point: string;
  readonly as: 'good' | 'bad' | 'read' | readonly string[];
}

/** One thing that keeps a blower from running, or from stopping. */
export interface PowerCause {
  readonly id: string;
  readonly name: string;
  /** Odds per 100 calls before anything was read (J); a shop may know better. */
  readonly prior: number;
  /** Points beside the way of power that show it. */
  readonly seenBy: Readonly<Record<string, Shows>>;
  /**
   * What must have been read before it is called found: all of these that its scheme has, and of a list within it any one. Nothing is found by
   * elimination alone.
   */
  readonly provedBy: readonly (Proof | readonly Proof[])[];
  /** Its own reading is enough: it is seen, or it does not lie on the way of power. Of others the way must be shown to stop at them. */
  readonly isSeenItself?: true;
  /** Figures that can explain the symptom: a part that is only weak does not stop a motor. By point; others say nothing for it. */
  readonly explains?: Readonly<Record<string, (value: number, context: CheckContext) => boolean>>;
  /** It keeps a blower running that should stop; others keep one from running. */
  readonly runsOn?: true;
  /** What fixes it. */
  readonly toDo: string;
  readonly minutes: number;
  /** Usual price of the part, dollars (J). */
  readonly money: number;
  /** It is the motor or its module: held while nothing was read of the duct that may have killed it. */
  readonly isMotor?: true;
}

export const isBad = (point: string): Proof => ({ point, as: 'bad' });
export const isGood = (point: string): Proof => ({ point, as: 'good' });
export const isRead = (point: string): Proof => ({ point, as: 'read' });
export const isIn = (point: string, ...states: string[]): Proof => ({ point, as: states });
