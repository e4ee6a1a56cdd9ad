import type { Check } from '../checks/checkPoint';
import type { HeatTouch } from './electric';

/** The touches of elements and blower among checks: what came on or went off, and when. One without a time tells no order and is left out. */
export const heatTouches = (checks: readonly (Check & { readonly takenAt?: string })[]): readonly HeatTouch[] =>
  checks.flatMap(({ point, state, takenAt }): HeatTouch[] => {
    const atMs = Date.parse(takenAt ?? '');
    if ((point !== 'element' && point !== 'blowerOnHeat') || Number.isNaN(atMs)) return [];
    return [{ what: point === 'element' ? 'element' : 'blower', on: state === 'on', atMs }];
  });
