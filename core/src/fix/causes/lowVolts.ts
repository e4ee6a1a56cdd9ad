import { slowFan } from './cause';

/** Line voltage under the motor’s: a PSC motor turns slower. */
export const lowVolts = slowFan({
  id: 'lowVolts',
  group: 'fan',
  name: 'low line voltage',
  at: ({ motor }) => motor === 'psc',
  shownBy: [{ item: 'supplyVolts', states: ['low'] }],
  clearedBy: [{ item: 'supplyVolts', states: ['good'] }],
  range: { mild: 0.97, bad: 0.91 },
  usual: 0.94,
  prior: 4,
  signs: 'Looks like a weak capacitor, but the capacitor is good.',
  settledBy: { reading: 'volts', tells: 'volts under load at the motor.' },
  lag: { cause: 'volts', acts: 'speed' },
});
