import { slowFan } from './cause';

/** A dehumidify switch on without its sensor: the request is cut for good. */
export const dehumidifySwitch = slowFan({
  id: 'dehumidifySwitch',
  group: 'fan',
  name: 'a dehumidify switch without its sensor',
  at: ({ motor }) => motor === 'constantAirflow',
  shownBy: [{ item: 'dehumidify', states: ['on'] }],
  clearedBy: [{ item: 'dehumidify', states: ['off'] }],
  range: { mild: 0.88, bad: 0.82 },
  usual: 0.85,
  prior: 4,
  signs: 'Everything is low in proportion; fewer flashes.',
  settledBy: { reading: 'flashes', tells: 'the flash count against the switch table.' },
  lag: { cause: 'dehumidify', acts: 'flow' },
  mendedBy: 'dehumidifyOff',
});
