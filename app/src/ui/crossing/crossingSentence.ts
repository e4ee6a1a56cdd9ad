import { flowWords, staticWords, curveWords, flowText, operate, speedName, staticText, sentenceCase } from '@huff/core';
import type { CrossingProps } from './crossingProps';

/** The Crossing as a sentence, for those who hear it. */
export function crossingSentence({ now, then, target, maxTesp, proven }: CrossingProps): string {
  const at = operate(now);
  if (at.kind === 'offTable') return `${sentenceCase(speedName(now, at.tap))} is off its curve on this duct system.`;
  const first = `On ${speedName(now, at.tap)} the operating point is ${flowWords(at.flowCfm)} and ${staticWords(at.tespInWc)}${now.fan.usual ? `, ${curveWords(now.fan)}` : ''}.`;
  const band = target ? ` The target range is ${flowText(target.lowCfm)} to ${flowWords(target.highCfm)}.` : '';
  const shown = then && operate(then);
  const next =
    shown?.kind === 'crossing'
      ? ` Then the operating point on ${speedName(now, shown.tap)} is ${flowWords(shown.flowCfm)} and ${staticText(shown.tespInWc)}.`
      : shown
        ? ` ${sentenceCase(speedName(now, shown.tap))} would be off its curve.`
        : '';
  const read = proven ? ` Re-measured: ${flowWords(proven.flowCfm)} at ${staticText(proven.tespInWc)}.` : '';
  return `${first}${next}${read}${band} The limit is ${staticText(maxTesp.value)}.`;
}
