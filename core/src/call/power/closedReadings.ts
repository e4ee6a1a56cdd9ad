import { outcomeOf } from '../points';
import type { Check, CheckContext } from '../checks';
import { isCheck, isOutcome, type Step } from '../facts/outcome';
import { AFTER_MOTOR_POINTS } from '../electrical/afterMotor';
import { AMPS_POINTS } from '../electrical/ampsPoints';
import type { PowerCause } from '../electrical/cause';
import { powerCause } from './causes';
import { MOTOR_POINTS } from '../electrical/motorPoints';
import type { PowerScheme } from '../electrical/scheme';

const ofMotor = new Set([...MOTOR_POINTS, ...AMPS_POINTS].map(({ id }) => id));
/** Read only after a new motor was put in. */
const afterMotor = new Set(AFTER_MOTOR_POINTS.map(({ id }) => id));

/** Readings of a circuit parted at what was fixed. */
export interface PartedReadings<S extends Step> {
  /** What describes the unit as it stands now. */
  readonly standing: readonly S[];
  /** What describes the fault that was fixed, or the motor that was taken out. */
  readonly closed: readonly Extract<S, Check>[];
  /** The cause that was fixed last, where nothing bad was read since. */
  readonly fixed?: PowerCause;
}

const causeOf = (step: Step, scheme: PowerScheme, others: ReadonlySet<string>): PowerCause | undefined => {
  const id = isOutcome(step) && step.finding.startsWith('cause-') ? step.finding.slice(6) : undefined;
  return id !== undefined && (id in scheme.causes || others.has(id)) ? powerCause(id) : undefined;
};

const NONE: ReadonlySet<string> = new Set();

/**
 * Parts readings at the last cause that was reported as fixed. What was bad before belongs to the fault; what was read of a motor before another one
 * was put in belongs to the old motor.
 *
 * @param all readings and what became of findings, in the order they were made
 * @param others causes of the same circuit that this scheme does not have: those of a motor of another kind that was taken out
 * @example a capacitor read at 4 µF, then reported as fixed: closed, and nothing is suspected by it any more
 */
export function partAtFix<S extends Step>(
  all: readonly S[],
  scheme: PowerScheme,
  context: CheckContext,
  others = NONE,
): PartedReadings<S> {
  // Opened again, it is not fixed.
  const last = new Map<string, number>();
  all.forEach((step, i) => {
    const cause = causeOf(step, scheme, others);
    if (cause) last.set(cause.id, i);
  });
  const fixes = [...last.values()].filter((i) => all[i]!.state === 'dealtWith');
  const fixedAt = Math.max(-1, ...fixes);
  const cause = fixedAt < 0 ? undefined : causeOf(all[fixedAt]!, scheme, others);
  const firstAfter = all.findIndex((step) => isCheck(step) && afterMotor.has(step.point));
  const newMotorAt = Math.max(firstAfter, ...fixes.filter((i) => causeOf(all[i]!, scheme, others)?.isMotor));
  const points = new Set([...scheme.steps, ...scheme.beside].map(({ point }) => point));
  const isBad = (step: Step) => isCheck(step) && points.has(step.point) && outcomeOf(step, context) === 'bad';
  const isClosed = (step: S, i: number): step is Extract<S, Check> =>
    isCheck(step) && ((i < newMotorAt && ofMotor.has(step.point)) || (i < fixedAt && isBad(step)));
  const isBadSince = all.some((step, i) => i > fixedAt && isBad(step));
  return {
    standing: all.filter((step, i) => !isClosed(step, i)),
    closed: all.filter(isClosed),
    fixed: isBadSince ? undefined : cause,
  };
}
