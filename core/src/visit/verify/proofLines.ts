import { wordUnder, type VerdictWord } from '../../base/verdict';
import { tespWord } from '../../judge/verdicts';
import type { VisitAssessment } from '../assess';
import type { PlanPromise, PlanRecord } from './planRecord';

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

interface ProofReadings {
  readonly plan: PlanRecord;
  /** What the unit as it was measured is computed to do. */
  readonly now?: PlanPromise;
  readonly before: VisitAssessment;
  readonly after: VisitAssessment;
  /** Airflow proven, CFM, and its word. */
  readonly flowCfm?: number;
  readonly band: VerdictWord;
}

type Figures = Pick<ProofLine, 'before' | 'promised' | 'after'>;

const line = (
  { id, name, unit }: Pick<ProofLine, 'id' | 'name' | 'unit'>,
  { before, promised, after }: Figures,
  word: VerdictWord,
): ProofLine => ({
  id,
  name,
  unit,
  before,
  promised,
  after,
  word,
  error: after !== undefined && promised !== undefined && promised !== 0 ? after / promised - 1 : undefined,
});

/** The motor's amps against what its nameplate allows with its service factor. */
function ampsWord({ from }: PlanRecord, amps: number | undefined): VerdictWord {
  const { motor } = from.system;
  if (amps === undefined || motor?.plateAmps === undefined) return 'cantSay';
  return wordUnder(amps, motor.plateAmps * (motor.serviceFactor ?? 1), 0.9);
}

/** What was promised against what was read again, a line a quantity: airflow and static always, the others where one of them was read. */
export function proofLines({ plan, now, before, after, flowCfm, band }: ProofReadings): ProofLine[] {
  const { promise } = plan;
  const { goal } = plan.from;
  const tesp = after.judgement.tespInWc;
  const drop = { before: before.drop.value, promised: promise.dropF, after: after.drop.value };
  const rise = { before: before.rise?.value, promised: promise.riseF, after: after.rise?.value };
  const amps = { before: before.motor?.amps, promised: promise.amps, after: after.motor?.amps };
  const watts = { before: now?.watts, promised: promise.watts, after: after.motor?.watts };
  const isRead = ({ before: was, after: is }: Figures) => was !== undefined || is !== undefined;
  return [
    line(
      { id: 'flow', name: 'Airflow', unit: 'cfm' },
      { before: now?.flowCfm, promised: promise.flowCfm, after: flowCfm },
      band,
    ),
    line(
      { id: 'tesp', name: 'Total external static', unit: 'inWc' },
      { before: now?.tespInWc, promised: promise.tespInWc, after: tesp },
      tesp === undefined ? 'cantSay' : tespWord(tesp, goal.maxTesp.value, goal.rules),
    ),
    ...(isRead(drop) ? [line({ id: 'drop', name: 'Temperature drop', unit: 'deltaF' }, drop, after.drop.word)] : []),
    ...(isRead(rise)
      ? [line({ id: 'rise', name: 'Heating rise', unit: 'deltaF' }, rise, after.rise?.word ?? 'cantSay')]
      : []),
    ...(isRead(amps) ? [line({ id: 'amps', name: 'Motor amps', unit: 'amps' }, amps, ampsWord(plan, amps.after))] : []),
    ...(watts.promised === undefined ? [] : [line({ id: 'watts', name: 'Power', unit: 'watts' }, watts, 'cantSay')]),
  ];
}
