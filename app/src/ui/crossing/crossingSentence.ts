import { flowText, operate, staticText } from '@huff/core';
import type { CrossingProps } from './crossingProps';

/** The Crossing as a sentence, for those who hear it. */
export function crossingSentence({ now, then, target, maxTesp, proven }: CrossingProps): string {
  const at = operate(now);
  if (at.kind === 'offTable') return `Tap ${at.tap} leaves the maker’s table on this path.`;
  const first = `On tap ${at.tap} fan and ducts meet at ${flowText(at.flowCfm)} CFM and ${staticText(at.tespInWc)} in. w.c.`;
  const band = target ? ` The target band is ${flowText(target.lowCfm)} to ${flowText(target.highCfm)} CFM.` : '';
  const shown = then && operate(then);
  const next =
    shown?.kind === 'crossing'
      ? ` Then they would meet on tap ${shown.tap} at ${flowText(shown.flowCfm)} CFM and ${staticText(shown.tespInWc)}.`
      : shown
        ? ` Tap ${shown.tap} then leaves the table first.`
        : '';
  const read = proven ? ` Read after: ${flowText(proven.flowCfm)} CFM at ${staticText(proven.tespInWc)}.` : '';
  return `${first}${next}${read}${band} The limit is ${staticText(maxTesp.value)}.`;
}
