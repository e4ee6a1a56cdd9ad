/**
 * What an airflow rests on: the manufacturer's book (table, switch table), a measurement of the air, the temperature drop (which also says
 * how sound the refrigerant side is), or nothing but what is usual.
 */
type FlowBasis = 'book' | 'measured' | 'drop' | 'usual';

/** One airflow by one method. */
export interface FlowEstimate {
  readonly id: string;
  /** The method in words: "electric heat rise". */
  readonly name: string;
  readonly flowCfm: number;
  /** One standard deviation as a share of the flow, above 0. */
  readonly sigmaShare: number;
  readonly doubts: readonly string[];
  /** `measured` when it is not said. */
  readonly basis?: FlowBasis;
  /** Why it was excluded, by the technician or because it says nothing of this mode; it is shown and does not count. */
  readonly setAside?: string;
  /** Set aside here, not by a person: it cannot be counted again. */
  readonly unfit?: boolean;
}

/** One standard deviation, CFM. */
export const sigmaOf = ({ flowCfm, sigmaShare }: FlowEstimate): number => flowCfm * sigmaShare;

/** How far apart two airflows lie, in their combined σ. */
export const sigmasApart = (a: FlowEstimate, b: FlowEstimate): number =>
  Math.abs(a.flowCfm - b.flowCfm) / Math.hypot(sigmaOf(a), sigmaOf(b));
