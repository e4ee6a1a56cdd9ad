import type { MotorKind } from '../../air/fan';

/** What a part of the way carries: line voltage, 24 V, or nothing that is followed (a part tried by itself). */
export type Lane = 'line' | 'low' | 'self';

/** A test point where it stands in the drawing. */
export interface SchemeStep {
  readonly point: string;
  readonly lane: Lane;
  /** Points that must read good before this one can. */
  readonly from: readonly string[];
}

/** How a kind of blower is switched: where power goes, and what can stop it where. One file each. */
export interface PowerScheme {
  readonly id: string;
  readonly name: string;
  readonly motors: readonly MotorKind[];
  /** In the order of the drawing: disconnect to wheel. */
  readonly steps: readonly SchemeStep[];
  /** Points beside the way that help to part what is left. */
  readonly beside: readonly SchemeStep[];
  /** What can be wrong, and the first point of the way that it makes bad, or several; null when the way is good to its end. */
  readonly causes: Readonly<Record<string, string | null | readonly string[]>>;
  /** What is read before anything else where something was seen: three legs before a motor that hums or trips. */
  readonly firstWhere?: {
    readonly point: string;
    readonly shownBy: readonly { point: string; states: readonly string[] }[];
  };
  /** It is not the blower that fails to run but its proof. */
  readonly provesOnly?: true;
}

export const line = (point: string, ...from: string[]): SchemeStep => ({ point, lane: 'line', from });
export const low = (point: string, ...from: string[]): SchemeStep => ({ point, lane: 'low', from });
export const self = (point: string, ...from: string[]): SchemeStep => ({ point, lane: 'self', from });
