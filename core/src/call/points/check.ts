import { ended, shownText, unitText } from '../../base/words/figures';
import type { RawInputs } from '../../base/forms/tool';
import { checkPoint } from './catalogue';
import type { Check, CheckContext, CheckOutcome, CheckPoint, CheckState } from '../checks/checkPoint';

const isFigure = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

/**
 * What is wrong with a check as it was typed, in a sentence; undefined when it is sound.
 *
 * @example checkFault({ point: 'lineVolts', value: -4 }) // 'Line at the disconnect: between 0 and 700 V.'
 */
export function checkFault(raw: RawInputs): string | undefined {
  const point = typeof raw.point === 'string' ? checkPoint(raw.point) : undefined;
  if (!point) return 'A check names a point that Huff knows.';
  const { value, state } = raw;
  const isEmpty = (typed: unknown) => typed === undefined || typed === null;
  if (isEmpty(value) && isEmpty(state)) return `${point.name}: a figure or what was seen is missing.`;
  if (!isEmpty(value)) {
    if (!point.number) return `${point.name} takes no figure.`;
    const { min, max, unit } = point.number;
    if (!isFigure(value) || value < min || value > max)
      return ended(`${point.name}: between ${min} and ${max} ${wordsOfUnit(unit)}`);
  }
  if (!isEmpty(state) && !point.states?.some(({ id }) => id === state))
    return `${point.name} is one of ${(point.states ?? []).map(({ id }) => id).join(', ') || 'no states'}.`;
  return undefined;
}

const UNIT_WORDS: Partial<Record<string, string>> = {
  volts: 'V',
  amps: 'A',
  ohms: 'Ω',
  microfarads: 'µF',
  percent: '%',
  microamps: 'µA',
  minutes: 'min',
};
const SHOWN = ['inWc', 'cfm', 'degF', 'deltaF'] as const;
type ShownUnit = (typeof SHOWN)[number];
const isShown = (unit: string): unit is ShownUnit => (SHOWN as readonly string[]).includes(unit);

const wordsOfUnit = (unit: string) => (isShown(unit) ? unitText(unit) : (UNIT_WORDS[unit] ?? ''));

const stateOf = (point: CheckPoint, id?: string): CheckState | undefined =>
  point.states?.find((state) => state.id === id);

/** How a check stands to what is expected at its point; undefined when it tells nothing either way. */
export function outcomeOf(check: Check, context: CheckContext): CheckOutcome | undefined {
  const point = checkPoint(check.point);
  if (!point) return undefined;
  if (check.value !== undefined && point.number) return point.number.outcome(check.value, context);
  return stateOf(point, check.state)?.outcome;
}

/** What was read, in words: "25.8 V", "free". */
export function checkText(check: Check): string {
  const point = checkPoint(check.point);
  if (!point) return '';
  if (check.value === undefined || !point.number) {
    const text = stateOf(point, check.state)?.text ?? '';
    return point.noteLabel !== undefined && check.note ? `${text}: ${check.note}` : text;
  }
  const { unit } = point.number;
  if (isShown(unit)) return `${shownText(check.value, unit)} ${unitText(unit)}`;
  return `${Number(check.value.toFixed(2))} ${wordsOfUnit(unit)}`.trim();
}

/** What is odd about a check that can still be right, as a question. */
export function checkQuestion(check: Check, context: CheckContext): string | undefined {
  const point = checkPoint(check.point);
  if (check.value !== undefined) return point?.number?.ask?.(check.value, context);
  return point && !check.note ? stateOf(point, check.state)?.needsNote : undefined;
}

/** The last check at each point, the earliest made first. @param checks in the order they were made */
export const standingChecks = (checks: readonly Check[]): ReadonlyMap<string, Check> => {
  const last = new Map<string, Check>();
  for (const check of checks) {
    last.delete(check.point);
    last.set(check.point, check);
  }
  return last;
};
