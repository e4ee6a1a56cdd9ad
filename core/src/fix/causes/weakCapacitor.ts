import { slowFan } from './cause';

/** A run capacitor that lost its value: the motor turns slower and draws more. */
export const weakCapacitor = slowFan({
  id: 'weakCapacitor',
  group: 'fan',
  name: 'a weak run capacitor',
  at: ({ motor }) => motor === 'psc',
  shownBy: [{ item: 'capacitor', states: ['weak', 'bulged'] }],
  clearedBy: [{ item: 'capacitor', states: ['good'] }],
  range: { mild: 0.95, bad: 0.85 },
  usual: 0.9,
  prior: 7,
  signs: 'All statics low, high amps, hum.',
  settledBy: {
    reading: 'microfarads',
    tells: 'its µF against the rating. A weak one slows the motor on every tap.',
  },
  lag: { cause: 'capacitor', acts: 'speed' },
  mendedBy: 'runCapacitor',
  caution: 'capacitor',
});
