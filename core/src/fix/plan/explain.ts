import type { Goal, Prediction } from '../model';
import { moveOf, type ChosenMove } from '../moves';
import { soundInputs } from '../../base/forms';
import { stageDropAt, type StageKind, type System } from '../../air/system';
import { flowWords, staticWords, flowText, inSentence, percentText, staticText, sentenceCase } from '../../base/words';
import { operate } from '../../air/operate';
import type { Odds } from './chance';

const STAGE: Partial<Record<StageKind, string>> = {
  filter: 'filter',
  coil: 'coil',
  returnDuct: 'return duct',
  supplyDuct: 'supply duct',
};

/** The stage that takes most of the external static, in words: "the filter takes 0.15 of 0.58". */
function heaviestStage(system: System): string | undefined {
  const now = operate(system);
  if (now.kind === 'offTable') return undefined;
  const drops = (Object.keys(STAGE) as StageKind[])
    .map((kind) => ({ kind, drop: stageDropAt(system, kind, now.flowCfm) ?? 0 }))
    .sort((a, b) => b.drop - a.drop);
  const [most] = drops;
  return most && most.drop > 0
    ? `the ${STAGE[most.kind]} uses ${staticText(most.drop)} of ${staticText(now.tespInWc)}`
    : undefined;
}

/** A move's name with what exactly is done, as one clause. */
function clauseOf({ id, inputs }: ChosenMove, system: System): string {
  const move = moveOf(id);
  if (!move) return id;
  const says = move.says(soundInputs(move, inputs), system);
  if (id === 'changeTap') return `the speed goes from ${says}`;
  return `${inSentence(move.name)} (${says})`;
}

/** "a", "a and b", "a, b, then c": the last of several comes last because it is done last. */
const inOrder = (clauses: readonly string[]) =>
  clauses.length < 2 ? clauses.join('') : `${clauses.slice(0, -1).join(', ')}, then ${clauses.at(-1)}`;

/** What is done, and why, as one sentence. */
function doneWords(system: System, moves: readonly ChosenMove[]): string {
  const heaviest = heaviestStage(system);
  const clauses = moves.map((move) => clauseOf(move, system));
  const done = clauses.length === 0 ? 'nothing has to be changed' : inOrder(clauses);
  const why = heaviest && moves.some(({ id }) => moveOf(id)?.does === 'lowersStatic') ? `${heaviest}: ${done}` : done;
  return `${sentenceCase(why)}.`;
}

/**
 * What was found, to be fixed before anything else is planned: what is done, what it should bring, and that it is measured again.
 *
 * @param isEnough it lands often enough to be called a plan by itself
 */
export function explainFixFirst(
  system: System,
  moves: readonly ChosenMove[],
  { operation }: Prediction,
  odds: Odds,
  isEnough: boolean,
): string {
  const done = `${doneWords(system, moves)} Then re-measure.`;
  if (operation.kind === 'offTable') return `${done} That is off the fan curve, so nothing is predicted.`;
  const then = `Predicted: ${flowWords(operation.flowCfm)} at ${staticWords(operation.tespInWc)}`;
  return isEnough
    ? `${done} ${then}, ${percentText(odds.all)} chance of meeting every target.`
    : `${done} ${then}: not enough by itself.`;
}

/**
 * A plan in two sentences: what is done and why, and where it lands.
 *
 * @param odds of band, plate and heat
 */
export function explainPlan(
  system: System,
  moves: readonly ChosenMove[],
  prediction: Prediction,
  goal: Goal,
  odds: Odds,
): string {
  const first = doneWords(system, moves);
  const { operation, heating } = prediction;
  if (operation.kind === 'offTable')
    return `${first} That is off the ${system.fan.usual ? 'range of the typical curve' : 'blower table'}, so nothing is predicted.`;
  const { flowCfm, tespInWc } = operation;
  const allowed = `the ${staticText(goal.maxTesp.value)} ${goal.maxTesp.source === 'nameplate' ? 'of the nameplate' : 'assumed as the limit'}`;
  const against = `${tespInWc > goal.maxTesp.value ? 'over' : 'within'} ${allowed}`;
  const heat = heating?.word === 'outside' ? ' The heating would be out of range.' : '';
  const side =
    flowCfm < goal.target.lowCfm
      ? `, below the ${flowText(goal.target.lowCfm)} low end of the target,`
      : flowCfm > goal.target.highCfm
        ? `, above the ${flowText(goal.target.highCfm)} high end of the target,`
        : '';
  return `${first} Predicted: ${flowWords(flowCfm)}${side} and ${staticWords(tespInWc)}, ${against}. ${percentText(odds.all)} chance of meeting every target.${heat}${system.fan.usual ? ' By a typical curve, not this model’s table.' : ''}`;
}
