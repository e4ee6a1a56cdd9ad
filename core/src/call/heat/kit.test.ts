import type { Check } from '../checks';
import { kitReading } from './kit';

const read = (values: Readonly<Record<string, number>>) =>
  kitReading(new Map(Object.entries(values).map(([point, value]): [string, Check] => [point, { point, value }])));
const sentences = (kit: ReturnType<typeof read>) => kit!.lines.map(({ sentence }) => sentence).join(' ');

test('nothing is said before volts and one circuit are read', () => {
  expect(read({})).toBeUndefined();
  expect(read({ kitVolts: 240 })).toBeUndefined();
  expect(read({ kitAmps1: 20 })).toBeUndefined();
});

test('208 is judged as 208: a 10 kW kit gives three quarters and is still a 10 kW kit', () => {
  const kit = read({ kitVolts: 208, kitAmps1: 36.1, kitPlateKw: 10 })!;
  expect(kit.watts).toBeCloseTo(208 * 36.1, 6);
  expect(kit.kitKw).toBe(10);
  expect(sentences(kit)).toMatch(/all of it heats/);
  expect(sentences(kit)).toMatch(/At 208 V a kit puts out 75 % of its rating/);
});

test('an element of three that is out is told from the nameplate', () => {
  const kit = read({ kitVolts: 240, kitAmps1: 41.7, kitAmps2: 0, kitPlateKw: 15 });
  expect(kit!.lines.filter(({ word }) => word === 'outside').map(({ id }) => id)).toEqual(['plate', 'dead2']);
  expect(sentences(kit)).toMatch(/10\.0 kW at 240 V of 15\.0 on the nameplate/);
  expect(sentences(kit)).toMatch(/Circuit 2 draws nothing/);
});

test.each([
  [50, 'inside', /right for 125 %/],
  [60, 'outside', /larger than the 50 A.*licensed electrician/],
  [45, 'outside', /under the 50 A/],
] as const)('a breaker of %d A for 36 A of heat with the blower on it is %s', (kitBreakerA, word, words) => {
  const line = read({ kitVolts: 208, kitAmps1: 36, kitBlowerAmps: 4, kitBreakerA })!.lines.find(
    ({ id }) => id === 'breaker',
  )!;
  expect(line.word).toBe(word);
  expect(line.sentence).toMatch(words);
});

test('what else is on the breaker is asked, never taken', () => {
  const kit = (state?: string, kitBlowerAmps?: number) => {
    const figures = {
      kitVolts: 240,
      kitAmps1: 36,
      kitBreakerA: 50,
      ...(kitBlowerAmps === undefined ? {} : { kitBlowerAmps }),
    };
    const checks = Object.entries(figures).map(([point, value]): [string, Check] => [point, { point, value }]);
    if (state) checks.push(['kitSharing', { point: 'kitSharing', state }]);
    const { leastBreakerA, lines } = kitReading(new Map(checks))!;
    return [leastBreakerA, lines.find(({ id }) => id === 'breaker')!.word] as const;
  };
  expect(kit()).toEqual([undefined, 'cantSay']);
  expect(kit('blower')).toEqual([undefined, 'cantSay']);
  expect(kit('other', 4)).toEqual([undefined, 'cantSay']);
  expect(kit('alone')).toEqual([45, 'outside']);
  expect(kit('blower', 4)).toEqual([50, 'inside']);
});

test('the blower’s own amps count, and over 100 A no one breaker is named', () => {
  expect(read({ kitVolts: 240, kitAmps1: 36, kitBlowerAmps: 0.2 })!.leastBreakerA).toBe(50);
  expect(read({ kitVolts: 240, kitAmps1: 36, kitBlowerAmps: 8 })!.leastBreakerA).toBe(60);
  const large = read({ kitVolts: 240, kitAmps1: 90 })!;
  expect(large.leastBreakerA).toBeUndefined();
  expect(sentences(large)).toMatch(/needs more than one circuit/);
});
