import { powerCause } from '../../call/power';
import { POWER_SCHEMES } from '../../call/power/schemes';
import { ALL_CAUSES, CAUSE_GROUPS, causeOf } from '../../fix/causes';
import { groupName } from '../../fix/explain';
import type { PracticeCase } from './drawCase';

/** Causes under the name of where they are. */
export interface NamedCauses {
  readonly group: string;
  readonly ids: readonly string[];
}

/** Whether a fix of the air takes a cause away; others are repaired. */
export const hasFix = (id: string): boolean => causeOf(id)?.mendedBy !== undefined;

/** Everything that could be named at a case: all that its unit may have, not only what its drill draws from. */
export function causesOfCase({ power, layout, motor }: PracticeCase): NamedCauses[] {
  if (power) {
    const scheme = POWER_SCHEMES.find(({ id }) => id === power.scheme)!;
    const ids = Object.keys(scheme.causes).filter((id) => !powerCause(id).runsOn);
    return [{ group: 'Power and controls', ids }];
  }
  return CAUSE_GROUPS.flatMap((group): NamedCauses[] => {
    const ids = ALL_CAUSES.filter(
      (cause) => cause.group === group && cause.kind !== 'reading' && cause.at({ layout, motor }),
    ).map(({ id }) => id);
    return ids.length > 0 ? [{ group: groupName(group), ids }] : [];
  });
}
