import { keepFigures, keptText, type KeptText } from '../../base/words';
import { DEFAULT_RULES } from '../../judge/verdicts';
import type { Prediction } from '../../fix/model';
import { applyMoves, moveOf, type CautionId, type ChosenMove } from '../../fix/moves';
import { CAUTION_IDS } from '../../fix/moves/cautions';
import type { Plan, PlanRequest } from '../../fix/plan';
import { liftSystem, STORED_FORM } from '../../air/system';
import { soundInputs, type RawInputs } from '../../base/forms';

/** The figures a plan promised, kept as they were said. */
export interface PlanPromise {
  readonly flowCfm: number;
  readonly tespInWc: number;
  readonly dropF?: number;
  readonly riseF?: number;
  readonly watts?: number;
  readonly amps?: number;
}

/**
 * A plan as it was decided: what was chosen, what it was computed from, and what it promised. It stays readable when the table, the
 * shop's parts or its figures are changed later.
 */
export interface PlanRecord {
  /** In which form it is written (`STORED_FORM`); absent in the first. */
  readonly form?: number;
  readonly moves: readonly ChosenMove[];
  /** Each move in words; figures in them are stored. */
  readonly words: readonly KeptText[];
  readonly from: PlanRequest;
  readonly promise: PlanPromise;
  readonly chance: number;
  readonly minutes: number;
  readonly cost: number;
  /** Cautions read and acknowledged when it was begun. */
  readonly cautionsRead: readonly CautionId[];
}

/** The figures of a prediction that lies on the table; undefined off it. */
export function promiseOf({ operation, dropF, heating, power }: Prediction): PlanPromise | undefined {
  if (operation.kind === 'offTable') return undefined;
  return {
    flowCfm: operation.flowCfm,
    tespInWc: operation.tespInWc,
    dropF,
    riseF: heating?.riseF,
    watts: power?.watts,
    amps: power?.amps,
  };
}

/** A move as one line: its name and what exactly. */
export function moveWords({ id, inputs }: ChosenMove, request: PlanRequest): string {
  const move = moveOf(id);
  return move ? `${move.name}: ${move.says(soundInputs(move, inputs), request.system)}` : id;
}

/** The cautions of moves, each once, in the order of the moves. */
export const cautionsOf = (moves: readonly ChosenMove[]): CautionId[] => [
  ...new Set(moves.flatMap(({ id }) => moveOf(id)?.cautions ?? [])),
];

/**
 * The record of a plan that is begun, as it goes over the wire: without undefined fields.
 *
 * @returns undefined when its prediction leaves the curve: nothing could be promised
 */
export function planRecordOf(
  { moves, prediction, chance, minutes, cost }: Plan,
  request: PlanRequest,
  cautionsRead: readonly CautionId[],
): PlanRecord | undefined {
  const promise = promiseOf(prediction);
  if (!promise) return undefined;
  const words = keepFigures(() => moves.map((move) => keptText(moveWords(move, request))));
  const record: PlanRecord = {
    form: STORED_FORM,
    moves,
    words,
    from: request,
    promise,
    chance,
    minutes,
    cost,
    cautionsRead,
  };
  return JSON.parse(JSON.stringify(record)) as PlanRecord;
}

/**
 * A record as it is read today: figures of the rules that plans of before do not hold are those of today.
 * Stored plans are never changed; they are lifted whenever they are read.
 */
export const liftPlanRecord = (record: PlanRecord): PlanRecord => ({
  ...record,
  form: STORED_FORM,
  from: {
    ...record.from,
    system: liftSystem(record.from.system, record.form),
    goal: { ...record.from.goal, rules: { ...DEFAULT_RULES, ...record.from.goal.rules } },
  },
});

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

const isNumberOrNone = (value: unknown) => value === undefined || value === null || isNumber(value);

/**
 * What is wrong with a record that came over the wire; undefined when it holds. It holds when its moves can be done to its system
 * and its promise is in figures.
 */
export function planRecordFault(inputs: RawInputs): string | undefined {
  if (inputs.withdrawn === true) return undefined;
  const { form, moves, words, promise, chance, minutes, cost } = inputs as Partial<PlanRecord>;
  const from = inputs.from as Partial<PlanRequest> | undefined;
  if (!Array.isArray(moves) || moves.length === 0 || !Array.isArray(words)) return 'A plan names its fixes.';
  if (typeof from !== 'object' || !from?.system) return 'A plan stores the system it was computed from.';
  if (!isNumber(promise?.flowCfm) || !isNumber(promise.tespInWc))
    return 'A plan stores its predicted airflow and static.';
  const { dropF, riseF, watts, amps } = promise;
  if (![dropF, riseF, watts, amps].every(isNumberOrNone)) return 'A plan’s predictions are numbers.';
  if (!words.every((line) => typeof line === 'string')) return 'A plan names its fixes in words.';
  const read: unknown = inputs.cautionsRead;
  if (!Array.isArray(read) || !read.every((id) => (CAUTION_IDS as readonly unknown[]).includes(id)))
    return 'A plan stores the cautions that were read.';
  if (![chance, minutes, cost].every(isNumber)) return 'A plan stores its chance, minutes and cost.';
  if (form !== undefined && (!Number.isInteger(form) || form < 1 || form > STORED_FORM))
    return 'This plan was written by a newer Huff. Update the server.';
  try {
    const applied = applyMoves(liftSystem(from.system, form), moves as ChosenMove[]);
    if (!applied.ok) return applied.why;
  } catch {
    return 'The system this plan was computed from cannot be read.';
  }
  return typeof from.goal === 'object' && from.goal ? undefined : 'A plan stores the goal it was computed for.';
}
