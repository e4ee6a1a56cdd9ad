import { pathCause } from './resisting';

/** A return damper or grille that closes the way. */
export const returnShut = pathCause({
  id: 'returnShut',
  group: 'returnSide',
  name: 'a shut return',
  stage: 'returnDuct',
  at: ({ layout }) => layout !== 'makeUpAir',
  shownBy: [{ item: 'dampers', states: ['fire'] }],
  clearedBy: [],
  range: { mild: 4, bad: 10 },
  usual: 6,
  prior: 4,
  signs: 'High suction before the filter; whistling.',
  settledBy: { reading: 'port', tells: 'R0 behind the grille against R1, to find where suction starts.' },
  caution: 'fireDamper',
});
