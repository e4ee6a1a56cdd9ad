import { shownText, shownWords } from '../../base/words';
import { barometricPsia } from '../../air/moistAir';
import type { Source } from '../../base/numbers/source';
import { imbalanceFinding, imbalancePercent, threeLegs } from '../../air/drive';
import type { VerdictWord } from '../../base/verdict';
import { inputFaults, soundInputs, type FieldError, type RawInputs } from '../../base/forms';
import { LADDER_FORM } from './ladderForm';
import type { RefrigerantId } from './refrigerants';
import { isOff, saturationTempF } from './saturation';
import { chartAsks, chartFault, orificeSuperheatF, TARGET_SLACK_F, USUAL, type Asked } from './targets';

export type MarkId = 'bubble' | 'liquid' | 'outdoor' | 'return' | 'suction' | 'dew';

/** A temperature on the ladder. */
interface LadderMark {
  readonly id: MarkId;
  readonly tempF: number;
  /** Out of a pressure, not a thermometer. */
  readonly fromPsig?: number;
}

export type GapId = 'superheat' | 'subcooling' | 'approach' | 'condensingOver' | 'returnMinusDew';

/** What lies between two marks, held against what is asked. */
export interface LadderGap {
  readonly id: GapId;
  readonly name: string;
  readonly valueF: number;
  readonly word: VerdictWord;
  readonly asked?: Asked;
  /** What makes it less than it seems. */
  readonly note?: string;
}

/** One circuit as it was read. */
export interface Ladder {
  readonly circuit: string;
  readonly refrigerant: RefrigerantId;
  readonly metering: 'valve' | 'orifice';
  readonly marks: ReadonlyMap<MarkId, LadderMark>;
  readonly gaps: ReadonlyMap<GapId, LadderGap>;
  /** Supply air, °F, where it was read. */
  readonly supplyF?: number;
  /** The high side was read at the discharge port. */
  readonly atDischarge: boolean;
  /** Temperature drop over the drier, °F; undefined where it was not read. */
  readonly drierDropF?: number;
  /** Weighed in less what was taken out so far, oz. */
  readonly weighedOz?: number;
  /** High over suction, both absolute. */
  readonly pressureRatio?: number;
  /** What is odd about the figures, by field. */
  readonly questions: readonly FieldError[];
  /** Sentences beside the gaps: amps, drier, distributor, charge weighed. */
  readonly notes: readonly { readonly word: VerdictWord; readonly sentence: string }[];
}

/** σ of a gap that rests on a gauge and a clamp, °F. @source judgement of instruments: superheat 2.5, subcooling 2, approach 2.5 (J) */
const GAP_SIGMA_F = 1;

function wordIn(valueF: number, { low, high }: Asked): VerdictWord {
  if (valueF >= low && valueF <= high) return 'inside';
  return valueF >= low - GAP_SIGMA_F && valueF <= high + GAP_SIGMA_F ? 'atTheEdge' : 'outside';
}

const usual = (band: { readonly low: number; readonly high: number }, words = 'usual'): Asked => ({
  ...band,
  source: 'ruleOfThumb' satisfies Source,
  words,
});
const about = (target: number, source: Source, words: string): Asked => ({
  low: target - TARGET_SLACK_F,
  high: target + TARGET_SLACK_F,
  source,
  words,
});

type Values = ReturnType<typeof soundInputs<(typeof LADDER_FORM)['fields']>>;

function superheatAsked(v: Values): Asked | undefined {
  if (v.plateSuperheatF !== undefined) return about(v.plateSuperheatF, 'nameplate', 'the nameplate');
  if (v.metering === 'valve') return usual(USUAL.valveSuperheatF, 'typical of a TXV');
  if (v.returnWetBulbF === undefined || v.outdoorF === undefined) return undefined;
  const asked = orificeSuperheatF(v.returnWetBulbF, v.outdoorF);
  return asked === undefined
    ? undefined
    : about(asked, 'ruleOfThumb', `fixed orifice at ${v.returnWetBulbF} wet bulb, ${v.outdoorF} outdoors`);
}

function subcoolingAsked(v: Values): Asked {
  const { chartOutdoorF, chartAskedF, outdoorF } = v;
  if (chartOutdoorF && chartAskedF && outdoorF !== undefined && !chartFault(chartOutdoorF, chartAskedF)) {
    const rows = chartOutdoorF.map((temp, i) => ({ outdoorF: temp, askedF: chartAskedF[i]! }));
    const asked = chartAsks(rows, outdoorF);
    if (asked !== undefined)
      return about(asked, 'nameplate', `the manufacturer’s chart at ${shownWords(outdoorF, 'degF', 0)}`);
  }
  if (v.plateSubcoolingF !== undefined) return about(v.plateSubcoolingF, 'nameplate', 'the nameplate');
  return v.metering === 'valve'
    ? usual(USUAL.subcoolingF, 'typical, no nameplate figure')
    : usual(USUAL.orificeSubcoolingF, 'typical of a fixed orifice; do not set charge by it');
}

function questionsOf(v: Values): FieldError[] {
  const list: FieldError[] = [];
  const ask = (field: string, message: string) => list.push({ field, message });
  if (v.suctionPsig !== undefined && v.highPsig !== undefined && v.suctionPsig >= v.highPsig)
    ask(
      'suctionPsig',
      `Suction ${shownText(v.suctionPsig, 'psig')} is not below the high side at ${shownWords(v.highPsig, 'psig')}. Are the hoses swapped, or is the compressor off?`,
    );
  // Sides that are nearly equal are those of a compressor at rest.
  else if (v.suctionPsig !== undefined && v.highPsig !== undefined && v.suctionPsig > 0.85 * v.highPsig)
    ask(
      'suctionPsig',
      `Suction ${shownText(v.suctionPsig, 'psig')} and high side ${shownWords(v.highPsig, 'psig')} are almost equal. Is the compressor running?`,
    );
  if (v.returnWetBulbF !== undefined && v.returnF !== undefined && v.returnWetBulbF > v.returnF)
    ask(
      'returnWetBulbF',
      `Wet bulb ${shownText(v.returnWetBulbF, 'degF')} over dry bulb ${shownWords(v.returnF, 'degF')}. Are the two swapped?`,
    );
  if (v.liquidLineF !== undefined && v.outdoorF !== undefined && v.liquidLineF < v.outdoorF - 3)
    ask(
      'liquidLineF',
      `The liquid line is colder than the air outdoors (${shownWords(v.outdoorF, 'degF', 0)}). Is the clamp on the right line? Was outdoor air measured in the sun?`,
    );
  if (v.chartOutdoorF ?? v.chartAskedF) {
    const fault = chartFault(v.chartOutdoorF ?? [], v.chartAskedF ?? []);
    if (fault) ask('chartOutdoorF', fault);
  }
  return list;
}

function notesOf(v: Values): Ladder['notes'] {
  const notes: { word: VerdictWord; sentence: string }[] = [];
  if (v.drierInF !== undefined && v.drierOutF !== undefined) {
    const drop = v.drierInF - v.drierOutF;
    const isDrop = drop > USUAL.drierDropMostF;
    notes.push({
      word: isDrop ? 'outside' : 'inside',
      sentence: isDrop
        ? `${shownWords(drop, 'deltaF')} across the drier: it is restricted. Over ${shownWords(USUAL.drierDropMostF, 'deltaF')}, replace it.`
        : `${shownWords(drop, 'deltaF')} across the drier: no restriction.`,
    });
  }
  if (v.distributorF && v.distributorF.length >= 2) {
    const spread = Math.max(...v.distributorF) - Math.min(...v.distributorF);
    const isWide = spread > USUAL.distributorSpreadMostF;
    notes.push({
      word: isWide ? 'outside' : 'inside',
      sentence: isWide
        ? `Distributor circuits ${shownWords(spread, 'deltaF', 0)} apart. Check charge, blockage and the air over that part of the coil first.`
        : `Distributor circuits ${shownWords(spread, 'deltaF', 0)} apart: good.`,
    });
  }
  const legs = threeLegs(v.legAmps);
  if (legs) {
    const percent = imbalancePercent(legs);
    const { level, sentence } = imbalanceFinding('amps', percent);
    notes.push({
      word: level === 'good' ? 'inside' : 'outside',
      sentence: `Compressor legs ${percent.toFixed(1)} % apart. ${sentence}`,
    });
  }
  const amps = v.legAmps && v.legAmps.length > 0 ? Math.max(...v.legAmps) : undefined;
  if (amps !== undefined && v.plateAmps !== undefined)
    notes.push({
      word: amps <= v.plateAmps ? 'inside' : 'outside',
      sentence: `Compressor ${amps} A of ${v.plateAmps} A rated.`,
    });
  if (v.weighedOz) {
    const total = v.weighedOz.reduce((sum, one) => sum + one, 0);
    const of =
      v.plateChargeOz === undefined
        ? ''
        : `, ${Math.round((100 * total) / v.plateChargeOz)} % of the nameplate ${v.plateChargeOz} oz`;
    notes.push({ word: 'inside', sentence: `Weighed in so far: ${total >= 0 ? '+' : '−'}${Math.abs(total)} oz${of}.` });
  }
  return notes;
}

export type LadderOutcome =
  { readonly ok: true; readonly ladder: Ladder } | { readonly ok: false; readonly errors: readonly FieldError[] };

/**
 * Reads one circuit: marks on a ladder of temperatures, the gaps between them held against plate, chart, relation or the usual.
 *
 * @param raw of `LADDER_FORM`: psig, °F; blank where nothing was read
 * @param altitudeFt of the site: gauges read over its barometer
 * @source superheat = suction line − dew; subcooling = bubble − liquid line; approach = liquid line − outdoors
 */
export function readLadder(raw: RawInputs, altitudeFt = 0): LadderOutcome {
  const errors = inputFaults(LADDER_FORM, raw);
  if (errors.length > 0) return { ok: false, errors };
  const v = soundInputs(LADDER_FORM, raw);
  const barometer = barometricPsia(altitudeFt);
  const questions = questionsOf(v);
  const marks = new Map<MarkId, LadderMark>();
  const put = (id: MarkId, tempF: number | undefined, fromPsig?: number) => {
    if (tempF !== undefined) marks.set(id, { id, tempF, fromPsig });
  };
  for (const [id, field, phase] of [
    ['dew', 'suctionPsig', 'dew'],
    ['bubble', 'highPsig', 'bubble'],
  ] as const) {
    const psig = v[field];
    if (psig === undefined) continue;
    // A pressure says nothing before its refrigerant is known: none is taken in its place.
    if (!raw.refrigerant) {
      questions.push({
        field: 'refrigerant',
        message: 'Enter the refrigerant from the nameplate. The same pressure is a different temperature for each.',
      });
      break;
    }
    const temp = saturationTempF(v.refrigerant, psig + barometer, phase);
    if (isOff(temp)) questions.push({ field, message: temp.sentence });
    else put(id, temp, psig);
  }
  put('suction', v.suctionLineF);
  put('liquid', v.liquidLineF);
  put('outdoor', v.outdoorF);
  put('return', v.returnF);

  const gaps = new Map<GapId, LadderGap>();
  const gap = (id: GapId, name: string, upper: MarkId, lower: MarkId, asked: Asked | undefined, note?: string) => {
    const [a, b] = [marks.get(upper), marks.get(lower)];
    if (!a || !b) return;
    const valueF = a.tempF - b.tempF;
    gaps.set(id, { id, name, valueF, word: asked ? wordIn(valueF, asked) : 'cantSay', asked, note });
  };
  const atDischarge =
    v.highPort === 'discharge'
      ? 'Read at the discharge port, this looks too large: it includes the condenser’s pressure drop. Use the liquid port.'
      : undefined;
  gap('superheat', 'superheat', 'suction', 'dew', superheatAsked(v));
  gap('subcooling', 'subcooling', 'bubble', 'liquid', subcoolingAsked(v), atDischarge);
  gap(
    'approach',
    'approach',
    'liquid',
    'outdoor',
    usual({ low: -1, high: USUAL.approachMostF }, `under ${USUAL.approachMostF}`),
  );
  gap('condensingOver', 'condensing over ambient', 'bubble', 'outdoor', usual(USUAL.condensingOverF), atDischarge);
  gap('returnMinusDew', 'coil TD', 'return', 'dew', usual(USUAL.returnMinusDewF));
  for (const [id, field, what] of [
    ['superheat', 'suctionLineF', 'The suction line is colder than evaporating'],
    ['subcooling', 'liquidLineF', 'The liquid line is hotter than condensing'],
  ] as const) {
    const valueF = gaps.get(id)?.valueF;
    if (valueF !== undefined && valueF < -2)
      questions.push({
        field,
        message: `${what} by ${shownWords(Math.abs(valueF), 'deltaF', 0)}. Check refrigerant, line, and that gauges read zero in open air.`,
      });
  }
  return {
    ok: true,
    ladder: {
      circuit: v.circuit,
      refrigerant: v.refrigerant,
      metering: v.metering,
      ...(v.supplyF === undefined ? {} : { supplyF: v.supplyF }),
      atDischarge: v.highPort === 'discharge',
      ...(v.drierInF !== undefined && v.drierOutF !== undefined ? { drierDropF: v.drierInF - v.drierOutF } : {}),
      ...(v.weighedOz ? { weighedOz: v.weighedOz.reduce((sum, one) => sum + one, 0) } : {}),
      marks,
      gaps,
      pressureRatio:
        v.suctionPsig !== undefined &&
        v.highPsig !== undefined &&
        v.highPsig > v.suctionPsig &&
        v.suctionPsig + barometer > 1
          ? (v.highPsig + barometer) / (v.suctionPsig + barometer)
          : undefined,
      questions,
      notes: notesOf(v),
    },
  };
}
