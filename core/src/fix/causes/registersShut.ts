import { pathCause } from './resisting';

/** Dampers or registers that stand closed. */
export const registersShut = pathCause({
  id: 'registersShut',
  group: 'supplySide',
  name: 'closed dampers or registers',
  stage: 'supplyDuct',
  at: () => true,
  shownBy: [{ item: 'dampers', states: ['closed'] }],
  clearedBy: [{ item: 'dampers', states: ['open'] }],
  range: { mild: 2, bad: 4.5 },
  usual: 2.5,
  prior: 10,
  signs: 'Static is high after the coil; some outlets have no air.',
  settledBy: { reading: 'port', tells: 'the supply static once all are open.' },
  mendedBy: 'openDamper',
  caution: 'fireDamper',
});
