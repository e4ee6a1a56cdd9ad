import type { Source } from '../numbers/source';
import type { Layout, StageKind } from '../system';

/** What a shop may set: targets, bands and the school it judges by. */
export interface Rules {
  /** Target airflow, CFM per nominal ton. */
  readonly cfmPerTon: number;
  /** Half width of the target band as a share of the target. */
  readonly bandShare: number;
  /** From this share of a limit on, a value is at the edge. */
  readonly edgeShare: number;
  /** Maximum TESP taken when the nameplate is not known, in. w.c. */
  readonly assumedMaxTespInWc: number;
  /** TESP under this share of the nameplate is suspiciously low. */
  readonly lowTespShare: number;
  /** Share of the nameplate each stage may take. */
  readonly stageShare: Readonly<Partial<Record<StageKind, number>>>;
  /** How it is judged where the pressure goes: by shares of the nameplate, or by what is left for the ducts. */
  readonly school: 'shareOfPlate' | 'leftForDucts';
  /** How the temperature drop is judged: against the coil model, or by the 16 to 22 °F rule. */
  readonly dropSchool: 'predicted' | 'ruleOfThumb';
  /** Face velocity through filters, fpm. */
  readonly filterFaceFpm: number;
  /** One standard deviation of airflow read from a maker's table, as a share: alone, and once another method has met it. */
  readonly tableFlowSigma: number;
  readonly tableFlowSigmaMet: number;
  /** One standard deviation of one static reading, in. w.c.: of the instrument, and as a share of the reading for the probe's place. */
  readonly staticSigmaInWc: number;
  readonly staticPlaceShare: number;
  /** Where each figure comes from, where that is not common practice. */
  readonly sources?: Readonly<Partial<Record<RuleFigure, Source>>>;
}

/** The figures of the rules that a verdict may name as its limit. */
export type RuleFigure = 'cfmPerTon' | 'bandShare' | 'assumedMaxTespInWc' | 'stageShare' | 'filterFaceFpm';

/** Where a figure of the rules comes from: said beside every limit. Common practice unless the shop or the unit says otherwise. */
export const ruleSource = ({ sources }: Rules, figure: RuleFigure): Source => sources?.[figure] ?? 'ruleOfThumb';

/** "the shop allows", "usual is": what goes before a limit, by its source. */
export const allowsWords = (source: Source): string =>
  source === 'nameplate' ? 'the plate allows' : source === 'shopSetting' ? 'the shop allows' : 'usual practice allows';

/** Common practice: 400 CFM a ton ± 10 %, 0.50 in. w.c. when the plate is unknown, the share-of-nameplate school. */
export const DEFAULT_RULES: Rules = {
  cfmPerTon: 400,
  bandShare: 0.1,
  edgeShare: 0.8,
  assumedMaxTespInWc: 0.5,
  lowTespShare: 0.2,
  stageShare: { returnDuct: 0.2, filter: 0.2, coil: 0.4, supplyDuct: 0.2 },
  school: 'shareOfPlate',
  dropSchool: 'predicted',
  filterFaceFpm: 300,
  tableFlowSigma: 0.1,
  tableFlowSigmaMet: 0.06,
  staticSigmaInWc: 0.01,
  staticPlaceShare: 0.05,
};

/**
 * The share of the nameplate a stage of a layout may take. Without an external coil, the coil's share is spread evenly
 * over the two ducts; what lies inside the cabinet has no share.
 *
 * @example stageBudget(LAYOUTS.airHandler, 'returnDuct', DEFAULT_RULES) // 0.4
 */
export function stageBudget(layout: Layout, kind: StageKind, rules: Rules): number {
  const external = (k: StageKind) => layout.stages.some((s) => s.kind === k && s.external);
  if (!external(kind)) return 0;
  // Filters in series share what one may take.
  const alike = layout.stages.filter((s) => s.kind === kind && s.external).length;
  const own = (rules.stageShare[kind] ?? 0) / alike;
  const isDuct = kind === 'returnDuct' || kind === 'supplyDuct';
  return isDuct && !external('coil') ? own + (rules.stageShare.coil ?? 0) / 2 : own;
}
