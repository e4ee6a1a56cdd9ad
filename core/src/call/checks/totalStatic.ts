import { usually, type CheckPoint } from './checkPoint';

/** The external static as one reading, in. w.c.: 0.01 to 5, both hoses on the manometer. */
export const TOTAL_STATIC_POINT = {
  id: 'totalStatic',
  name: 'Total external static',
  where: 'one reading across the equipment, both hoses on the manometer',
  number: { unit: 'inWc', min: 0.01, max: 5, outcome: () => 'good' },
  expects: 'the difference of the two plenums, as read',
  power: 'running',
  minutes: 2,
} as const satisfies CheckPoint;

/** Statics that belong to no port of the drawing. */
export const STATIC_POINTS: readonly CheckPoint[] = usually({ area: 'ducts', minutes: 0, money: 0 }, [
  TOTAL_STATIC_POINT,
]);
