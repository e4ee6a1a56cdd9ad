/**
 * Raised whenever the same visit would be judged in other words or figures than before: what was stored of a judgement is then computed
 * anew from the readings.
 */
export const JUDGEMENT_VERSION = 15;
