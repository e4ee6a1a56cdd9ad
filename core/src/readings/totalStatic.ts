import { usually, type CheckPoint } from '../checks/checkPoint';

/** The point where the total is kept. */
export const TOTAL_STATIC = 'totalStatic';

/** Statics that belong to no port of the drawing. */
export const STATIC_POINTS: readonly CheckPoint[] = usually({ area: 'ducts', minutes: 0, money: 0 }, [
  {
    id: TOTAL_STATIC,
    name: 'Total external static',
    where: 'one reading across the equipment, both hoses of the manometer',
    number: { unit: 'inWc', min: 0.01, max: 5, outcome: () => 'good' },
    expects: 'the difference of the two plenums, as read',
    power: 'running',
    minutes: 2,
  },
]);
