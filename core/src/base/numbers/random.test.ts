import { normal, seededRandom } from './random';

const draws = (seed: number, n: number) => {
  const random = seededRandom(seed);
  return Array.from({ length: n }, random);
};

test('the same seed gives the same numbers, another seed others', () => {
  expect(draws(7, 5)).toEqual(draws(7, 5));
  expect(draws(7, 5)).not.toEqual(draws(8, 5));
});

test('they lie evenly between 0 and 1', () => {
  const numbers = draws(1, 20_000);
  expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...numbers)).toBeLessThan(1);
  for (let i = 0; i < 10; i += 1) {
    const share = numbers.filter((x) => x >= i / 10 && x < (i + 1) / 10).length / numbers.length;
    expect(Math.abs(share - 0.1)).toBeLessThan(0.01);
  }
});

test('normal numbers have mean 0 and deviation 1, two thirds of them within one', () => {
  const random = seededRandom(3);
  const numbers = Array.from({ length: 20_000 }, () => normal(random));
  const mean = numbers.reduce((sum, x) => sum + x, 0) / numbers.length;
  const deviation = Math.sqrt(numbers.reduce((sum, x) => sum + (x - mean) ** 2, 0) / numbers.length);
  expect(Math.abs(mean)).toBeLessThan(0.03);
  expect(Math.abs(deviation - 1)).toBeLessThan(0.03);
  expect(Math.abs(numbers.filter((x) => Math.abs(x) < 1).length / numbers.length - 0.6827)).toBeLessThan(0.015);
});
