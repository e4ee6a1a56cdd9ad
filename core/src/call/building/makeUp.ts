import type { Check } from '../checks';
import type { VerdictWord } from '../../base/verdict';

/** Supply of a make-up unit may lie so far off its set point, °F (J). */
const NEAR_F = 5;
const FAR_F = 12;

interface MakeUpLine {
  readonly id: string;
  readonly word: VerdictWord;
  readonly sentence: string;
}

/**
 * How a make-up air unit holds its set point, and what its fan draws.
 *
 * @param checks the standing readings: `makeUpSetF`, `makeUpSupplyF`, `makeUpAmps`
 * @example set 65 °F, supply 48 °F → outside: 17 °F under its set point
 */
export function makeUpLines(checks: ReadonlyMap<string, Check>): readonly MakeUpLine[] {
  const [setF, supplyF, amps] = ['makeUpSetF', 'makeUpSupplyF', 'makeUpAmps'].map((id) => checks.get(id)?.value);
  const lines: MakeUpLine[] = [];
  if (setF !== undefined && supplyF !== undefined) {
    const off = supplyF - setF;
    const far = Math.round(Math.abs(off));
    if (Math.abs(off) <= NEAR_F)
      lines.push({ id: 'makeUp-set', word: 'inside', sentence: 'Make-up air holds its set point.' });
    else
      lines.push({
        id: 'makeUp-set',
        word: Math.abs(off) > FAR_F ? 'outside' : 'atTheEdge',
        sentence:
          off < 0
            ? `Make-up air ${far} °F under its set point: burner sequence, gas, or more air than it heats.`
            : `Make-up air ${far} °F over its set point: little air through it, or its control. Burner off until it is known.`,
      });
  }
  if (amps !== undefined && amps > 115)
    lines.push({
      id: 'makeUp-amps',
      word: 'outside',
      sentence: `Make-up fan at ${Math.round(amps)} % of its plate: cold air is heavy; legs, dial, belts, sheave since when.`,
    });
  return lines;
}
