import { flowAt, speedSigma } from '../../air/fan';
import type { FlowSince } from '../../air/flow';
import { measuredPath, type Target } from '../../judge/verdicts';
import type { VerdictWord } from '../../base/verdict';
import { applyMoves } from '../../fix/moves';
import { airflowWord, predict } from '../../fix/model';
import { innerDropInWc } from '../../air/operate';
import type { PortId, Section, System } from '../../air/system';
import type { VisitAssessment } from '../assess';
import { claimOf, type Claim } from './claim';
import { conditionChanges, contradictionsOf, type ConditionChange } from './conditions';
import { changesOf, flowAfter } from './flowAfter';
import { promiseOf, type PlanRecord } from './planRecord';
import { proofLines, type ProofLine } from './proofLines';
import { flowChange, touchedSections } from './untouched';

export interface Proof {
  readonly lines: readonly ProofLine[];
  /** Absent while no untouched section was read before and after. */
  readonly claim?: Claim;
  readonly flow?: FlowSince;
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

/**
 * What was promised against what was read again, and the unit's model put right by it.
 *
 * Like is compared with like: the change of airflow is by the sections nobody touched and by methods repeated, the airflow after is
 * that before times the change, so that the error of the airflow before is common to both and named. Where the untouched section and
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
          touchedSections(measured, plan.moves, before, after, untouched.ratio),
          speedSigma(measured.fan, changedSystem.fan.tap),
        )
      : undefined;
  // One airflow, one word: that of the visit. Before it is judged so, by the same error as what was predicted.
  const judged = after.flow?.says === undefined ? undefined : after.airflow.word;
  const band: VerdictWord = flow === undefined ? 'cantSay' : (judged ?? airflowWord(flow, goal));
  const lines = proofLines({ plan, now, before, after, flowCfm: flow, band });
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

/** The path measured after the work; the parts of a section read together keep the shares of the plan. */
function provenPath(after: VisitAssessment, tesp: number, flow: number, planned: readonly Section[]): Section[] {
  const path = measuredPath(after.judgement.sections, tesp, flow);
  return path.length > 0 ? path : [...planned];
}

/** Where the airflow came out, no surer than its error allows. */
function landed({ word, after = 0 }: ProofLine, { lowCfm, highCfm }: Target): string {
  if (word === 'inside') return 'It is within target.';
  if (word === 'cantSay')
    return 'Measure airflow a second way. This one is too uncertain to tell whether it is within target.';
  if (word === 'outside') return 'It is not within target yet.';
  return after >= lowCfm && after <= highCfm
    ? 'It is within target, near its limit.'
    : 'It misses the target by less than measurement error.';
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
