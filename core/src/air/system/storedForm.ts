import type { System } from './system';

/**
 * The form in which plans and proven systems are written today. What was stored is never rewritten: it is lifted whenever it is read. When
 * the form changes, raise this and add the step that leads to it, with a stored sample in the tests.
 */
export const STORED_FORM = 2;

type Plain = Readonly<Record<string, unknown>>;

const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Form 1 called the collar over a bare grille a patch diameter. */
function collarNamed(system: Plain): Plain {
  if (!isPlain(system.filters)) return system;
  const { patchDiameterIn, ...filters } = system.filters;
  return patchDiameterIn === undefined ? system : { ...system, filters: { ...filters, collarIn: patchDiameterIn } };
}

/** What leads from a form to the next, by the form it leads from. */
const STEPS: Readonly<Record<number, (system: Plain) => Plain>> = { 1: collarNamed };

/**
 * A stored system as it is read today.
 *
 * @param form in which it was written; what was stored before forms were counted is of form 1
 */
export function liftSystem(stored: System, form = 1): System {
  let system: unknown = stored;
  for (let at = form; at < STORED_FORM; at += 1) if (isPlain(system)) system = STEPS[at]!(system);
  return system as System;
}
