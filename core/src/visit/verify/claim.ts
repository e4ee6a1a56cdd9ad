import { STAGE_WORDS, type StageKind } from '../../air/system';
import { staticText } from '../../base/words';
import { promisedSigma, TOO_FAR_SIGMAS, type FlowChange, type TouchedSection } from './untouched';

/** What the untouched section says of the promise. */
export interface Claim {
  /** The change of airflow as promised, and as the untouched sections have it. */
  readonly promisedRatio: number;
  readonly change: FlowChange;
  /** What the plan changed, as promised and as read again. */
  readonly touched: readonly TouchedSection[];
  /**
   * `asPromised`; `notChanged`: the air is what it was, though a change was promised; `otherwise`: it changed, but not as promised.
   */
  readonly found: 'asPromised' | 'notChanged' | 'otherwise';
  readonly sentence: string;
}

const percent = (ratio: number) => `${ratio >= 1 ? '+' : '−'}${Math.abs(100 * (ratio - 1)).toFixed(1)} %`;
const stageWords = (stages: readonly StageKind[]) => stages.map((kind) => STAGE_WORDS[kind]).join(' and ');
const readWords = ({ beforeInWc, afterInWc }: { beforeInWc: number; afterInWc: number }) =>
  `${staticText(beforeInWc)} then, ${staticText(afterInWc)} now`;

/** The claim of a plan against what its sections say since. */
export function claimOf(
  promisedRatio: number,
  change: FlowChange,
  touched: readonly TouchedSection[],
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
      `The ${stageWords(a.stages)} says ${percent(a.ratio)} air, the ${stageWords(b.stages)} ${percent(b.ratio)}. One of them also changed: a damper, register or door. Find it, then measure again.`,
    );
  }
  const seen = `The untouched section says ${percent(change.ratio)} ± ${(100 * change.sigma).toFixed(1)} (${readWords(change.sections[0]!)}), the plan predicted ${percent(promisedRatio)}.`;
  const same = touched.find(({ found }) => found === 'notChanged');
  if (same)
    return claim(
      'notChanged',
      `The ${stageWords(same.stages)} has the same pressure drop as before (${readWords(same)}); ${staticText(same.promisedInWc)} was predicted. Was the work done?`,
    );
  const own = Math.hypot(change.sigma, promisedSigma(promisedRatio, speedSigmaShare));
  const off = Math.abs(change.ratio - promisedRatio);
  const still = Math.abs(change.ratio - 1);
  // Nearer to nothing than to the promise, and the promise large enough to be told from nothing by this section.
  if (
    still <= TOO_FAR_SIGMAS * change.sigma &&
    still < off &&
    Math.abs(promisedRatio - 1) > TOO_FAR_SIGMAS * change.sigma
  )
    return claim('notChanged', `${seen} Airflow has not changed. Was the work done, or does something else limit it?`);
  if (off > TOO_FAR_SIGMAS * own)
    return claim('otherwise', `${seen} Fan or ducts did not change as planned, whatever the table says.`);
  const other = touched.find(({ found }) => found === 'otherwise');
  if (other)
    return claim(
      'asPromised',
      `${seen} The ${stageWords(other.stages)} uses ${staticText(other.afterInWc)}, ${staticText(other.promisedInWc)} was predicted.`,
    );
  return claim('asPromised', seen);
}
