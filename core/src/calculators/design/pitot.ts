import { shownText, shownWords } from '../../base/words';
import { densityOf, velocityFpm } from '../../air/moistAir';
import { AIR_FIELDS, airFacts, airLine } from '../fields/airFields';
import { defineTool } from '../../base/forms/tool';

/** Velocity from a velocity pressure. @source ASHRAE Standard 111 @example 0.010 in. w.c. at 0.075 lb/cu ft → 400 fpm */
export const pitot = defineTool({
  id: 'pitot',
  name: 'Pitot velocity',
  group: 'Air',
  says: 'Air velocity from velocity pressures: convert each one, then average.',
  fields: {
    pressures: { kind: 'list', label: 'Velocity pressures', unit: 'inWc', min: 0, max: 5, least: 1, most: 60 },
    ...AIR_FIELDS,
  },
  solve(v) {
    const density = densityOf(airFacts(v));
    const velocities = v.pressures.map((vp) => velocityFpm(vp, density));
    const mean = velocities.reduce((sum, fpm) => sum + fpm, 0) / velocities.length;
    const wrong = velocityFpm(v.pressures.reduce((sum, vp) => sum + vp, 0) / v.pressures.length, density);
    return {
      ok: true,
      headline: { label: 'mean velocity', value: mean, unit: 'fpm', source: 'computed' },
      lines: [
        {
          label: 'averaging pressures (wrong)',
          value: wrong,
          unit: 'fpm',
          source: 'computed',
          note: 'reads high',
        },
        airLine(density),
      ],
      formula: 'V = 1096.7 × √(VP ÷ ρ) for each, then the average',
      notes:
        mean < 700
          ? [`A pitot tube is unreliable under ${shownText(600, 'fpm')} to ${shownWords(700, 'fpm')}. Use a hot wire.`]
          : [],
    };
  },
});
