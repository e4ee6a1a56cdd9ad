import { fanSpeeds } from '../../air/fan';
import { onTap, type System } from '../../air/system';
import type { Cause } from './cause';

/** A speed lead or switch that is not where it is thought to be: everything in proportion. */
export const wrongTap: Cause = {
  id: 'wrongTap',
  group: 'fan',
  name: 'a different speed than entered',
  kind: 'slowFan',
  at: ({ motor }) => motor !== 'beltDrive',
  shownBy: [],
  hintedBy: [{ item: 'speedLead', states: ['other'] }],
  clearedBy: [{ item: 'speedLead', states: ['asEntered'] }],
  range: { mild: 1, bad: 2 },
  usual: 1,
  prior: 12,
  signs: 'Static and airflow are both lower (or higher) in proportion.',
  settledBy: { reading: 'look', tells: 'which lead is live, or the switch setting.' },
  mendedBy: 'changeTap',
  isPossible: ({ fan }) => fanSpeeds(fan).length > 1,
  caution: 'lockOut',
  apply: (system, severity) => stepped(system, severity < 0.5 ? -1 : -2),
  opposite: (system, severity) => stepped(system, severity < 0.5 ? 1 : 2),
};

/** The system so many speeds higher; itself where it has no such speed. */
function stepped(system: System, steps: number): System {
  const taps = fanSpeeds(system.fan);
  const here = taps.indexOf(system.fan.tap);
  const tap = taps[here + steps];
  return here < 0 || tap === undefined ? system : onTap(system, tap);
}
