import { flowAt, speedSigma } from '../fan';
import { measuredPath, tespWord, wordOnTarget, wordUnder, type VerdictWord } from '../judge';
import { applyMoves } from '../moves';
import { predict } from '../model';
import { dropAt } from '../path';
import type { Conditions, PressureReading } from '../readings';
import { STAGE_WORDS, type PortId, type StageKind, type Stretch, type System } from '../system';
import type { VisitAssessment } from '../visit';
import { percentText, staticText } from '../words';
import { promiseOf, type PlanRecord } from './planRecord';
import {
  flowChange,
  promisedSigma,
  TOO_FAR_SIGMAS,
  touchedStretches,
  type FlowChange,
  type TouchedStretch,
} from './untouched';

/** One quantity before, as promised, and after. */
export interface ProofLine {
  readonly id: 'flow' | 'tesp' | 'drop' | 'rise' | 'watts' | 'amps';
  readonly name: string;
  readonly unit: 'cfm' | 'inWc' | 'deltaF' | 'watts' | 'amps';
  readonly before?: number;
  readonly promised?: number;
  readonly after?: number;
  /** After less promised, as a share of promised; undefined until it is read again. */
  readonly error?: number;
  readonly word: VerdictWord;
}

/** A reading taken again under other conditions than before. */
export interface ConditionChange {
  readonly port: string;
  readonly sentence: string;
}

/** What the untouched stretch says of the promise. */
export interface Claim {
  /** The change of airflow as promised, and as the untouched stretches have it. */
  readonly promisedRatio: number;
  readonly change: FlowChange;
  /** What the plan changed, as promised and as read again. */
  readonly touched: readonly TouchedStretch[];
  /**
   * `asPromised`; `notChanged`: the air is what it was, though a change was promised; `otherwise`: it changed, but not as promised.
   */
  readonly found: 'asPromised' | 'notChanged' | 'otherwise';
  readonly sentence: string;
}

export interface Proof {
  readonly lines: readonly ProofLine[];
  /** Absent while no untouched stretch was read before and after. */
  readonly claim?: Claim;
  /** Airflow after with its σ, CFM, what it rests on, and the error it shares with before. */
  readonly flow?: { readonly flowCfm: number; readonly sigmaCfm: number; readonly says: string };
  readonly changes: readonly ConditionChange[];
  /** Ports of before that were not read again yet. */
  readonly lacking: readonly PortId[];
  /** The unit as it was proven: its path measured anew. */
  readonly proven?: { readonly system: System; readonly flowCfm: number; readonly tespInWc: number };
  /** Why what was read cannot be proof, one sentence each; empty when it can. */
  readonly contradictions: readonly string[];
  /** How near the plan was, in words; undefined until airflow and static are read again. */
  readonly sentence?: string;
}

const CONDITION_WORDS: readonly [keyof Conditions, string][] = [
  ['door', 'door'],
  ['filter', 'filter'],
  ['coil', 'coil'],
  ['mode', 'mode'],
  ['tap', 'tap'],
];

const MINUTES_APART = 10;

/** In which conditions two readings of one port differ, in words. The tap is the plan's to change. */
function conditionChange(before: PressureReading, after: PressureReading, tapChanged: boolean): string | undefined {
  const differing = CONDITION_WORDS.flatMap(([key, name]) => {
    const [a, b] = [before.conditions[key], after.conditions[key]];
    if (a === undefined || b === undefined || a === null || b === null || a === b) return [];
    return key === 'tap' && tapChanged ? [] : [`${name} ${a} then, ${b} now`];
  });
  const [m, n] = [before.conditions.minutesRunning, after.conditions.minutesRunning];
  if (typeof m === 'number' && typeof n === 'number' && Math.abs(m - n) > MINUTES_APART)
    differing.push(`${m} minutes running then, ${n} now`);
  return differing.length === 0 ? undefined : differing.join('; ');
}

const line = (
  base: Pick<ProofLine, 'id' | 'name' | 'unit' | 'before' | 'promised' | 'after'>,
  word: VerdictWord,
): ProofLine => ({
  ...base,
  word,
  error:
    base.after !== undefined && base.promised !== undefined && base.promised !== 0
      ? base.after / base.promised - 1
      : undefined,
});

const measuredDrop = (assessment: VisitAssessment) => assessment.drop.value;

/** (J) A method repeated at the same place with the same instrument: of its own error so much is not common to both. */
const REPEAT_SHARE = 0.4;

interface Change {
  readonly ratio: number;
  readonly sigma: number;
  readonly by: string;
}

/** The change of airflow by everything that was done alike before and after. */
function changesOf(
  before: VisitAssessment,
  after: VisitAssessment,
  untouched: FlowChange | undefined,
  changedSystem: System,
): Change[] {
  const changes: Change[] = untouched ? [{ ...untouched, by: 'the stretch nobody touched' }] : [];
  for (const was of before.estimates) {
    const is = after.estimates.find((e) => e.id === was.id);
    if (!is || was.basis !== 'measured' || was.setAside !== undefined || is.setAside !== undefined) continue;
    changes.push({
      ratio: is.flowCfm / was.flowCfm,
      sigma: (is.flowCfm / was.flowCfm) * REPEAT_SHARE * Math.hypot(was.sigmaShare, is.sigmaShare),
      by: was.name.toLowerCase(),
    });
  }
  const flow = before.flow?.flowCfm;
  const { tespInWc } = after.judgement;
  const byFan = tespInWc === undefined ? undefined : flowAt(changedSystem.fan, tespInWc);
  // The fan's own curve vouches for the change only where nothing that saw the air does.
  if (changes.length === 0 && flow !== undefined && byFan !== undefined)
    changes.push({
      ratio: byFan / flow,
      sigma: 0.03,
      by: changedSystem.fan.usual ? 'a usual curve' : 'the maker’s table',
    });
  return changes;
}

/** Airflow after: before's with its error, times the change. Its error is common to both. */
function flowAfter(before: VisitAssessment, after: VisitAssessment, changes: readonly Change[]): Proof['flow'] {
  const was = before.flow;
  if (!was || changes.length === 0) return undefined;
  const weights = changes.reduce((sum, one) => sum + 1 / one.sigma ** 2, 0);
  const ratio = changes.reduce((sum, one) => sum + one.ratio / one.sigma ** 2, 0) / weights;
  const own = Math.sqrt(1 / weights) / ratio;
  const common = was.sigmaCfm / was.flowCfm;
  const fresh = after.estimates.filter(
    (e) => e.basis === 'measured' && e.setAside === undefined && !before.estimates.some((old) => old.id === e.id),
  );
  let flowCfm = was.flowCfm * ratio;
  let sigmaCfm = flowCfm * Math.hypot(common, own);
  // A method that was taken only after speaks for itself.
  for (const e of fresh) {
    const [a, b] = [1 / sigmaCfm ** 2, 1 / (e.flowCfm * e.sigmaShare) ** 2];
    flowCfm = (flowCfm * a + e.flowCfm * b) / (a + b);
    sigmaCfm = Math.sqrt(1 / (a + b));
  }
  return {
    flowCfm,
    sigmaCfm,
    says: `The change is by ${changes.map((one) => one.by).join(' and ')}, to ± ${(100 * own).toFixed(1)} %; before and after share the ± ${percentText(common)} of the airflow before${fresh.length > 0 ? `, with ${fresh.map((e) => e.name.toLowerCase()).join(', ')} taken after` : ''}.`,
  };
}

const percent = (ratio: number) => `${ratio >= 1 ? '+' : '−'}${Math.abs(100 * (ratio - 1)).toFixed(1)} %`;
const stageWords = (stages: readonly StageKind[]) => stages.map((kind) => STAGE_WORDS[kind]).join(' and ');
const readWords = ({ beforeInWc, afterInWc }: { beforeInWc: number; afterInWc: number }) =>
  `${staticText(beforeInWc)} then, ${staticText(afterInWc)} now`;

function claimOf(
  promisedRatio: number,
  change: FlowChange,
  touched: readonly TouchedStretch[],
  speedSigmaShare: number,
): Claim {
  const claim = (found: Claim['found'], sentence: string): Claim => ({
    promisedRatio,
    change,
    touched,
    found,
    sentence,
  });
  if (change.apart) {
    const [a, b] = change.apart;
    return claim(
      'otherwise',
      `The ${stageWords(a.stages)} says ${percent(a.ratio)} air, the ${stageWords(b.stages)} ${percent(b.ratio)}: one of them was changed too, a damper, a register, a door. Find it, then read again.`,
    );
  }
  const seen = `The stretch nobody touched says ${percent(change.ratio)} ± ${(100 * change.sigma).toFixed(1)} (${readWords(change.stretches[0]!)}), the plan promised ${percent(promisedRatio)}.`;
  const same = touched.find(({ found }) => found === 'notChanged');
  if (same)
    return claim(
      'notChanged',
      `The ${stageWords(same.stages)} takes what it took before (${readWords(same)}); ${staticText(same.promisedInWc)} was promised. Was it done?`,
    );
  const own = Math.hypot(change.sigma, promisedSigma(promisedRatio, speedSigmaShare));
  const off = Math.abs(change.ratio - promisedRatio);
  const still = Math.abs(change.ratio - 1);
  // Nearer to nothing than to the promise, and the promise large enough to be told from nothing by this stretch.
  if (
    still <= TOO_FAR_SIGMAS * change.sigma &&
    still < off &&
    Math.abs(promisedRatio - 1) > TOO_FAR_SIGMAS * change.sigma
  )
    return claim('notChanged', `${seen} The air is what it was: was it done, or does something else hold it?`);
  if (off > TOO_FAR_SIGMAS * own)
    return claim('otherwise', `${seen} Fan or path did not change as planned, whatever the table says.`);
  const other = touched.find(({ found }) => found === 'otherwise');
  if (other)
    return claim(
      'asPromised',
      `${seen} The ${stageWords(other.stages)} takes ${staticText(other.afterInWc)}, ${staticText(other.promisedInWc)} was promised.`,
    );
  return claim('asPromised', seen);
}

/** What keeps readings from being proof: another speed than the plan's, or conditions that differ. */
function contradictionsOf(changedSystem: System, before: VisitAssessment, after: VisitAssessment): string[] {
  const found: string[] = [];
  const planned = changedSystem.fan.tap;
  const other = [...after.counted.values()].find(
    ({ conditions: { tap } }) => tap && tap !== planned && after.counted.size > 0,
  );
  if (other?.conditions.tap && !changedSystem.fan.usual && changedSystem.fan.motor !== 'beltDrive')
    found.push(
      `Read again on tap ${other.conditions.tap}, the plan is for ${planned}: that is no proof of it. Set the speed, or decide anew.`,
    );
  const refused = after.standing.filter(({ notCounted }) => notCounted === 'doorOff' || notCounted === 'filterOut');
  if (after.judgement.tespInWc === undefined && before.judgement.tespInWc !== undefined && refused.length > 0)
    found.push(
      'What was read again was read with the door off or the filter out: it proves nothing. Read it as before.',
    );
  return found;
}

/**
 * What was promised against what was read again, and the unit's model put right by it.
 *
 * Like is compared with like: the change of airflow is by the stretches nobody touched and by methods repeated, the airflow after is
 * that before times the change, so that the error of the airflow before is common to both and named. Where the untouched stretch and
 * the promise differ by more than 2σ the fan or the path did not change as planned, and nothing is proven.
 *
 * @param plan as it was decided
 * @param before the visit up to the plan
 * @param after what was read since
 */
export function proofOf(plan: PlanRecord, before: VisitAssessment, after: VisitAssessment): Proof {
  const { goal } = plan.from;
  const measured = plan.from.system;
  const applied = applyMoves(measured, plan.moves);
  const changedSystem = applied.ok ? applied.system : measured;
  const now = promiseOf(predict(measured, goal));
  const tesp = after.judgement.tespInWc;
  const untouched = flowChange(measured, plan.moves, before, after);
  const found = flowAfter(before, after, changesOf(before, after, untouched, changedSystem));
  const contradictions = contradictionsOf(changedSystem, before, after);
  const flow = tesp === undefined || contradictions.length > 0 ? undefined : found?.flowCfm;
  const claim =
    untouched && now && now.flowCfm > 0 && tesp !== undefined
      ? claimOf(
          plan.promise.flowCfm / now.flowCfm,
          untouched,
          touchedStretches(measured, plan.moves, before, after, untouched.ratio),
          speedSigma(measured.fan, changedSystem.fan.tap),
        )
      : undefined;
  const band = (value: number | undefined): VerdictWord =>
    value === undefined ? 'cantSay' : wordOnTarget(value, goal.target, goal.rules.edgeShare);
  const under = (value: number | undefined): VerdictWord =>
    value === undefined ? 'cantSay' : tespWord(value, goal.maxTesp.value, goal.rules);
  const { promise } = plan;
  const lines: ProofLine[] = [
    line(
      { id: 'flow', name: 'Airflow', unit: 'cfm', before: now?.flowCfm, promised: promise.flowCfm, after: flow },
      band(flow),
    ),
    line(
      {
        id: 'tesp',
        name: 'External static',
        unit: 'inWc',
        before: now?.tespInWc,
        promised: promise.tespInWc,
        after: tesp,
      },
      under(tesp),
    ),
  ];
  const dropBefore = measuredDrop(before);
  if (dropBefore !== undefined || measuredDrop(after) !== undefined)
    lines.push(
      line(
        {
          id: 'drop',
          name: 'Temperature drop',
          unit: 'deltaF',
          before: dropBefore,
          promised: promise.dropF,
          after: measuredDrop(after),
        },
        after.drop.word,
      ),
    );
  if (before.rise?.value !== undefined || after.rise?.value !== undefined)
    lines.push(
      line(
        {
          id: 'rise',
          name: 'Heating rise',
          unit: 'deltaF',
          before: before.rise?.value,
          promised: promise.riseF,
          after: after.rise?.value,
        },
        after.rise?.word ?? 'cantSay',
      ),
    );
  const [ampsBefore, ampsAfter] = [before.motor?.amps, after.motor?.amps];
  if (ampsBefore !== undefined || ampsAfter !== undefined) {
    const plate = measured.motor?.plateAmps;
    const most = plate === undefined ? undefined : plate * (measured.motor?.serviceFactor ?? 1);
    lines.push(
      line(
        { id: 'amps', name: 'Motor amps', unit: 'amps', before: ampsBefore, promised: promise.amps, after: ampsAfter },
        ampsAfter === undefined || most === undefined ? 'cantSay' : wordUnder(ampsAfter, most, 0.9),
      ),
    );
  }
  const watts = after.motor?.watts;
  if (promise.watts !== undefined)
    lines.push(
      line(
        { id: 'watts', name: 'Power', unit: 'watts', before: now?.watts, promised: promise.watts, after: watts },
        'cantSay',
      ),
    );
  const tapChanged = changedSystem.fan.tap !== measured.fan.tap;
  const changes = [...after.counted].flatMap(([port, reading]): ConditionChange[] => {
    const old = before.counted.get(port);
    const sentence = old && conditionChange(old, reading, tapChanged);
    return sentence ? [{ port, sentence: `${port}: ${sentence}. Not the same conditions: read it again alike.` }] : [];
  });
  return {
    lines,
    changes,
    lacking: [...before.counted.keys()].filter((port) => !after.counted.has(port)),
    claim,
    flow: flow === undefined ? undefined : found,
    contradictions,
    proven:
      flow === undefined || tesp === undefined || (claim !== undefined && claim.found !== 'asPromised')
        ? undefined
        : {
            flowCfm: flow,
            tespInWc: tesp,
            system: {
              ...changedSystem,
              fan: fanThrough(changedSystem, tesp, flow),
              path: provenPath(after, tesp, flow, changedSystem.path),
            },
          },
    sentence:
      contradictions[0] ??
      (flow === undefined || tesp === undefined
        ? undefined
        : claim && claim.found !== 'asPromised'
          ? claim.sentence
          : proofSentence(lines)),
  };
}

/** The plan's fan, set to what was read after the work. */
function fanThrough({ fan, inside }: System, tesp: number, flow: number): System['fan'] {
  const onCurve = flowAt(fan, tesp + (inside ? dropAt(inside.resistance, flow) : 0));
  if (onCurve === undefined || Math.abs(flow / onCurve - 1) < 1e-6) return fan;
  return { ...fan, lags: [...(fan.lags ?? []), { cause: 'measured', acts: 'flow', factor: flow / onCurve }] };
}

/** The path measured after the work; the parts of a stretch read together keep the shares of the plan. */
function provenPath(after: VisitAssessment, tesp: number, flow: number, planned: readonly Stretch[]): Stretch[] {
  const path = measuredPath(after.judgement.stretches, tesp, flow);
  return path.length > 0 ? path : [...planned];
}

function proofSentence(lines: readonly ProofLine[]): string {
  const flow = lines.find((l) => l.id === 'flow')!;
  const tesp = lines.find((l) => l.id === 'tesp')!;
  const percent = Math.abs((flow.error ?? 0) * 100);
  const side = (flow.error ?? 0) < 0 ? 'less' : 'more';
  const near =
    percent < 1 ? 'The airflow came out as predicted' : `The air moves ${percent.toFixed(0)} % ${side} than predicted`;
  const off = (tesp.after ?? 0) - (tesp.promised ?? 0);
  const statics =
    Math.abs(off) < 0.005
      ? 'the static too'
      : `the static is ${Math.abs(off).toFixed(2)} ${off < 0 ? 'lower' : 'higher'}`;
  const verdict =
    flow.word === 'inside' || flow.word === 'atTheEdge' ? 'It is in the band.' : 'It is not in the band yet.';
  return `${near}, ${statics}. ${verdict}`;
}
