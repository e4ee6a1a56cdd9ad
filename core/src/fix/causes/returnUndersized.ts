import { pathCause } from './resisting';

/** A return duct or grille too small for the air. */
export const returnUndersized = pathCause({
  id: 'returnUndersized',
  group: 'returnSide',
  name: 'a return that is too small',
  stage: 'returnDuct',
  at: ({ layout }) => layout !== 'makeUpAir',
  shownBy: [],
  hintedBy: [{ item: 'returnSize', states: ['small'] }],
  clearedBy: [{ item: 'returnSize', states: ['enough'] }],
  range: { mild: 2, bad: 3.5 },
  usual: 2.5,
  prior: 25,
  signs: 'Suction is high before the filter already; filter out helps little.',
  settledBy: { reading: 'port', tells: 'how much suction is before the filter.' },
  mendedBy: 'enlargeReturn',
  caution: 'ductCode',
});
