import type { Source } from '../../base/numbers/source';
import type { Layout, StageKind } from '../../air/system';
import type { FlowMethodId } from '../../air/flow';

/** What a shop may set: targets, bands and the school it judges by. */
export interface Rules {
  /** Target airflow, CFM per nominal ton. */
  readonly cfmPerTon: number;
  /** The same where the climate is humid, or dry. */
  readonly cfmPerTonByClimate: { readonly humid: number; readonly dry: number };
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
  /** The weak rule's band, °F. */
  readonly dropLowF: number;
  readonly dropHighF: number;
  /** How far a run capacitor may lie off its rating, as a share. */
  readonly capacitorShare: number;
  /** Belt slip over this share is a finding. */
  readonly slipShare: number;
  /** One standard deviation of each method of airflow under good conditions, as a share. */
  readonly methodSigma: Readonly<Record<FlowMethodId, number>>;
  /** Face velocity through filters, fpm. */
  readonly filterFaceFpm: number;
  /** One standard deviation of airflow read from a blower table, as a share: alone, and once another method has met it. */
  readonly tableFlowSigma: number;
  readonly tableFlowSigmaMet: number;
  /** One standard deviation of one static reading, in. w.c.: of the instrument, and as a share of the reading for the probe's place. */
  readonly staticSigmaInWc: number;
  readonly staticPlaceShare: number;
  /** Where each figure comes from, where that is not common practice. */
  readonly sources?: Readonly<Partial<Record<RuleFigure, Source>>>;
}

/** The figures of the rules that a verdict may name as its limit. */
export type RuleFigure =
  | 'cfmPerTon'
  | 'cfmPerTonHumid'
  | 'cfmPerTonDry'
  | 'bandShare'
  | 'assumedMaxTespInWc'
  | 'stageShare'
  | 'filterFaceFpm'
  | 'drop'
  | 'capacitorShare'
  | 'slipShare';

export const CLIMATES = ['usual', 'humid', 'dry'] as const;
/** The climate a site's units are set for. */
export type Climate = (typeof CLIMATES)[number];

/** The target of a climate, CFM per ton. @example targetPerTon(DEFAULT_RULES, 'humid') // 350 */
export const targetPerTon = (rules: Rules, climate: Climate | null | undefined): number =>
  climate === 'humid' || climate === 'dry' ? rules.cfmPerTonByClimate[climate] : rules.cfmPerTon;

/** Whose figure a target a ton is: the shop's, common practice, or somebody's who typed another. */
export function targetPerTonSource(rules: Rules, cfmPerTon: number): Source {
  const figures = [
    ['cfmPerTon', rules.cfmPerTon],
    ['cfmPerTonHumid', rules.cfmPerTonByClimate.humid],
    ['cfmPerTonDry', rules.cfmPerTonByClimate.dry],
  ] as const;
  const figure = figures.find(([, value]) => value === cfmPerTon)?.[0];
  return figure ? ruleSource(rules, figure) : 'typed';
}

/** (J) One standard deviation of each method under good conditions, as a share of the airflow. Source: repeatability each method is known for in the field. */
export const USUAL_METHOD_SIGMA: Readonly<Record<FlowMethodId, number>> = {
  requestedFlow: 0.1,
  electricHeat: 0.06,
  gasHeat: 0.1,
  traverse: 0.05,
  flowPlate: 0.07,
  registers: 0.07,
  coolingDrop: 0.15,
};

/** Where a figure of the rules comes from: said beside every limit. Common practice unless the shop or the unit says otherwise. */
export const ruleSource = ({ sources }: Rules, figure: RuleFigure): Source => sources?.[figure] ?? 'ruleOfThumb';

/** "the shop allows", "usual is": what goes before a limit, by its source. */
export const allowsWords = (source: Source): string =>
  source === 'nameplate'
    ? 'the nameplate allows'
    : source === 'shopSetting'
      ? 'the shop allows'
      : 'usual practice allows';

/** Common practice: 400 CFM per ton ± 10 %, 0.50 in. w.c. when the plate is unknown, the share-of-nameplate school. */
export const DEFAULT_RULES: Rules = {
  cfmPerTon: 400,
  cfmPerTonByClimate: { humid: 350, dry: 450 },
  bandShare: 0.1,
  edgeShare: 0.8,
  assumedMaxTespInWc: 0.5,
  lowTespShare: 0.2,
  stageShare: { returnDuct: 0.2, filter: 0.2, coil: 0.4, supplyDuct: 0.2 },
  school: 'shareOfPlate',
  dropSchool: 'predicted',
  dropLowF: 16,
  dropHighF: 22,
  capacitorShare: 0.06,
  slipShare: 0.03,
  methodSigma: USUAL_METHOD_SIGMA,
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
