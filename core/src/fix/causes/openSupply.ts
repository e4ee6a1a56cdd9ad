import { pathCause } from './resisting';

/** A supply duct open or come apart: it asks less than it should. */
export const openSupply = pathCause({
  id: 'openSupply',
  group: 'supplySide',
  name: 'an open supply duct',
  stage: 'supplyDuct',
  at: () => true,
  shownBy: [{ item: 'ducts', states: ['open'] }],
  clearedBy: [{ item: 'ducts', states: ['whole'] }],
  range: { mild: 0.49, bad: 0.09 },
  usual: 0.36,
  prior: 5,
  signs: 'Almost no supply static, high suction; warm rooms.',
  settledBy: { reading: 'outlets', tells: 'outlets and rooms, to find where air is lost.' },
  mendedBy: 'sealLeak',
  caution: 'ladder',
});
