import { hasSpeed, fanSpeeds } from '../../air/fan';
import { onTap } from '../../air/system';
import { cannot, defineMove, moved } from './move';

/** Another tap, switch setting or RPM of the same blower. The search for a plan tries each; a technician picks one. */
export const changeTap = defineMove({
  id: 'changeTap',
  name: 'Blower speed',
  done: 'Changed the blower speed.',
  touches: 'speed',
  does: 'changesSpeed',
  fields: { tap: { kind: 'text', label: 'Speed', most: 16 } },
  cautions: ['lockOut', 'unusedLeads'],
  minutes: 10,
  cost: 0,
  applies: () => 'A different speed moves a different airflow.',
  defaults: (system) => ({ tap: system.fan.tap }),
  says: ({ tap }, system) => `${system.fan.tap} to ${tap}`,
  apply(system, { tap }) {
    if (!hasSpeed(system.fan, tap))
      return cannot(
        system.fan.usual
          ? `No typical curve for the speed ${tap}. Choose ${fanSpeeds(system.fan).join(', ')}.`
          : `The blower table has no ${tap}. Choose one of its taps.`,
        'tap',
      );
    return moved(onTap(system, tap));
  },
});
