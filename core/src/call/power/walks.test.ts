import { cases, inTurn } from '../../../fixtures/longRun';
import { plausiblePairs, walk } from '../../../fixtures/walks';
import type { CheckContext } from '../checks';
import { gasFurnace } from '../heat/gasFurnace';
import { POWER_SCHEMES } from './schemes';

const context: CheckContext = { lineVolts: 240, ratedMicrofarads: 10 };
const SCHEMES = [...POWER_SCHEMES, gasFurnace].map((scheme) => ({ id: scheme.id, scheme }));

describe.each(SCHEMES)('$id', ({ scheme }) => {
  test('each cause by itself is found, and nothing else on the way', () => {
    for (const cause of Object.keys(scheme.causes))
      expect(walk(scheme, [cause], context)).toMatchObject({ causes: [cause], ended: [cause], wrong: [] });
  });

  test('each plausible pair is found one after the other, and nothing else on the way', () => {
    const off = inTurn(plausiblePairs(scheme))
      .map((pair) => walk(scheme, pair, context))
      .filter(({ causes, ended, wrong }) => wrong.length > 0 || ended.length < causes.length);
    expect(
      off.map(({ causes, ended, wrong }) => `${causes.join(' + ')}: ${ended.join(', ')}; wrong ${wrong.join(', ')}`),
    ).toEqual([]);
  });
});

test('with one answer in twenty wrong, a wrong cause is named in fewer than one walk in twenty-five', () => {
  const walks = SCHEMES.flatMap(({ scheme }) =>
    Object.keys(scheme.causes).flatMap((cause, i) =>
      inTurn([1, 2, 3], 3).map((seed) => walk(scheme, [cause], context, { slips: 0.05, seed: 100 * seed + i })),
    ),
  );
  expect(walks.length).toBeGreaterThan(cases(300, 100));
  expect(walks.filter(({ wrong }) => wrong.length > 0).length / walks.length).toBeLessThan(0.04);
  expect(walks.filter(({ ended }) => ended.length > 0).length / walks.length).toBeGreaterThan(0.88);
});
