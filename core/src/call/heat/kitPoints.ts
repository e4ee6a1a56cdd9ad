import type { CheckPoint } from '../checks/checkPoint';
import type { PowerState } from '../checks/powerState';
import type { ToolUnit } from '../../base/forms/tool';

const figure = (
  id: string,
  name: string,
  where: string,
  [unit, min, max]: readonly [ToolUnit, number, number],
  power: PowerState,
): CheckPoint => ({
  id,
  name,
  where,
  number: { unit, min, max, outcome: () => 'good' },
  expects: 'as read',
  power,
  minutes: 2,
});

/** An electric heater read circuit by circuit, with its breaker. */
export const KIT_POINTS: readonly CheckPoint[] = [
  figure('kitVolts', 'Volts, all heat on', 'at the heater’s breaker, heating', ['volts', 90, 600], 'live'),
  figure('kitAmps1', 'Circuit 1', 'clamp on one wire of it, all heat on', ['amps', 0, 120], 'live'),
  figure('kitAmps2', 'Circuit 2', 'clamp on one wire of it; 0 when it draws nothing', ['amps', 0, 120], 'live'),
  figure('kitAmps3', 'Circuit 3', 'clamp on one wire of it; 0 when it draws nothing', ['amps', 0, 120], 'live'),
  {
    id: 'kitSharing',
    power: 'seen',
    name: 'On the same breaker',
    where: 'the largest circuit, by its wires and label',
    states: [
      { id: 'alone', text: 'nothing else' },
      { id: 'blower', text: 'the blower' },
      { id: 'other', text: 'something else' },
    ],
    noteLabel: 'What else',
    expects: 'known before the breaker is judged',
    minutes: 2,
  },
  figure(
    'kitBlowerAmps',
    'Amps of the blower',
    'clamp on its wire, when it is on that circuit',
    ['amps', 0, 40],
    'live',
  ),
  figure('kitBreakerA', 'Breaker of the largest', 'as stamped on its handle', ['amps', 10, 200], 'seen'),
  figure('kitPlateKw', 'Kit on nameplate, kW', 'as named at 240 V', ['factor', 0.5, 60], 'seen'),
];
