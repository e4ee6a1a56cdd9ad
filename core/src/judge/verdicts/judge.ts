import type { BlowerTable, MotorKind } from '../../air/fan';
import type { FilterFacts } from '../../air/filter';
import { countedPressures, type PressureReading } from '../../air/readings';
import { layoutOf, type FilterPlace, type LayoutId } from '../../air/system';
import { staticWords, staticText } from '../../base/words';
import type { Rules } from './rules';
import { tespSigma } from './staticError';
import { judgeSections, type JudgedAt, type JudgedSection } from './sections';
import { targetFor, type Target, type TargetFacts } from './target';
import { wordUnder, type Verdict, type VerdictWord, type Working } from '../../base/verdict/verdict';
import type { Sourced } from '../../base/numbers/source';

/** What is known about the unit before it is measured. Absent facts are asked for or assumed, and said so. */
export interface UnitFacts extends TargetFacts {
  readonly layout: LayoutId;
  readonly filterPlace?: FilterPlace;
  readonly motor: MotorKind;
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

/** What the statics alone say: the external static against the plate. */
export interface PressureJudgement {
  readonly maxTesp: Sourced;
  readonly target?: Target;
  readonly tespInWc?: number;
  /** One standard deviation of it, in. w.c. */
  readonly tespSigmaInWc?: number;
  readonly tesp: Verdict;
}

/** The statics judged, each section at the airflow that counts. */
export interface Judgement extends PressureJudgement {
  readonly sections: readonly JudgedSection[];
  /** One σ of airflow and static together, once both are known. */
  readonly sigma?: PointSigma;
}

/** The external static as one reading, with both hoses on the manometer. */
export interface TotalStatic {
  readonly id: string;
  readonly staticInWc: number;
}

/** A verdict that can't be given, with what is missing. */
export const missingVerdict = (unit: Verdict['unit'], formula: string, sentence: string): Verdict => ({
  word: 'cantSay',
  unit,
  sentence,
  working: { formula, inputs: [] },
  readingIds: [],
});

const TESP_FORMULA = 'TESP = static out of the equipment − static into it';

/** Beyond the limit by less than this many of its σ a static is at the edge, not refused. */
const EDGE_SIGMAS = 2;

/** The most a static may be before it is outside: the limit and twice its error there. @example about 0.56 for a plate of 0.50 */
export const tespAllowedInWc = (maxTespInWc: number, rules: Rules): number =>
  maxTespInWc + EDGE_SIGMAS * tespSigma([maxTespInWc / 2, maxTespInWc / 2], rules);

/** The word for an external static, measured or predicted: within twice its error of the limit it is at the edge. */
export function tespWord(tespInWc: number, maxTespInWc: number, rules: Rules): VerdictWord {
  const word = wordUnder(tespInWc, maxTespInWc, rules.edgeShare);
  return word === 'outside' && tespInWc <= tespAllowedInWc(maxTespInWc, rules) ? 'atTheEdge' : word;
}

function judgeTesp(
  inlet: PressureReading | undefined,
  outlet: PressureReading | undefined,
  maxTesp: Sourced,
  rules: Rules,
  ports: { inlet?: string; outlet: string },
  total?: TotalStatic,
): Verdict {
  if ((ports.inlet && !inlet) || !outlet) {
    if (total) {
      const working: Working = {
        formula: TESP_FORMULA,
        inputs: [{ name: 'both hoses, one reading', value: total.staticInWc, unit: 'inWc', source: 'typed' }],
      };
      return tespAgainst(total.staticInWc, { unit: 'inWc', working, readingIds: [total.id] }, maxTesp, rules);
    }
    const lacking = [!inlet && ports.inlet, !outlet && ports.outlet].filter(Boolean).join(' and ');
    return missingVerdict('inWc', TESP_FORMULA, `Missing: static at ${lacking}.`);
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
  return tespAgainst(
    value,
    { unit: 'inWc', working, readingIds: [...(inlet ? [inlet.id] : []), outlet.id] },
    maxTesp,
    rules,
  );
}

function tespAgainst(
  value: number,
  base: Pick<Verdict, 'unit' | 'working' | 'readingIds'>,
  maxTesp: Sourced,
  rules: Rules,
): Verdict {
  const from = maxTesp.source === 'nameplate' ? 'the nameplate allows' : 'nameplate unknown, assumed';
  const limit = {
    high: maxTesp.value,
    source: maxTesp.source,
    name: maxTesp.source === 'nameplate' ? 'nameplate maximum' : 'assumed maximum',
  };
  const says = `${staticWords(value)}, ${from} ${staticText(maxTesp.value)}.`;
  if (value <= 0) {
    return {
      ...base,
      word: 'cantSay',
      sentence: `No pressure rise across the unit (${staticWords(value)}). Check that the blower runs and that the two ports are not swapped.`,
    };
  }
  const word = tespWord(value, maxTesp.value, rules);
  if (value < rules.lowTespShare * maxTesp.value) {
    return {
      ...base,
      value,
      limit,
      word: 'atTheEdge',
      sentence: `${says} Very low: look for an open duct, a missing filter or a dead blower before you trust it.`,
    };
  }
  const near = word === 'atTheEdge' && value > maxTesp.value ? ' Over it by less than measurement error.' : '';
  return { ...base, value, limit, word, sentence: says + near };
}

/**
 * Judges the external static of a unit against its nameplate, and says what airflow it should have.
 *
 * Units: in. w.c. and CFM, at the density of the readings. Missing facts never throw: the verdict is "can't say" with
 * what is missing.
 *
 * @param readings in the order they were taken
 * @param total counts only while a boundary port is unread: two readings say more than their difference
 * @example judgePressure(exampleA, [R2 −0.31, S1 +0.27], DEFAULT_RULES).tespInWc // 0.58
 */
export function judgePressure(
  facts: UnitFacts,
  readings: readonly PressureReading[],
  rules: Rules,
  total?: TotalStatic,
): PressureJudgement {
  const layout = layoutOf(facts);
  const counted = countedPressures(layout, readings);
  const maxTesp: Sourced =
    facts.maxTespInWc === undefined
      ? { value: rules.assumedMaxTespInWc, source: 'assumed' }
      : { value: facts.maxTespInWc, source: 'nameplate' };
  const [inlet, outlet] = [layout.inletPort && counted.get(layout.inletPort), counted.get(layout.outletPort)];
  const tesp = judgeTesp(inlet, outlet, maxTesp, rules, { inlet: layout.inletPort, outlet: layout.outletPort }, total);
  const isWhole = outlet && (inlet || !layout.inletPort);
  const statics =
    total && !isWhole
      ? [total.staticInWc]
      : [inlet, outlet].flatMap((reading) => (reading ? [reading.staticInWc] : []));
  return {
    maxTesp,
    target: targetFor(facts, rules),
    tesp,
    tespInWc: tesp.value,
    tespSigmaInWc: tesp.value === undefined ? undefined : tespSigma(statics, rules),
  };
}

/**
 * The statics with where the pressure goes: each section against its share at the target airflow.
 *
 * @param pressure of the same readings
 * @param at the one airflow of the visit; absent while none is known, and the shares are judged as read
 */
export function judgeWhole(
  pressure: PressureJudgement,
  facts: UnitFacts,
  readings: readonly PressureReading[],
  rules: Rules,
  at?: JudgedAt & { readonly sigmaCfm: number },
  filters?: FilterFacts,
): Judgement {
  const { maxTesp, tespSigmaInWc } = pressure;
  return {
    ...pressure,
    sections: judgeSections(layoutOf(facts), readings, maxTesp, rules, at, filters),
    sigma: at && tespSigmaInWc !== undefined ? { flowCfm: at.sigmaCfm, staticInWc: tespSigmaInWc } : undefined,
  };
}
