import { splitOf } from './sureness';

describe('a difference from the table', () => {
  test('is split by the two errors that add up to it', () => {
    const { seen, sigmaShare } = splitOf(0.06, 0.1);
    expect(seen).toBeCloseTo(0.0036 / 0.0136, 6);
    expect(sigmaShare).toBeCloseTo(0.0514, 3);
    expect(splitOf(0.1, 0.1).seen).toBeCloseTo(0.5, 9);
  });
  test('says nothing of a loss where no table was used', () => {
    expect(splitOf(0.06, undefined)).toEqual({ seen: 0, sigmaShare: 0.06 });
  });
  test('belongs to the table where nothing is lost', () => {
    expect(splitOf(0, 0.1)).toEqual({ seen: 0, sigmaShare: 0 });
  });
  test('leaves the loss as sure as it was when the two are put together again', () => {
    // The part that follows the difference and the part that stays open add up to the variance of before.
    const { seen, sigmaShare } = splitOf(0.06, 0.1);
    expect(Math.hypot(seen * Math.hypot(0.06, 0.1), sigmaShare)).toBeCloseTo(0.06, 9);
  });
});
