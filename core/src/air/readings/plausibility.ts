import { signedStaticInWc } from './pressureReading';

/** Statics beyond this, in. w.c., are refused: no blower of this field makes them. */
export const STATIC_LIMIT_IN_WC = 5;
/** Statics beyond this, in. w.c., are asked about before they are kept. */
const STATIC_QUESTION_IN_WC = 2;

export type Plausibility =
  | { readonly kind: 'plausible' }
  | {
      readonly kind: 'ask' | 'refuse';
      readonly reason: 'tooLarge' | 'wrongSign';
      /** What was likely meant, in. w.c. */
      readonly suggestedInWc?: number;
    };

/** Shifts a dropped decimal point back, or undefined when no shift gives an everyday static. */
function withPointBack(staticInWc: number): number | undefined {
  for (const by of [100, 10, 1000]) {
    const shifted = staticInWc / by;
    if (Math.abs(shifted) <= 1 && Math.abs(shifted) >= 0.01) return Number(shifted.toFixed(3));
  }
  return undefined;
}

/**
 * Whether a static can be kept as typed, should be asked about, or cannot be.
 *
 * Beyond ±5 in. w.c. it is refused; beyond ±2, or with the sign of the other side of the blower, it is a question. A
 * dropped decimal point (31 for 0.31) is offered back.
 *
 * @param side the port's side of the blower
 * @param staticInWc signed, in. w.c., finite
 * @example plausibleStatic('return', -31) // { kind: 'refuse', reason: 'tooLarge', suggestedInWc: -0.31 }
 */
export function plausibleStatic(side: 'return' | 'supply', staticInWc: number): Plausibility {
  const size = Math.abs(staticInWc);
  if (size > STATIC_QUESTION_IN_WC) {
    const shifted = withPointBack(staticInWc);
    return {
      kind: size > STATIC_LIMIT_IN_WC ? 'refuse' : 'ask',
      reason: 'tooLarge',
      suggestedInWc: shifted === undefined ? undefined : signedStaticInWc(side, shifted),
    };
  }
  const signed = signedStaticInWc(side, staticInWc);
  if (size > 0 && signed !== staticInWc) return { kind: 'ask', reason: 'wrongSign', suggestedInWc: signed };
  return { kind: 'plausible' };
}
