import { capacitance } from '../electrical/capacitance';
import type { Check } from '../checks/checkPoint';
import type { Look } from '../../judge/look/findings';

/** What a point's states say of something that is also looked at: a look's item, and its state by the point's. */
const TOLD: Readonly<Record<string, { readonly item: string; readonly states: Readonly<Record<string, string>> }>> = {
  belt: { item: 'belt', states: { on: 'good', off: 'broken' } },
  upkeepBelt: { item: 'belt', states: { done: 'good' } },
  capacitor: { item: 'capacitor', states: { fine: 'good', bulged: 'bulged' } },
  afterRotation: { item: 'rotation', states: { right: 'right', wrong: 'backwards' } },
  upkeepWheel: { item: 'wheel', states: { done: 'clean', found: 'caked' } },
  upkeepCoil: { item: 'coilFace', states: { done: 'clean', found: 'matted' } },
  upkeepFilter: { item: 'filter', states: { done: 'clean' } },
};

/** The thing a point tells of, where it tells of one that is looked at. @example itemToldBy('afterRotation') // 'rotation' */
export const itemToldBy = (point: string): string | undefined => TOLD[point]?.item;

/** What a capacitor is held against. */
export interface Rating {
  readonly ratedMicrofarads?: number;
  readonly tolerancePercent?: number;
}

/**
 * A check as the look it amounts to, so that what a meter told is obeyed like what an eye saw; undefined where it amounts to none.
 *
 * @example lookTold({ point: 'afterRotation', state: 'wrong' }, {}) // { item: 'rotation', state: 'backwards', by: 'afterRotation' }
 */
export function lookTold({ point, state, value }: Check, rating: Rating): Look | undefined {
  const told = TOLD[point];
  if (!told) return undefined;
  const { item } = told;
  if (point === 'capacitor' && value !== undefined) {
    if (rating.ratedMicrofarads === undefined && value >= 0.5) return undefined;
    const is = capacitance(value, rating.ratedMicrofarads, rating.tolerancePercent);
    return { item, state: is === 'bad' ? 'weak' : 'good', by: point };
  }
  const seen = state === undefined ? undefined : told.states[state];
  return seen === undefined ? undefined : { item, state: seen, by: point };
}

/** What only a measurement shows: nobody looks at it, and it is obeyed like what is seen. By item, its states. */
export const MEASURED_LOOKS = {
  returnAir: ['leaks'],
  supplyVolts: ['low', 'good'],
  outdoorCoil: ['clean', 'dirty'],
} as const;
