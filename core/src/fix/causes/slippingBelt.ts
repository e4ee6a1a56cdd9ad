import { slowFan } from './cause';

/** A belt that slips: the blower turns slower than its sheaves say. */
export const slippingBelt = slowFan({
  id: 'slippingBelt',
  group: 'fan',
  name: 'a slipping belt',
  at: ({ motor }) => motor === 'beltDrive',
  shownBy: [{ item: 'belt', states: ['slack', 'glazed'] }],
  clearedBy: [{ item: 'belt', states: ['good'] }],
  range: { mild: 0.97, bad: 0.8 },
  usual: 0.9,
  prior: 10,
  signs: 'RPM below the sheave ratio, low amps, dust, squeal.',
  settledBy: { reading: 'rpm', tells: 'blower RPM against its sheaves, to find belt slip.' },
  lag: { cause: 'slip', acts: 'speed' },
  mendedBy: 'newBelt',
  caution: 'rotating',
});
