import { shownWords } from '../../base/words';
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
    const far = shownWords(Math.abs(off), 'deltaF', 0);
    if (Math.abs(off) <= NEAR_F)
      lines.push({ id: 'makeUp-set', word: 'inside', sentence: 'Make-up air holds its setpoint.' });
    else
      lines.push({
        id: 'makeUp-set',
        word: Math.abs(off) > FAR_F ? 'outside' : 'atTheEdge',
        sentence:
          off < 0
            ? `Make-up air ${far} below its setpoint: check burner sequence, gas, and airflow above its rating.`
            : `Make-up air ${far} above its setpoint: low airflow through it, or its control. Turn the burner off until you know.`,
      });
  }
  if (amps !== undefined && amps > 115)
    lines.push({
      id: 'makeUp-amps',
      word: 'outside',
      sentence: `Make-up fan at ${Math.round(amps)} % of nameplate amps. Cold air is heavier. Check legs, dial, belts and sheave.`,
    });
  return lines;
}
