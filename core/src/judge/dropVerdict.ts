import { shownWords, shownText } from '../words';
import { moistAir } from '../air';
import { predictCoil } from '../coil';
import { USUAL_COOLING_AIR } from '../tools/coolingFields';
import type { RawInputs } from '../tools/tool';
import { ruleSource, type Rules } from './rules';
import type { Verdict } from './verdict';

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
  if (word !== 'outside')
    return { word, meaning: word === 'inside' ? 'As it should be.' : 'Near the end of its band.' };
  return {
    word,
    meaning:
      dropF > high
        ? 'Too much: the air is too slow, or much drier than it was read.'
        : 'Too little: refrigerant side or a return leak when the airflow is in its band; too fast when it is above.',
  };
}

/** No drop is judged before so many minutes, nor on return air outside these, °F. @source trade practice: steady after 10 to 15 min */
const STEADY_MINUTES = 10;
const RETURN_F = { low: 68, high: 85 } as const;

/** Why a drop is not judged yet, in a sentence; undefined when it may be. */
function notYet(minutes: unknown, returnF: number): string | undefined {
  if (typeof minutes === 'number' && minutes < STEADY_MINUTES)
    return `Read ${Math.round(minutes)} min after the start. Wait until 10 to 15 min, then read again.`;
  if (returnF < RETURN_F.low || returnF > RETURN_F.high)
    return `Return air ${degreeOf(returnF)}: no drop is judged outside ${shownText(RETURN_F.low, 'degF', 0)} to ${degreeOf(RETURN_F.high)}. Bring the space into that range, then read again.`;
  return undefined;
}

/**
 * The measured temperature drop against what a sound coil would give at the airflow found (the strong school), or against
 * 16 to 22 °F (the weak one, which is also used and labelled while the airflow is unknown).
 *
 * @param inputs a sound set of the measuredDrop tool
 * Outside is beyond 2σ of model, readings and airflow together; between 1σ and 2σ it is at the edge. Airflow that came from the drop
 * itself never judges it: `flow` is then absent.
 *
 * @param flow airflow by anything but the drop, and its σ, CFM
 * @param why why there is no such airflow, where there is another
 * @source coil model of `predictCoil`
 */
export function judgeDrop(
  inputs: RawInputs | undefined,
  flow: { readonly flowCfm: number; readonly sigmaCfm: number } | undefined,
  rules: Rules,
  readingIds: readonly string[],
  why?: string,
): Verdict {
  const cantSay = (sentence: string): Verdict => ({
    word: 'cantSay',
    unit: 'deltaF',
    sentence,
    working: { formula: FORMULA, inputs: [] },
    readingIds: [],
  });
  if (!inputs) return cantSay('Lacks the temperatures of return and supply air.');
  const n = (id: string) => inputs[id] as number;
  const read = (id: string) => (typeof inputs[id] === 'number' ? inputs[id] : undefined);
  const [returnF, supplyF] = [n('returnF'), n('supplyF')];
  const tons = read('tons');
  const outdoorF = read('outdoorF') ?? USUAL_COOLING_AIR.outdoorF;
  const percent = read('returnRhPercent');
  const wetBulbF = read('returnWetF');
  const isMoistureRead = (inputs.moisture === 'rh' ? percent : wetBulbF) !== undefined;
  const isOutdoorRead = read('outdoorF') !== undefined;
  const altitudeFt = typeof inputs.altitudeFt === 'number' ? inputs.altitudeFt : 0;
  const dropF = returnF - supplyF;
  const moisture = !isMoistureRead
    ? { relativeHumidity: USUAL_COOLING_AIR.relativeHumidity }
    : inputs.moisture === 'rh'
      ? { relativeHumidity: percent! / 100 }
      : { wetBulbF: wetBulbF! };
  const base = {
    unit: 'deltaF' as const,
    value: dropF,
    readingIds,
    working: {
      formula: FORMULA,
      inputs: [
        { name: 'return dry bulb', value: returnF, unit: 'degF' as const, source: 'typed' as const },
        { name: 'supply dry bulb', value: supplyF, unit: 'degF' as const, source: 'typed' as const },
      ],
    },
  };
  const early = notYet(inputs.minutes, returnF);
  if (early) return { ...base, word: 'cantSay', sentence: `${degreeWords(dropF)}. ${early}` };
  const perTon = flow && tons !== undefined ? flow.flowCfm / tons : undefined;
  if (why && !flow && rules.dropSchool === 'predicted')
    return { ...base, word: 'cantSay', sentence: `${degreeWords(dropF)}. ${why}` };
  const model = rules.dropSchool === 'predicted' && perTon !== undefined && perTon >= 150 && perTon <= 650;
  if (!model || tons === undefined) {
    const [low, high] = [rules.dropLowF, rules.dropHighF];
    const source = ruleSource(rules, 'drop');
    const { word, meaning } = said(dropF, low, high, WEAK_EDGE);
    const why = rules.dropSchool === 'ruleOfThumb' ? '' : ' The airflow that would predict it is not known.';
    return {
      ...base,
      word,
      limit: { low, high, source, name: `${source === 'shopSetting' ? 'the shop’s' : 'usual'} drop, weak rule` },
      sentence: `${degreeWords(dropF)}, the weak rule wants ${shownText(low, 'deltaF', 0)} to ${shownText(high, 'deltaF', 0)}. ${meaning}${why}`,
    };
  }
  const load = { tons, entering: moistAir(returnF, moisture, altitudeFt), outdoorF, altitudeFt };
  const within = (flowCfm: number) => Math.min(650 * tons, Math.max(150 * tons, flowCfm));
  const at = (flowCfm: number) => predictCoil(load, within(flowCfm)).dropF;
  const predicted = at(flow!.flowCfm);
  const byFlow = (at(flow!.flowCfm - flow!.sigmaCfm) - at(flow!.flowCfm + flow!.sigmaCfm)) / 2;
  const sigma = Math.hypot(
    MODEL_SIGMA_F,
    READING_SIGMA_F,
    byFlow,
    isMoistureRead ? 0 : MOISTURE_SIGMA_F,
    isOutdoorRead ? 0 : OUTDOOR_SIGMA_F,
  );
  // An airflow this unsure fits any drop: no word is better than an empty one.
  if (byFlow > MOST_BY_FLOW_F)
    return {
      ...base,
      word: 'cantSay',
      sentence: `${degreeWords(dropF)}. The airflow is too unsure (± ${Math.round((100 * flow!.sigmaCfm) / flow!.flowCfm)} %) to say what a sound coil would give: settle the air first.`,
    };
  const [low, high] = [predicted - 2 * sigma, predicted + 2 * sigma];
  const { word, meaning } = said(dropF, low, high, EDGE);
  return {
    ...base,
    word,
    limit: { low, high, source: 'computed', name: 'predicted band' },
    working: {
      formula: `${FORMULA}; predicted by the coil model (bypass factor)`,
      inputs: [
        ...base.working.inputs,
        {
          name: 'return wet bulb',
          value: load.entering.wetBulbF,
          unit: 'degF',
          source: !isMoistureRead ? 'assumed' : inputs.moisture === 'rh' ? 'computed' : 'typed',
        },
        { name: 'outdoor dry bulb', value: outdoorF, unit: 'degF', source: isOutdoorRead ? 'typed' : 'assumed' },
        { name: 'airflow', value: flow!.flowCfm, unit: 'cfm', source: 'computed' },
        { name: 'predicted drop', value: predicted, unit: 'deltaF', source: 'computed' },
      ],
    },
    sentence: `${degreeWords(dropF)}, a sound coil would give ${degrees(predicted)} ± ${degrees(2 * sigma)} at this airflow. ${meaning}${assumedWords(isMoistureRead, isOutdoorRead)}`,
  };
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
      sentence: `${degreeWords(riseF)}. Lacks the rise range of the nameplate.`,
    };
  }
  const half = (plate.max - plate.min) / 2;
  const away = Math.abs(riseF - (plate.min + half));
  const word = away > half ? 'outside' : away > half * 0.8 ? 'atTheEdge' : 'inside';
  const meaning =
    riseF > plate.max
      ? ' Low air or over-fired: limits will trip.'
      : riseF < plate.min
        ? ' Too much air or under-fired: the exchanger may condense.'
        : '';
  return {
    word,
    unit: 'deltaF',
    value: riseF,
    working,
    readingIds,
    limit: { low: plate.min, high: plate.max, source: 'nameplate', name: 'nameplate rise' },
    sentence: `${degreeWords(riseF)} rise, the plate allows ${shownText(plate.min, 'deltaF', 0)} to ${shownText(plate.max, 'deltaF', 0)}.${meaning}`,
  };
}
