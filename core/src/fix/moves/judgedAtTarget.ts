import { stageBudget } from '../../judge/verdicts';
import { dropAt } from '../../air/path';
import { layoutOf, sectionsOf, type StageKind, type System } from '../../air/system';
import type { MoveContext } from './move';

/**
 * Whether a stage was read alone and takes more than its share at the target airflow, so that a low speed does not hide it and an assumed share
 * does not sell duct work.
 *
 * @example on tap 1 of worked example A a supply duct that takes 0.09 at 770 CFM is asked at 1,200
 */
export function isOverItsShare(system: System, kind: StageKind, { goal }: MoveContext): boolean {
  const sections = sectionsOf(system, kind);
  if (sections.length === 0 || sections.some(({ assumed }) => assumed !== undefined)) return false;
  const drop = sections.reduce((sum, { resistance }) => sum + dropAt(resistance, goal.target.flowCfm), 0);
  return drop > stageBudget(layoutOf(system), kind, goal.rules) * goal.maxTesp.value;
}
