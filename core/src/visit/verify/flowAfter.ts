import { flowAt } from '../../air/fan';
import type { FlowSince } from '../../air/flow';
import type { System } from '../../air/system';
import type { VisitAssessment } from '../assess';
import { percentText } from '../../base/words';
import { TOO_FAR_SIGMAS, type FlowChange } from './untouched';

/** (J) A method repeated at the same place with the same instrument: of its own error so much is not common to both. */
const REPEAT_SHARE = 0.4;

interface Change {
  readonly ratio: number;
  readonly sigma: number;
  readonly by: string;
}

/**
 * The change of airflow by everything that was done alike before and after. The section nobody touched is trusted first: a method repeated that
 * contradicts it is left out, whatever its error.
 */
export function changesOf(
  before: VisitAssessment,
  after: VisitAssessment,
  untouched: FlowChange | undefined,
  changedSystem: System,
): Change[] {
  const changes: Change[] = untouched ? [{ ...untouched, by: 'the untouched section' }] : [];
  for (const was of before.estimates) {
    const is = after.estimates.find((e) => e.id === was.id);
    if (!is || was.basis !== 'measured' || was.setAside !== undefined || is.setAside !== undefined) continue;
    const ratio = is.flowCfm / was.flowCfm;
    const sigma = ratio * REPEAT_SHARE * Math.hypot(was.sigmaShare, is.sigmaShare);
    const isApart =
      untouched && Math.abs(ratio - untouched.ratio) > TOO_FAR_SIGMAS * Math.hypot(sigma, untouched.sigma);
    if (!isApart) changes.push({ ratio, sigma, by: was.name.toLowerCase() });
  }
  const flow = before.flow?.flowCfm;
  const { tespInWc } = after.judgement;
  const byFan = tespInWc === undefined ? undefined : flowAt(changedSystem.fan, tespInWc);
  // The fan's own curve vouches for the change only where nothing that saw the air does.
  if (changes.length === 0 && flow !== undefined && byFan !== undefined)
    changes.push({
      ratio: byFan / flow,
      sigma: 0.03,
      by: changedSystem.fan.usual ? 'a typical curve' : 'the blower table',
    });
  return changes;
}

/** Airflow after: before's with its error, times the change. Its error is common to both. */
export function flowAfter(
  before: VisitAssessment,
  after: VisitAssessment,
  changes: readonly Change[],
): FlowSince | undefined {
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
  // A method that was taken only after speaks for itself where it is surer than what it meets; a wider one overrules nothing.
  const counted = fresh.filter((e) => e.sigmaShare * e.flowCfm < sigmaCfm);
  for (const e of counted) {
    const [a, b] = [1 / sigmaCfm ** 2, 1 / (e.flowCfm * e.sigmaShare) ** 2];
    flowCfm = (flowCfm * a + e.flowCfm * b) / (a + b);
    sigmaCfm = Math.sqrt(1 / (a + b));
  }
  const isFresh = counted.length > 0;
  return {
    flowCfm,
    sigmaCfm,
    measured: was.measured || isFresh,
    usualOnly: was.usualOnly && !isFresh,
    dropOnly: was.dropOnly && !isFresh,
    says: `The change is from ${changes.map((one) => one.by).join(' and ')}, to ± ${(100 * own).toFixed(1)} %; before and after share the ± ${percentText(common)} of the airflow before${isFresh ? `e.name.toLowerCase()).join(', ')} taken after => , with ${counted.map((e) => e.name.toLowerCase()).join(', ')} measured after => e.name.toLowerCase()).join(', ')} taken after` : ''}.`,
  };
}
