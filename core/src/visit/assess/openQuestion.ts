import type { UnitFacts } from '../../judge/verdicts';
import type { PressureReading } from '../../air/readings';
import { boundaryPorts, layoutOf } from '../../air/system';
import type { RunStage } from './visitFacts';

/** Something that looks wrong: asked, never refused. */
export interface Question {
  readonly id: string;
  readonly sentence: string;
  /** While it is open nothing plain is said of the air, and no speed is recommended. */
  readonly holdsVerdict?: true;
  /** An answer that resolves it as it is: what the button says. Recorded as a method excluded, under the question's id. */
  readonly answer?: string;
  /** The fix that it doubts: not planned until it is answered. */
  readonly moveId?: string;
}

/** How the statics of the boundary were read, against how the visit says it runs. */
export interface ReadState {
  /** The speed the statics were really read on. */
  readonly tap?: string;
  readonly questions: readonly Question[];
}

/** What a visit says of how it runs. */
interface RunsAs {
  readonly unit: UnitFacts;
  readonly mode: 'cooling' | 'heating';
  readonly stage?: RunStage;
}

const holding = (id: string, sentence: string, answer: string): Question => ({
  id,
  sentence,
  answer,
  holdsVerdict: true,
});

/**
 * The speed, mode and stage the statics of the boundary were read in. A static belongs to what ran while it was read: where all of them were
 * read on one other speed, that speed's row is used; where they differ, or mode or stage do, nothing plain can be said until somebody answers.
 *
 * @param counted the statics that count
 * @param answered ids of questions somebody answered
 */
export function readState(
  { unit, mode, stage = 'high' }: RunsAs,
  counted: ReadonlyMap<string, PressureReading>,
  answered: ReadonlySet<string>,
): ReadState {
  const read = boundaryPorts(layoutOf(unit)).flatMap((port) => counted.get(port)?.conditions ?? []);
  const questions: Question[] = [];
  const taps = [...new Set(read.flatMap(({ tap }) => tap ?? []))];
  let { tap } = unit;
  const stray = taps.filter((one) => unit.tap !== undefined && one !== unit.tap);
  const tapId = `tap ${stray.join('+')} or ${unit.tap ?? ''}`.slice(0, 40);
  if (stray.length > 0 && !answered.has(tapId)) {
    if (taps.length === 1) tap = taps[0];
    questions.push(
      holding(
        tapId,
        taps.length === 1
          ? `Static was measured on tap ${taps[0]}; the visit says tap ${unit.tap}. The airflow shown is for tap ${taps[0]}. Measure on tap ${unit.tap}, or correct the tap.`
          : `Static was measured on different taps (${taps.join(' and ')}). Measure both ports again on one tap.`,
        `They were measured on tap ${unit.tap}`,
      ),
    );
  }
  const otherMode = read.some((one) => one.mode && one.mode !== mode);
  if (otherMode && !answered.has(`mode ${mode}`))
    questions.push(
      holding(
        `mode ${mode}`,
        `Static was measured in ${mode === 'cooling' ? 'heating' : 'cooling'}; the visit is in ${mode}. Measure again in ${mode}, or change the mode.`,
        `They were measured in ${mode}`,
      ),
    );
  const otherStage = read.some((one) => one.stage && one.stage !== stage);
  if (otherStage && !answered.has(`stage ${stage}`))
    questions.push(
      holding(
        `stage ${stage}`,
        `Static was measured in ${stage === 'low' ? 'high' : 'low'} stage; the visit is in ${stage} stage. Measure again in ${stage} stage, or change the stage.`,
        `They were measured in ${stage} stage`,
      ),
    );
  return { tap, questions };
}
