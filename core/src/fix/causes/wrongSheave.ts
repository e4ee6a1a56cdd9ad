import { fanRpm, hasSpeed } from '../../air/fan';
import { onTap, type System } from '../../air/system';
import { parameterOf, type Cause } from './cause';

const range = { mild: 0.95, bad: 0.75 };
const faster = { mild: 1.05, bad: 1.2 };

/** A sheave, or turns of it, that give another RPM than the plan's: no slip, another ratio. */
export const wrongSheave: Cause = {
  id: 'wrongSheave',
  group: 'fan',
  name: 'a different sheave or setting than entered',
  kind: 'slowFan',
  at: ({ motor }) => motor === 'beltDrive',
  shownBy: [],
  clearedBy: [],
  range,
  usual: 0.9,
  prior: 6,
  signs: 'RPM matches the installed sheaves, not those on record.',
  settledBy: { reading: 'rpm', tells: 'blower RPM, and the sheave’s turns open.' },
  mendedBy: 'setDrive',
  caution: 'rotating',
  apply: (system, severity) => turning(system, parameterOf({ range }, severity)),
  opposite: (system, severity) => turning(system, parameterOf({ range: faster }, severity)),
};

/** The system with its blower at a share of its RPM, where its curve knows that speed. */
function turning(system: System, share: number): System {
  const rpm = fanRpm(system.fan, system.fan.tap);
  if (rpm === undefined) return system;
  const tap = (rpm * share).toFixed(1);
  return hasSpeed(system.fan, tap) ? onTap(system, tap) : system;
}
