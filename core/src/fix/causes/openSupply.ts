import { pathCause } from './resisting';

/** A supply duct open or come apart: it asks less than it should. */
export const openSupply = pathCause({
  id: 'openSupply',
  name: 'an open supply duct',
  stage: 'supplyDuct',
  at: () => true,
  shownBy: [{ item: 'ducts', states: ['open'] }],
  clearedBy: [{ item: 'ducts', states: ['whole'] }],
  range: { mild: 0.49, bad: 0.09 },
  usual: 0.36,
  prior: 5,
  signs: 'Hardly any pressure in the supply, suction up; warm rooms.',
  settledBy: { reading: 'outlets', tells: 'outlets and rooms: where the air is lost.' },
  mendedBy: 'sealLeak',
  caution: 'ladder',
});
