import { calibration, GROUPS } from '../../../fixtures/calibration';
import { cases } from '../../../fixtures/longRun';

/** Promises that say something: neither hopeless nor certain. */
const telling = ({ chance }: { chance: number }) => chance >= 0.2 && chance < 0.9;

// The large run, bin by bin, is `npm run bench`.
test.each(['clean', 'wheelCaked', 'slippingBelt'])('what is promised lands as often: %s', (id) => {
  const found = calibration(
    GROUPS.find((group) => group.id === id)!,
    cases(150, 60),
  ).filter(telling);
  expect(found.length).toBeGreaterThan(cases(40, 15));
  const offByUnit = new Map<number, number>();
  for (const { seed, chance, landed } of found)
    offByUnit.set(seed, (offByUnit.get(seed) ?? 0) + Number(landed) - chance);
  const off = [...offByUnit.values()].reduce((sum, value) => sum + value, 0) / found.length;
  const sigma = Math.hypot(...offByUnit.values()) / found.length;
  expect(Math.abs(off)).toBeLessThan(0.05 + 2 * sigma);
});
