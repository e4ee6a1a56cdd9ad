import { shownWords, shownText } from '../../base/words';
import { moistAir } from '../../air/moistAir';
import { predictCoil } from '../../air/coil';
import { USUAL_COOLING_AIR } from '../../air/coil/usualCoolingAir';
import type { RawInputs } from '../../base/forms/tool';
import { ruleSource, type Rules } from './rules';
import type { Verdict } from '../../base/verdict/verdict';

/** One standard deviation of the coil model, and of the readings behind a drop, °F. (J) */
const MODEL_SIGMA_F = 1.5;
const READING_SIGMA_F = 1.2;
/** (J) Over this the airflow's error says more of the band than model and readings do, °F. */
const MOST_BY_FLOW_F = 3;
/** (J) What usual moisture and usual outdoor air, taken and not read, may be wrong by in the drop, °F, one standard deviation. */
const MOISTURE_SIGMA_F = 2.5;
const OUTDOOR_SIGMA_F = 1;

const assumedWords = (isMoistureRead: boolean, isOutdoorRead: boolean): string => {
  const what = [
    !isMoistureRead && '50 % humidity',
    !isOutdoorRead && `${degreeOf(USUAL_COOLING_AIR.outdoorF)} outdoors`,
  ];
  const assumed = what.filter(Boolean).join(' and ');
  return assumed === '' ? '' : ` ${assumed} assumed: measure to narrow it.`;
};
/** Share of the half width from which on a drop is at the edge: 1σ of 2σ, or of the weak rule's width. */
const EDGE = 0.5;
const WEAK_EDGE = 0.7;

const FORMULA = 'drop = return dry bulb − supply dry bulb, at the unit';
const degrees = (f: number) => shownText(f, 'deltaF', 1);
const degreeOf = (f: number) => shownWords(f, 'degF', 0);
const degreeWords = (f: number) => shownWords(f, 'deltaF', 1);

/** What is said about a drop, with the band it was judged by. */
function said(dropF: number, low: number, high: number, edge: number): { word: Verdict['word']; meaning: string } {
  const middle = (low + high) / 2;
  const half = (high - low) / 2;
  const away = Math.abs(dropF - middle);
  const word = away > half ? 'outside' : away > half * edge ? 'atTheEdge' : 'inside';
  if (word !== 'outside') return { word, meaning: word === 'inside' ? 'As expected.' : 'Near the limit of its range.' };
  return {
    word,
    meaning:
      dropF > high
        ? 'High: low airflow, or air drier than measured.'
        : 'Low: if airflow is within target, refrigerant side or a return leak. If airflow is high, too much air.',
  };
}

/** No drop is judged before so many minutes, nor on return air outside these, °F. @source trade practice: steady after 10 to 15 min */
const STEADY_MINUTES = 10;
const RETURN_F = { low: 68, high: 85 } as const;

/** Why a drop is not judged yet, in a sentence; undefined when it may be. */
function notYet(minutes: unknown, returnF: number): string | undefined {
  if (typeof minutes === 'number' && minutes < STEADY_MINUTES)
    return `Read ${Math.round(minutes)} min after the start. Wait until 10 to 15 min, then measure again.`;
  if (returnF < RETURN_F.low || returnF > RETURN_F.high)
    return `Return air ${degreeOf(returnF)}: ΔT cannot be judged outside ${shownText(RETURN_F.low, 'degF', 0)} to ${degreeOf(RETURN_F.high)}. Bring the space into that range, then measure again.`;
  return undefined;
}

/** Airflow by anything but the drop, and its σ, CFM. */
interface DropFlow {
  readonly flowCfm: number;
  readonly sigmaCfm: number;
}

/** What was typed of a drop, with what is taken where nobody read it. */
interface ReadDrop {
  readonly dropF: number;
  readonly returnF: number;
  readonly tons?: number;
  readonly moisture: Parameters<typeof moistAir>[1];
  readonly isMoistureRead: boolean;
  readonly wetBulbSource: 'assumed' | 'computed' | 'typed';
  readonly outdoorF: number;
  readonly isOutdoorRead: boolean;
  readonly altitudeFt: number;
}

function readDrop(inputs: RawInputs): ReadDrop {
  const read = (id: string) => (typeof inputs[id] === 'number' ? inputs[id] : undefined);
  const returnF = inputs.returnF as number;
  const outdoorF = read('outdoorF');
  const isByHumidity = inputs.moisture === 'rh';
  const [percent, wetBulbF] = [read('returnRhPercent'), read('returnWetF')];
  const isMoistureRead = (isByHumidity ? percent : wetBulbF) !== undefined;
  const { relativeHumidity } = USUAL_COOLING_AIR;
  return {
    dropF: returnF - (inputs.supplyF as number),
    returnF,
    tons: read('tons'),
    moisture: !isMoistureRead
      ? { relativeHumidity }
      : isByHumidity
        ? { relativeHumidity: percent! / 100 }
        : { wetBulbF: wetBulbF! },
    isMoistureRead,
    wetBulbSource: !isMoistureRead ? 'assumed' : isByHumidity ? 'computed' : 'typed',
    outdoorF: outdoorF ?? USUAL_COOLING_AIR.outdoorF,
    isOutdoorRead: outdoorF !== undefined,
    altitudeFt: read('altitudeFt') ?? 0,
  };
}

type BaseVerdict = Pick<Verdict, 'unit' | 'value' | 'readingIds' | 'working'>;

/** Against 16 to 22 °F, or what the shop set: used while the airflow is unknown, and labelled. */
function byRule({ dropF }: ReadDrop, rules: Rules, base: BaseVerdict): Verdict {
  const [low, high] = [rules.dropLowF, rules.dropHighF];
  const source = ruleSource(rules, 'drop');
  const { word, meaning } = said(dropF, low, high, WEAK_EDGE);
  const why = rules.dropSchool === 'ruleOfThumb' ? '' : ' Missing: airflow to predict it.';
  return {
    ...base,
    word,
    limit: { low, high, source, name: `${source === 'shopSetting' ? 'the shop’s' : 'usual'} drop, rule of thumb` },
    sentence: `${degreeWords(dropF)}, the rule of thumb is ${shownText(low, 'deltaF', 0)} to ${shownText(high, 'deltaF', 0)}. ${meaning}${why}`,
  };
}

/** Against what a sound coil would give at the airflow found. */
function byModel(read: ReadDrop, tons: number, flow: DropFlow, base: BaseVerdict): Verdict {
  const { dropF, isMoistureRead, isOutdoorRead, outdoorF, altitudeFt } = read;
  const load = { tons, entering: moistAir(read.returnF, read.moisture, altitudeFt), outdoorF, altitudeFt };
  const within = (flowCfm: number) => Math.min(650 * tons, Math.max(150 * tons, flowCfm));
  const at = (flowCfm: number) => predictCoil(load, within(flowCfm)).dropF;
  const predicted = at(flow.flowCfm);
  const byFlow = (at(flow.flowCfm - flow.sigmaCfm) - at(flow.flowCfm + flow.sigmaCfm)) / 2;
  // An airflow this unsure fits any drop: no word is better than an empty one.
  if (byFlow > MOST_BY_FLOW_F)
    return {
      ...base,
      word: 'cantSay',
      sentence: `${degreeWords(dropF)}. Airflow is too uncertain (± ${Math.round((100 * flow.sigmaCfm) / flow.flowCfm)} %) to predict the drop of a good coil. Measure airflow better first.`,
    };
  const sigma = Math.hypot(
    MODEL_SIGMA_F,
    READING_SIGMA_F,
    byFlow,
    isMoistureRead ? 0 : MOISTURE_SIGMA_F,
    isOutdoorRead ? 0 : OUTDOOR_SIGMA_F,
  );
  const [low, high] = [predicted - 2 * sigma, predicted + 2 * sigma];
  const { word, meaning } = said(dropF, low, high, EDGE);
  return {
    ...base,
    word,
    limit: { low, high, source: 'computed', name: 'predicted range' },
    working: {
      formula: `${FORMULA}; predicted by the coil model (bypass factor)`,
      inputs: [
        ...base.working.inputs,
        { name: 'return wet bulb', value: load.entering.wetBulbF, unit: 'degF', source: read.wetBulbSource },
        { name: 'outdoor dry bulb', value: outdoorF, unit: 'degF', source: isOutdoorRead ? 'typed' : 'assumed' },
        { name: 'airflow', value: flow.flowCfm, unit: 'cfm', source: 'computed' },
        { name: 'predicted drop', value: predicted, unit: 'deltaF', source: 'computed' },
      ],
    },
    sentence: `${degreeWords(dropF)}, a good coil would give ${degrees(predicted)} ± ${degrees(2 * sigma)} at this airflow. ${meaning}${assumedWords(isMoistureRead, isOutdoorRead)}`,
  };
}

/**
 * The measured temperature drop against what a sound coil would give at the airflow found (the strong school), or against
 * 16 to 22 °F (the weak one, which is also used and labelled while the airflow is unknown).
 *
 * @param inputs a sound set of the measuredDrop tool
 * Outside is beyond 2σ of model, readings and airflow together; between 1σ and 2σ it is at the edge. Airflow that came from the drop
 * itself never judges it: `flow` is then absent.
 *
 * @param why why there is no such airflow, where there is another
 * @source coil model of `predictCoil`
 */
export function judgeDrop(
  inputs: RawInputs | undefined,
  flow: DropFlow | undefined,
  rules: Rules,
  readingIds: readonly string[],
  why?: string,
): Verdict {
  if (!inputs)
    return {
      word: 'cantSay',
      unit: 'deltaF',
      sentence: 'Missing: return and supply temperatures.',
      working: { formula: FORMULA, inputs: [] },
      readingIds: [],
    };
  const read = readDrop(inputs);
  const { dropF, returnF, tons } = read;
  const base: BaseVerdict = {
    unit: 'deltaF',
    value: dropF,
    readingIds,
    working: {
      formula: FORMULA,
      inputs: [
        { name: 'return dry bulb', value: returnF, unit: 'degF', source: 'typed' },
        { name: 'supply dry bulb', value: inputs.supplyF as number, unit: 'degF', source: 'typed' },
      ],
    },
  };
  const isPredicted = rules.dropSchool === 'predicted';
  const untold = notYet(inputs.minutes, returnF) ?? (isPredicted && !flow ? why : undefined);
  if (untold) return { ...base, word: 'cantSay', sentence: `${degreeWords(dropF)}. ${untold}` };
  const perTon = flow && tons !== undefined ? flow.flowCfm / tons : undefined;
  const isInModel = isPredicted && perTon !== undefined && perTon >= 150 && perTon <= 650;
  return flow && tons !== undefined && isInModel ? byModel(read, tons, flow, base) : byRule(read, rules, base);
}

/** The rise of a heater against its nameplate. @example judgeRise(62, { min: 30, max: 60 }, ['a']).word // 'outside' */
export function judgeRise(
  riseF: number,
  plate: { readonly min: number; readonly max: number } | undefined,
  readingIds: readonly string[],
): Verdict {
  const working = {
    formula: 'rise = supply dry bulb − return dry bulb',
    inputs: [{ name: 'rise', value: riseF, unit: 'deltaF' as const, source: 'computed' as const }],
  };
  if (!plate) {
    return {
      word: 'cantSay',
      unit: 'deltaF',
      value: riseF,
      working,
      readingIds,
      sentence: `${degreeWords(riseF)}. Missing: the temperature rise range on the nameplate.`,
    };
  }
  const half = (plate.max - plate.min) / 2;
  const away = Math.abs(riseF - (plate.min + half));
  const word = away > half ? 'outside' : away > half * 0.8 ? 'atTheEdge' : 'inside';
  const meaning =
    riseF > plate.max
      ? ' Low airflow or over-fired: limits will trip.'
      : riseF < plate.min
        ? ' High airflow or under-fired: the exchanger may condense.'
        : '';
  return {
    word,
    unit: 'deltaF',
    value: riseF,
    working,
    readingIds,
    limit: { low: plate.min, high: plate.max, source: 'nameplate', name: 'nameplate rise' },
    sentence: `${degreeWords(riseF)} rise, the nameplate allows ${shownText(plate.min, 'deltaF', 0)} to ${shownText(plate.max, 'deltaF', 0)}.${meaning}`,
  };
}
