/** How a cause shows at a point it can be seen at: the chance of a bad reading, or of each state. */
export type Shows = number | Readonly<Record<string, number>>;

/** One thing that keeps a blower from running. */
export interface PowerCause {
  readonly id: string;
  readonly name: string;
  /** Odds per 100 calls before anything was read (J); a shop may know better. */
  readonly prior: number;
  /** Points beside the way of power that show it. */
  readonly seenBy: Readonly<Record<string, Shows>>;
  /** What mends it. */
  readonly toDo: string;
  readonly minutes: number;
  /** Usual price of the part, dollars (J). */
  readonly money: number;
  /** It is the motor or its module: held while nothing was read of the duct that may have killed it. */
  readonly isMotor?: true;
}
