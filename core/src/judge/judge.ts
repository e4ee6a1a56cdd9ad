import { flowAtStatic, tapRow, type BlowerTable, type MotorKind, type OffTable } from '../fan';
import { countedPressures, type PressureReading } from '../readings';
import { layoutOf, type FilterPlace, type LayoutId, type System } from '../system';
import { flowText, staticText } from '../words';
import type { Rules } from './rules';
import { judgeStretches, measuredPath, type JudgedStretch } from './stretches';
import { targetFor, wordOnTarget, type Target, type TargetFacts } from './target';
import { wordUnder, type Sourced, type Source, type Verdict, type Working } from './verdict';

/** What is known about the unit before it is measured. Absent facts are asked for or assumed, and said so. */
export interface UnitFacts extends TargetFacts {
  readonly layout: LayoutId;
  readonly filterPlace?: FilterPlace;
  readonly motor: MotorKind;
  /** Nominal capacity, tons. */
  /** Nameplate maximum TESP, in. w.c.; absent when the plate cannot be read. */
  readonly maxTespInWc?: number;
  readonly table?: BlowerTable;
  /** The tap in use. */
  readonly tap?: string;
}

/** One standard deviation of the operating point. */
export interface PointSigma {
  readonly flowCfm: number;
  readonly staticInWc: number;
}

export interface Judgement {
  readonly maxTesp: Sourced;
  readonly target?: Target;
  readonly tespInWc?: number;
  readonly flowCfm?: number;
  readonly sigma?: PointSigma;
  /** Set when the measured static is not in the tap's row. */
  readonly offTable?: OffTable;
  readonly tesp: Verdict;
  readonly airflow: Verdict;
  readonly stretches: readonly JudgedStretch[];
  /** The measured system, when it is known well enough to be operated. */
  readonly system?: System;
}

function missingVerdict(unit: Verdict['unit'], formula: string, sentence: string): Verdict {
  return { word: 'cantSay', unit, sentence, working: { formula, inputs: [] }, readingIds: [] };
}

const TESP_FORMULA = 'TESP = static out of the equipment − static into it';
const FLOW_FORMULA = 'airflow from the blower table, linear between the two nearest statics of the tap’s row';

function judgeTesp(
  inlet: PressureReading | undefined,
  outlet: PressureReading | undefined,
  maxTesp: Sourced,
  rules: Rules,
  ports: { inlet?: string; outlet: string },
): Verdict {
  if ((ports.inlet && !inlet) || !outlet) {
    const lacking = [!inlet && ports.inlet, !outlet && ports.outlet].filter(Boolean).join(' and ');
    return missingVerdict('inWc', TESP_FORMULA, `Lacks the static at ${lacking}.`);
  }
  // A unit that takes its air from outdoors has the reference itself at its inlet.
  const value = outlet.staticInWc - (inlet?.staticInWc ?? 0);
  const working: Working = {
    formula: TESP_FORMULA,
    inputs: [
      { name: `${outlet.port}, out of the equipment`, value: outlet.staticInWc, unit: 'inWc', source: 'typed' },
      ...(inlet
        ? [
            {
              name: `${inlet.port}, into the equipment`,
              value: inlet.staticInWc,
              unit: 'inWc',
              source: 'typed',
            } as const,
          ]
        : []),
    ],
  };
  const base = { unit: 'inWc' as const, working, readingIds: [...(inlet ? [inlet.id] : []), outlet.id] };
  const from = maxTesp.source === 'nameplate' ? 'the plate allows' : 'plate unknown, taken as';
  const limit = {
    high: maxTesp.value,
    source: maxTesp.source,
    name: maxTesp.source === 'nameplate' ? 'nameplate maximum' : 'assumed maximum',
  };
  const says = `${staticText(value)} in. w.c., ${from} ${staticText(maxTesp.value)}.`;
  if (value <= 0) {
    return {
      ...base,
      word: 'cantSay',
      sentence: `${staticText(value)} in. w.c. is no lift: is the blower running, and are the two ports the right way round?`,
    };
  }
  const word = wordUnder(value, maxTesp.value, rules.edgeShare);
  if (value < rules.lowTespShare * maxTesp.value) {
    return {
      ...base,
      value,
      limit,
      word: 'atTheEdge',
      sentence: `${says} Very low: look for an open or disconnected duct, a missing filter or a dead fan before trusting it.`,
    };
  }
  return { ...base, value, limit, word, sentence: says };
}

/** What it means that a static is outside a tap's row. */
export function offTableSentence(off: OffTable, staticInWc: number): string {
  const edge = staticText(off.edgeStaticInWc);
  const at = staticText(staticInWc);
  switch (off.side) {
    case 'aboveTable':
      return `Off the table: tap ${off.tap} ends at ${edge} in. w.c. and the system stands at ${at}. The maker does not allow it; clear the restriction first.`;
    case 'belowTable':
      return `Off the table: tap ${off.tap} begins at ${edge} in. w.c. and the system stands at ${at}. Airflow is at least ${flowText(off.edgeFlowCfm)} CFM.`;
    case 'blankCell':
      return `Off the table: ${at} in. w.c. falls on a blank cell of tap ${off.tap}, where the maker gives no figure.`;
  }
}

/** Airflow against the target band: the word, the limit and the sentence of its verdict. */
export function flowInBand(flowCfm: number, target: Target, tons: number | undefined, rules: Rules) {
  const side = flowCfm < target.lowCfm ? 'below' : flowCfm > target.highCfm ? 'above' : 'in';
  const perTon = tons === undefined ? '' : `, ${flowText(flowCfm / tons)} a ton`;
  const band = `${flowText(target.lowCfm)} to ${flowText(target.highCfm)}`;
  return {
    value: flowCfm,
    word: wordOnTarget(flowCfm, target, rules.edgeShare),
    limit: {
      low: target.lowCfm,
      high: target.highCfm,
      source: target.source ?? ('shopSetting' as const),
      name: 'target band',
    },
    sentence: `${flowText(flowCfm)} CFM${perTon}: ${side} the band of ${band}${target.from ? ` (${target.from})` : ''}.`,
  };
}

function judgeAirflow(facts: UnitFacts, tesp: Verdict, target: Target | undefined, rules: Rules) {
  const lacking = [
    tesp.value === undefined && 'the external static',
    !facts.table && 'a blower table',
    !facts.tap && 'the tap in use',
    !targetFor(facts, rules) && 'the tons',
  ].filter((x) => x !== false);
  const cantSay = (sentence: string) => missingVerdict('cfm', FLOW_FORMULA, sentence);
  const { table, tap, tons } = facts;
  if (tesp.value === undefined || !table || !tap) return { verdict: cantSay(`Lacks ${lacking.join(', ')}.`) };
  const row = tapRow(table, tap);
  if (!row) return { verdict: cantSay(`The table has no tap ${tap}. Choose the tap in use again.`) };
  const read = flowAtStatic(table, row, tesp.value);
  const given = (name: string, value: number, unit: 'inWc' | 'cfm' | 'tons' | 'cfmPerTon', source: Source) => ({
    name,
    value,
    unit,
    source,
  });
  const inputs = [
    given('external static', tesp.value, 'inWc', 'computed'),
    ...(tons === undefined ? [] : [given('nominal tons', tons, 'tons', 'typed')]),
    given('target a ton', rules.cfmPerTon, 'cfmPerTon', 'shopSetting'),
  ];
  const base = { unit: 'cfm' as const, working: { formula: FLOW_FORMULA, inputs }, readingIds: tesp.readingIds };
  if (read.kind === 'offTable') {
    return {
      offTable: read,
      verdict: { ...base, word: 'cantSay' as const, sentence: offTableSentence(read, tesp.value) },
    };
  }
  const value = read.flowCfm;
  if (!target) {
    return {
      flowCfm: value,
      verdict: {
        ...base,
        value,
        word: 'cantSay' as const,
        sentence: `${flowText(value)} CFM. Lacks the tons to judge it.`,
      },
    };
  }
  return { flowCfm: value, verdict: { ...base, ...flowInBand(value, target, tons, rules) } };
}

/**
 * Judges the readings of a unit: external static against the nameplate, airflow from the table against the target band,
 * and each stretch against its share. Builds the measured system when all of it is known.
 *
 * Units: in. w.c. and CFM, at the density of the readings. Missing facts never throw: the verdict is "can't say" with
 * what is missing.
 *
 * @param facts the unit; its table must be sound (see `tableFaults`)
 * @param readings in the order they were taken
 * @example judge(exampleA, [R2 −0.31, S1 +0.27], DEFAULT_RULES).flowCfm // 940.2
 */
export function judge(facts: UnitFacts, readings: readonly PressureReading[], rules: Rules): Judgement {
  const layout = layoutOf(facts);
  const counted = countedPressures(layout, readings);
  const maxTesp: Sourced =
    facts.maxTespInWc === undefined
      ? { value: rules.assumedMaxTespInWc, source: 'assumed' }
      : { value: facts.maxTespInWc, source: 'nameplate' };
  const target = targetFor(facts, rules);
  const tesp = judgeTesp(
    layout.inletPort && counted.get(layout.inletPort),
    counted.get(layout.outletPort),
    maxTesp,
    rules,
    {
      inlet: layout.inletPort,
      outlet: layout.outletPort,
    },
  );
  const stretches = judgeStretches(layout, readings, maxTesp, rules);
  const { verdict: airflow, flowCfm, offTable } = judgeAirflow(facts, tesp, target, rules);
  const { table, tap } = facts;
  const known = tesp.value !== undefined && flowCfm !== undefined && table && tap;
  return {
    maxTesp,
    target,
    tesp,
    airflow,
    stretches,
    tespInWc: tesp.value,
    flowCfm,
    offTable,
    sigma: known
      ? { flowCfm: flowCfm * rules.tableFlowSigma, staticInWc: rules.staticSigmaInWc * Math.SQRT2 }
      : undefined,
    system: known
      ? {
          layout: facts.layout,
          path: measuredPath(stretches, tesp.value, flowCfm),
          fan: { motor: facts.motor, table, tap },
        }
      : undefined,
  };
}
