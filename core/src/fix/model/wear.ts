import { staticWords, staticText } from '../../base/words';
import type { Goal, Prediction } from './predict';

/**
 * What will wear: a motor that sits over its rated static, or over its plate, after a change.
 *
 * @returns a sentence each, none when it stays within both
 */
export function wearWarnings({ operation, motor }: Prediction, { maxTesp }: Goal): string[] {
  const warnings: string[] = [];
  if (operation.kind === 'crossing' && operation.tespInWc > maxTesp.value) {
    const limit = maxTesp.source === 'nameplate' ? 'the nameplate’s' : 'the limit assumed as';
    warnings.push(
      `The motor would run at ${staticWords(operation.tespInWc)}, over ${limit} ${staticText(maxTesp.value)}: more watts, more noise, shorter life.`,
    );
  }
  if (motor?.word === 'outside') warnings.push(`The motor would be over its nameplate: ${motor.sentence}`);
  return warnings;
}
