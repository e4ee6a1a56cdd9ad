import { shownWords } from '../../base/words';
import { refuse, type ToolOutcome } from '../../base/forms/tool';

/** Air into and out of a heater. */
export const RISE_FIELDS = {
  returnF: { kind: 'number', label: 'Entering air', unit: 'degF', min: 20, max: 120 },
  supplyF: { kind: 'number', label: 'Leaving air', unit: 'degF', min: 20, max: 250 },
} as const;

/**
 * What is wrong with a rise that is none.
 *
 * @param runs what must be on: "the elements are"
 */
export function riseFault(riseF: number, runs: string): (ToolOutcome & { readonly ok: false }) | undefined {
  if (riseF >= 1) return undefined;
  const message = `The air must leave at least ${shownWords(1, 'deltaF', 0)} warmer than it enters. Check that ${runs} on and the probes are not swapped.`;
  return refuse('supplyF', message) as ToolOutcome & { readonly ok: false };
}
