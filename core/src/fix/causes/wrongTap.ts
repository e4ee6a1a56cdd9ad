import { fanSpeeds } from '../../air/fan';
import { onTap } from '../../air/system';
import type { Cause } from './cause';

/** A speed lead or switch that is not where it is thought to be: everything in proportion. */
export const wrongTap: Cause = {
  id: 'wrongTap',
  name: 'a different speed than entered',
  kind: 'slowFan',
  at: ({ motor }) => motor !== 'beltDrive',
  shownBy: [],
  clearedBy: [],
  range: { mild: 1, bad: 2 },
  usual: 1,
  prior: 12,
  signs: 'Static and airflow are both lower (or higher) in proportion.',
  settledBy: { reading: 'look', tells: 'which lead is live, or the switch setting.' },
  mendedBy: 'changeTap',
  caution: 'lockOut',
  apply(system, severity) {
    const taps = fanSpeeds(system.fan);
    const lower = taps[taps.indexOf(system.fan.tap) - (severity < 0.5 ? 1 : 2)] ?? taps[0];
    return lower === undefined ? system : onTap(system, lower);
  },
};
