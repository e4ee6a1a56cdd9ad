import { airflowAgainst, isTooUnsure, oddsInBand } from './airflowVerdict';
import { DEFAULT_RULES } from './rules';
import { targetOf } from './target';

const target = targetOf(3, DEFAULT_RULES);
const { lowCfm, highCfm } = target;
const against = (flowCfm: number, sigmaCfm: number, why?: string) =>
  airflowAgainst({ flowCfm, sigmaCfm }, target, 3, why);

describe('an airflow against its band', () => {
  test('the odds are those of a normal: two thirds within one σ, a half at the foot, few far off', () => {
    expect(oddsInBand({ flowCfm: 1200, sigmaCfm: 120 }, target)).toBeCloseTo(0.683, 3);
    expect(oddsInBand({ flowCfm: lowCfm, sigmaCfm: 20 }, target)).toBeCloseTo(0.5, 3);
    expect(oddsInBand({ flowCfm: 700, sigmaCfm: 60 }, target)).toBeLessThan(0.001);
  });
  test('more doubt spreads the odds, and never makes a middle surer', () => {
    const odds = [20, 60, 120, 240].map((sigmaCfm) => oddsInBand({ flowCfm: 1200, sigmaCfm }, target));
    expect([...odds].sort((a, b) => b - a)).toEqual(odds);
  });
  test('σ as wide as the band’s half is the last that gives a word', () => {
    const half = (highCfm - lowCfm) / 2;
    expect(isTooUnsure({ flowCfm: 1000, sigmaCfm: half }, target)).toBe(false);
    expect(isTooUnsure({ flowCfm: 1000, sigmaCfm: half + 0.1 }, target)).toBe(true);
  });
  test('above the band σ counts as a share, so that 10 % of more air is no more doubt', () => {
    expect(isTooUnsure({ flowCfm: 1600, sigmaCfm: 160 }, target)).toBe(false);
    expect(isTooUnsure({ flowCfm: 1600, sigmaCfm: 162 }, target)).toBe(true);
  });
  test.each<[number, number, string, string]>([
    [900, 60, 'outside', 'below the target'],
    [1200, 60, 'inside', 'within the target'],
    [1500, 60, 'outside', 'above the target'],
    [1200, 200, 'cantSay', 'too uncertain for the target'],
  ])('%s ± %s CFM is %s, and says so', (flowCfm, sigmaCfm, word, says) => {
    const verdict = against(flowCfm, sigmaCfm);
    expect(verdict.word).toBe(word);
    expect(verdict.sentence).toContain(says);
    expect(verdict.sentence).toMatch(/% likely within it\./);
  });
  test('a reason goes before σ, and is in the sentence', () => {
    expect(against(1200, 30, 'The wheel is caked.')).toMatchObject({
      word: 'cantSay',
      sentence: expect.stringContaining('The wheel is caked.'),
    });
  });
});
