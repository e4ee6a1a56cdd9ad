import { flowAt, speedSigma } from '../fan';
import { measuredPath, tespWord, wordUnder, type Target, type VerdictWord } from '../judge';
import { applyMoves } from '../moves';
import { airflowWord, predict } from '../model';
import { innerDropInWc } from '../operate';
import type { PortId, Stretch, System } from '../system';
import type { VisitAssessment } from '../visit';
import { claimOf, type Claim } from './claim';
import { conditionChanges, contradictionsOf, type ConditionChange } from './conditions';
import { changesOf, flowAfter, type FlowAfter } from './flowAfter';
import { promiseOf, type PlanRecord } from './planRecord';
import { flowChange, touchedStretches } from './untouched';

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

export interface Proof {
  readonly lines: readonly ProofLine[];
  /** Absent while no untouched stretch was read before and after. */
  readonly claim?: Claim;
  readonly flow?: FlowAfter;
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
  // By the same error as what was predicted: the error of the airflow before is common to both.
  const band: VerdictWord = flow === undefined ? 'cantSay' : airflowWord(flow, goal);
  const under = (value: number | undefined): VerdictWord =>
    value === undefined ? 'cantSay' : tespWord(value, goal.maxTesp.value, goal.rules);
  const { promise } = plan;
  const lines: ProofLine[] = [
    line(
      { id: 'flow', name: 'Airflow', unit: 'cfm', before: now?.flowCfm, promised: promise.flowCfm, after: flow },
      band,
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
  return {
    lines,
    changes: conditionChanges(before, after, tapChanged),
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
          : proofSentence(lines, goal.target)),
  };
}

/** The plan's fan, set to what was read after the work. */
function fanThrough({ fan, inside }: System, tesp: number, flow: number): System['fan'] {
  const onCurve = flowAt(fan, tesp + innerDropInWc({ inside }, flow));
  if (onCurve === undefined || Math.abs(flow / onCurve - 1) < 1e-6) return fan;
  return { ...fan, lags: [...(fan.lags ?? []), { cause: 'measured', acts: 'flow', factor: flow / onCurve }] };
}

/** The path measured after the work; the parts of a stretch read together keep the shares of the plan. */
function provenPath(after: VisitAssessment, tesp: number, flow: number, planned: readonly Stretch[]): Stretch[] {
  const path = measuredPath(after.judgement.stretches, tesp, flow);
  return path.length > 0 ? path : [...planned];
}

/** Where the airflow came out, no surer than its error allows. */
function landed({ word, after = 0 }: ProofLine, { lowCfm, highCfm }: Target): string {
  if (word === 'inside') return 'It is in the band.';
  if (word === 'cantSay')
    return 'Measure airflow a second way: this one is too unsure to tell whether it is in the band.';
  if (word === 'outside') return 'It is not in the band yet.';
  return after >= lowCfm && after <= highCfm
    ? 'It is in the band, near its end.'
    : 'It misses the band by less than its error.';
}

function proofSentence(lines: readonly ProofLine[], target: Target): string {
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
  return `${near}, ${statics}. ${landed(flow, target)}`;
}
