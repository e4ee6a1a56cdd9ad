import { slowFan } from './cause';

/** Dirt in the blades of the wheel: they no longer bite, the motor runs light. */
export const wheelCaked = slowFan({
  id: 'wheelCaked',
  group: 'fan',
  name: 'a caked blower wheel',
  at: () => true,
  shownBy: [{ item: 'wheel', states: ['caked'] }],
  clearedBy: [{ item: 'wheel', states: ['clean'] }],
  range: { mild: 0.9, bad: 0.78 },
  usual: 0.85,
  prior: 7,
  signs: 'Low static, low airflow and low amps at full RPM.',
  settledBy: { reading: 'amps', tells: 'RPM with amps: full RPM at low amps means the wheel.' },
  lag: { cause: 'wheel', acts: 'speed' },
  mendedBy: 'cleanWheel',
  caution: 'rotating',
});
