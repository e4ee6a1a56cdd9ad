import { stageBudget } from '../../judge/verdicts';
import type { Goal } from '../model';
import { operate } from '../../air/operate';
import { dropAt } from '../../air/path';
import { layoutOf, type System } from '../../air/system';

/**
 * The system as it will be once what chokes it is fixed: each section that takes more than its share cut down to it, and nothing
 * lost inside beyond the table. A motor set up on a choked system must carry this one too.
 *
 * @returns the system itself when nothing takes more than its share
 */
export function clearedSystem(system: System, goal: Goal): System {
  const now = operate(system);
  const flow = now.kind === 'crossing' ? now.flowCfm : now.edgeFlowCfm;
  const layout = layoutOf(system);
  let cut = system.inside !== undefined;
  const path = system.path.map((section) => {
    const share = section.stages.reduce((sum, kind) => sum + stageBudget(layout, kind, goal.rules), 0);
    const drop = dropAt(section.resistance, flow);
    const most = share * goal.maxTesp.value;
    if (share === 0 || drop <= most) return section;
    cut = true;
    const coefficient = (section.resistance.coefficient * most) / drop;
    return { ...section, resistance: { ...section.resistance, coefficient } };
  });
  return cut ? { ...system, inside: undefined, path } : system;
}
