import { outcomeOf, type Check, type CheckContext } from '../checks';
import { AFTER_MOTOR_POINTS } from './afterMotor';
import { AMPS_POINTS } from './ampsPoints';
import type { PowerCause } from './cause';
import { powerCause } from './causes';
import { MOTOR_POINTS } from './motorPoints';
import type { PowerScheme } from './scheme';

const ofMotor = new Set([...MOTOR_POINTS, ...AMPS_POINTS].map(({ id }) => id));
/** Read only after a new motor was put in. */
const afterMotor = new Set(AFTER_MOTOR_POINTS.map(({ id }) => id));

/** Readings of a circuit parted at what was fixed. */
export interface PartedReadings<C extends Check> {
  /** What describes the unit as it stands now. */
  readonly standing: readonly C[];
  /** What describes the fault that was fixed, or the motor that was taken out. */
  readonly closed: readonly C[];
  /** The cause that was fixed last, where nothing bad was read since. */
  readonly fixed?: PowerCause;
}

const causeOf = ({ point, note }: Check, scheme: PowerScheme, others: ReadonlySet<string>): PowerCause | undefined => {
  const id = point === 'triage' && note?.startsWith('cause-') ? note.slice(6) : undefined;
  return id !== undefined && (id in scheme.causes || others.has(id)) ? powerCause(id) : undefined;
};

const NONE: ReadonlySet<string> = new Set();

/**
 * Parts readings at the last cause that was reported as fixed. What was bad before belongs to the fault; what was read of a motor before another one
 * was put in belongs to the old motor.
 *
 * @param all in the order they were made
 * @param others causes of the same circuit that this scheme does not have: those of a motor of another kind that was taken out
 * @example a capacitor read at 4 µF, then reported as fixed: closed, and nothing is suspected by it any more
 */
export function partAtFix<C extends Check>(
  all: readonly C[],
  scheme: PowerScheme,
  context: CheckContext,
  others = NONE,
): PartedReadings<C> {
  // Opened again, it is not fixed.
  const last = new Map<string, number>();
  all.forEach((check, i) => {
    const cause = causeOf(check, scheme, others);
    if (cause) last.set(cause.id, i);
  });
  const fixes = [...last.values()].filter((i) => all[i]!.state === 'dealtWith');
  const fixedAt = Math.max(-1, ...fixes);
  const cause = fixedAt < 0 ? undefined : causeOf(all[fixedAt]!, scheme, others);
  const firstAfter = all.findIndex(({ point }) => afterMotor.has(point));
  const newMotorAt = Math.max(firstAfter, ...fixes.filter((i) => causeOf(all[i]!, scheme, others)?.isMotor));
  const points = new Set([...scheme.steps, ...scheme.beside].map(({ point }) => point));
  const isBad = (check: C) => points.has(check.point) && outcomeOf(check, context) === 'bad';
  const isClosed = (check: C, i: number) =>
    (i < newMotorAt && ofMotor.has(check.point)) || (i < fixedAt && isBad(check));
  const isBadSince = all.some((check, i) => i > fixedAt && isBad(check));
  return {
    standing: all.filter((check, i) => !isClosed(check, i)),
    closed: all.filter(isClosed),
    fixed: isBadSince ? undefined : cause,
  };
}
