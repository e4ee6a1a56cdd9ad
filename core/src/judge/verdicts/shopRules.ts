import type { FieldSet, RawInputs } from '../../base/forms';
import type { FlowMethodId } from '../../air/flow';
import { inputFaults, soundInputs } from '../../base/forms/solveTool';
import { DEFAULT_RULES, USUAL_METHOD_SIGMA, type RuleFigure, type Rules } from './rules';

/**
 * What a shop may set for itself, as it types it: percent where a share is meant. A blank figure is the usual one. The form on the screen and
 * the check of the wire are this one set.
 */
export const RULES_FORM = {
  fields: {
    cfmPerTon: {
      kind: 'number',
      label: 'Target, normal climate',
      unit: 'cfmPerTon',
      min: 200,
      max: 600,
      optional: true,
    },
    cfmPerTonHumid: { kind: 'number', label: 'Target, humid', unit: 'cfmPerTon', min: 200, max: 600, optional: true },
    cfmPerTonDry: { kind: 'number', label: 'Target, dry', unit: 'cfmPerTon', min: 200, max: 600, optional: true },
    bandPercent: { kind: 'number', label: 'Target range, ±', unit: 'percent', min: 2, max: 30, optional: true },
    edgePercent: { kind: 'number', label: 'Caution above', unit: 'percent', min: 50, max: 99, optional: true },
    assumedMaxTespInWc: {
      kind: 'number',
      label: 'Default max static',
      unit: 'inWc',
      min: 0.05,
      max: 5,
      optional: true,
    },
    filterFaceFpm: {
      kind: 'number',
      label: 'Filter face velocity',
      unit: 'fpm',
      min: 100,
      max: 1000,
      optional: true,
    },
    returnPercent: {
      kind: 'number',
      label: 'Return duct budget',
      unit: 'percent',
      min: 1,
      max: 100,
      optional: true,
    },
    filterPercent: { kind: 'number', label: 'Filter budget', unit: 'percent', min: 1, max: 100, optional: true },
    coilPercent: {
      kind: 'number',
      label: 'External coil budget',
      unit: 'percent',
      min: 1,
      max: 100,
      optional: true,
    },
    supplyPercent: {
      kind: 'number',
      label: 'Supply duct budget',
      unit: 'percent',
      min: 1,
      max: 100,
      optional: true,
    },
    school: {
      kind: 'choice',
      label: 'Pressure profile',
      options: [
        { id: 'shareOfPlate', text: 'share of nameplate static' },
        { id: 'leftForDucts', text: 'static left for ducts' },
      ],
    },
    dropSchool: {
      kind: 'choice',
      label: 'Temperature drop',
      options: [
        { id: 'predicted', text: 'prediction' },
        { id: 'ruleOfThumb', text: 'rule of thumb' },
      ],
    },
    dropLowF: { kind: 'number', label: 'Rule, lowest ΔT', unit: 'deltaF', min: 5, max: 40, optional: true },
    dropHighF: { kind: 'number', label: 'Rule, highest ΔT', unit: 'deltaF', min: 5, max: 40, optional: true },
    capacitorPercent: { kind: 'number', label: 'Run capacitor, ±', unit: 'percent', min: 1, max: 20, optional: true },
    slipPercent: { kind: 'number', label: 'Belt slip over', unit: 'percent', min: 1, max: 15, optional: true },
    blowerTablePercent: { kind: 'number', label: 'Blower table', unit: 'percent', min: 2, max: 40, optional: true },
    electricHeatPercent: {
      kind: 'number',
      label: 'Electric heat rise',
      unit: 'percent',
      min: 2,
      max: 40,
      optional: true,
    },
    gasHeatPercent: { kind: 'number', label: 'Gas heat rise', unit: 'percent', min: 2, max: 40, optional: true },
    traversePercent: { kind: 'number', label: 'Traverse', unit: 'percent', min: 2, max: 40, optional: true },
    flowPlatePercent: { kind: 'number', label: 'Flow plate', unit: 'percent', min: 2, max: 40, optional: true },
    registersPercent: { kind: 'number', label: 'Outlets summed', unit: 'percent', min: 2, max: 40, optional: true },
    requestedFlowPercent: {
      kind: 'number',
      label: 'Flashes or switches',
      unit: 'percent',
      min: 2,
      max: 40,
      optional: true,
    },
    coolingDropPercent: {
      kind: 'number',
      label: 'ΔT method',
      unit: 'percent',
      min: 2,
      max: 40,
      optional: true,
    },
  },
} as const satisfies FieldSet;

export type RuleId = keyof typeof RULES_FORM.fields;
export type ShopRules = Readonly<Partial<Record<RuleId, number | string | null>>>;

const { stageShare } = DEFAULT_RULES;

/** The usual figure of each rule and what it rests on: what a shop goes back to. */
export const USUAL_RULES: Readonly<Record<RuleId, { readonly value: number | string; readonly source: string }>> = {
  cfmPerTon: { value: DEFAULT_RULES.cfmPerTon, source: 'Manufacturers rate coils at 400 CFM per ton.' },
  cfmPerTonHumid: { value: 350, source: 'Less air a ton takes out more water.' },
  cfmPerTonDry: { value: 450, source: 'More air a ton where there is little water to take out.' },
  bandPercent: { value: 100 * DEFAULT_RULES.bandShare, source: 'Field practice: a tenth to either side.' },
  edgePercent: { value: 100 * DEFAULT_RULES.edgeShare, source: 'Field practice: four fifths of a limit.' },
  assumedMaxTespInWc: { value: DEFAULT_RULES.assumedMaxTespInWc, source: 'Most residential nameplates say 0.50.' },
  filterFaceFpm: { value: DEFAULT_RULES.filterFaceFpm, source: 'Filter manufacturers’ sheets, 1 in. media.' },
  returnPercent: { value: 100 * stageShare.returnDuct!, source: 'Share-of-nameplate budget.' },
  filterPercent: { value: 100 * stageShare.filter!, source: 'Share-of-nameplate budget.' },
  coilPercent: { value: 100 * stageShare.coil!, source: 'Share-of-nameplate budget, wet coil.' },
  supplyPercent: { value: 100 * stageShare.supplyDuct!, source: 'Share-of-nameplate budget.' },
  school: { value: DEFAULT_RULES.school, source: 'Needs no duct lengths.' },
  dropSchool: { value: DEFAULT_RULES.dropSchool, source: 'The coil model knows wet bulb and airflow.' },
  dropLowF: { value: DEFAULT_RULES.dropLowF, source: 'Rule of thumb.' },
  dropHighF: { value: DEFAULT_RULES.dropHighF, source: 'Rule of thumb.' },
  capacitorPercent: {
    value: 100 * DEFAULT_RULES.capacitorShare,
    source: 'Usual tolerance of run capacitors, ± 5 or 6 %.',
  },
  slipPercent: { value: 100 * DEFAULT_RULES.slipShare, source: 'Belt manufacturers: a sound belt slips 1 to 2 %.' },
  blowerTablePercent: {
    value: 100 * DEFAULT_RULES.tableFlowSigma,
    source: 'Field error of tables until another method meets them.',
  },
  electricHeatPercent: { value: 100 * USUAL_METHOD_SIGMA.electricHeat, source: 'Meters and two probes.' },
  gasHeatPercent: { value: 100 * USUAL_METHOD_SIGMA.gasHeat, source: 'Heating value and efficiency are not measured.' },
  traversePercent: { value: 100 * USUAL_METHOD_SIGMA.traverse, source: 'Full grid in straight duct.' },
  flowPlatePercent: { value: 100 * USUAL_METHOD_SIGMA.flowPlate, source: 'Manufacturers of nameplates.' },
  registersPercent: { value: 100 * USUAL_METHOD_SIGMA.registers, source: 'Hood readings, leaks missed.' },
  requestedFlowPercent: { value: 100 * USUAL_METHOD_SIGMA.requestedFlow, source: 'A request, not a measurement.' },
  coolingDropPercent: { value: 100 * USUAL_METHOD_SIGMA.coolingDrop, source: 'Rests on charge and compressor.' },
};

/** What is wrong with rules as they were typed. */
export function shopRulesFaults(raw: RawInputs) {
  const { dropLowF: low = USUAL_RULES.dropLowF.value, dropHighF: high = USUAL_RULES.dropHighF.value } = raw;
  const faults = inputFaults(RULES_FORM, raw);
  if (faults.length === 0 && Number(low ?? USUAL_RULES.dropLowF.value) >= Number(high ?? USUAL_RULES.dropHighF.value))
    return [{ field: 'dropHighF', message: 'The rule of thumb must end above where it begins.' }];
  return faults;
}

const METHODS = Object.keys(USUAL_METHOD_SIGMA) as FlowMethodId[];

/**
 * The rules a shop judges by: its own figures, said to be its own, and the usual ones for the rest.
 *
 * @param set what it set, percent where the form says so; null and absent are the usual
 * @example rulesOf({ bandPercent: 15 }).bandShare // 0.15, and sources.bandShare is 'shopSetting'
 */
export function rulesOf(set: ShopRules | null | undefined): Rules {
  if (!set || shopRulesFaults(set).length > 0) return DEFAULT_RULES;
  const typed = soundInputs(RULES_FORM, set);
  const isSet = (id: RuleId) => set[id] !== undefined && set[id] !== null && set[id] !== '';
  const percent = (id: keyof typeof typed, usual: number) => (isSet(id) ? (typed[id] as number) / 100 : usual);
  const own = (figure: RuleFigure, ...ids: RuleId[]) => (ids.some(isSet) ? { [figure]: 'shopSetting' as const } : {});
  const d = DEFAULT_RULES;
  return {
    ...d,
    cfmPerTon: typed.cfmPerTon ?? d.cfmPerTon,
    cfmPerTonByClimate: {
      humid: typed.cfmPerTonHumid ?? d.cfmPerTonByClimate.humid,
      dry: typed.cfmPerTonDry ?? d.cfmPerTonByClimate.dry,
    },
    bandShare: percent('bandPercent', d.bandShare),
    edgeShare: percent('edgePercent', d.edgeShare),
    assumedMaxTespInWc: typed.assumedMaxTespInWc ?? d.assumedMaxTespInWc,
    filterFaceFpm: typed.filterFaceFpm ?? d.filterFaceFpm,
    stageShare: {
      returnDuct: percent('returnPercent', d.stageShare.returnDuct!),
      filter: percent('filterPercent', d.stageShare.filter!),
      coil: percent('coilPercent', d.stageShare.coil!),
      supplyDuct: percent('supplyPercent', d.stageShare.supplyDuct!),
    },
    school: isSet('school') ? typed.school : d.school,
    dropSchool: isSet('dropSchool') ? typed.dropSchool : d.dropSchool,
    dropLowF: typed.dropLowF ?? d.dropLowF,
    dropHighF: typed.dropHighF ?? d.dropHighF,
    capacitorShare: percent('capacitorPercent', d.capacitorShare),
    slipShare: percent('slipPercent', d.slipShare),
    tableFlowSigma: percent('blowerTablePercent', d.tableFlowSigma),
    // A table that another method met is never trusted less than one alone.
    tableFlowSigmaMet: Math.min(d.tableFlowSigmaMet, percent('blowerTablePercent', d.tableFlowSigma)),
    methodSigma: Object.fromEntries(
      METHODS.map((id) => [id, percent(`${id}Percent`, USUAL_METHOD_SIGMA[id])]),
    ) as Rules['methodSigma'],
    sources: {
      ...own('cfmPerTon', 'cfmPerTon'),
      ...own('cfmPerTonHumid', 'cfmPerTonHumid'),
      ...own('cfmPerTonDry', 'cfmPerTonDry'),
      ...own('bandShare', 'bandPercent'),
      ...own('assumedMaxTespInWc', 'assumedMaxTespInWc'),
      ...own('stageShare', 'returnPercent', 'filterPercent', 'coilPercent', 'supplyPercent'),
      ...own('filterFaceFpm', 'filterFaceFpm'),
      ...own('drop', 'dropLowF', 'dropHighF'),
      ...own('capacitorShare', 'capacitorPercent'),
      ...own('slipShare', 'slipPercent'),
    },
  };
}
