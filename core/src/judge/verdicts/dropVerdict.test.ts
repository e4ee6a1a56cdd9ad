import fc from 'fast-check';
import { moistAir } from '../../air/moistAir';
import { predictCoil } from '../../air/coil';
import { DEFAULT_RULES } from './rules';
import { judgeDrop, judgeRise } from './dropVerdict';

const air = { tons: 3, returnF: 75, moisture: 'wetBulb', returnWetF: 62.5, outdoorF: 95 };
const flow = { flowCfm: 1200, sigmaCfm: 60 };
const judge = (supplyF: number, rules = DEFAULT_RULES, at: typeof flow | undefined = flow) =>
  judgeDrop({ ...air, supplyF }, at, rules, ['a reading']);
const predicted = predictCoil({ tons: 3, entering: moistAir(75, { wetBulbF: 62.5 }), outdoorF: 95 }, 1200).dropF;

describe('return and supply temperature alone', () => {
  const two = { returnF: 75, tons: 3, moisture: 'wetBulb' };
  const alone = (supplyF: number) => judgeDrop({ ...two, supplyF }, flow, DEFAULT_RULES, ['a reading']);
  const known = (supplyF: number) => judgeDrop({ ...air, supplyF }, flow, DEFAULT_RULES, ['a reading']);
  const width = ({ limit }: ReturnType<typeof judgeDrop>) => limit!.high - limit!.low!;

  test('keep a split, judged by usual moisture and outdoor air with a wider doubt', () => {
    const verdict = alone(75 - predicted);
    expect(verdict.word).toBe('inside');
    expect(verdict.value).toBeCloseTo(predicted, 6);
    expect(width(verdict)).toBeGreaterThan(1.4 * width(known(75 - predicted)));
    expect(verdict.sentence).toMatch(/50 % humidity and 90 °F outdoors assumed: measure to narrow it\.$/);
    expect(verdict.working.inputs.filter(({ source }) => source === 'assumed')).toHaveLength(2);
  });
  test('a split that no coil gives is still outside', () => {
    expect(alone(75 - predicted + 12).word).toBe('outside');
  });
  test('without tons the rule of thumb judges it', () => {
    const { limit } = judgeDrop({ returnF: 75, supplyF: 56, moisture: 'rh' }, flow, DEFAULT_RULES, []);
    expect(limit?.name).toContain('rule of thumb');
  });
});

describe('the strong school', () => {
  test('the predicted drop is inside, with the band of the airflow’s error and the readings behind it', () => {
    const verdict = judge(75 - predicted);
    expect(verdict).toMatchObject({ word: 'inside', limit: { source: 'computed' }, readingIds: ['a reading'] });
    expect(verdict.limit!.low).toBeLessThan(predicted - 1.5);
    expect(verdict.limit!.high).toBeGreaterThan(predicted + 1.5);
    expect(verdict.working.inputs.map((input) => input.name)).toContain('predicted drop');
  });

  test('too much and too little are said with what they point to', () => {
    expect(judge(75 - predicted - 6).sentence).toContain('High: low airflow');
    expect(judge(75 - predicted + 6).sentence).toContain('refrigerant side or a return leak');
  });

  test('the surer the airflow, the narrower the band', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 200, noNaN: true }), (sigmaCfm) => {
        const width = (sigma: number) => {
          const { limit } = judge(55, DEFAULT_RULES, { flowCfm: 1200, sigmaCfm: sigma });
          return limit!.high - limit!.low!;
        };
        expect(width(sigmaCfm)).toBeLessThan(width(sigmaCfm + 10));
      }),
    );
  });

  test('humidity instead of a wet bulb gives the same verdict for the same air', () => {
    const returnRhPercent = 100 * moistAir(75, { wetBulbF: 62.5 }).relativeHumidity;
    const byHumidity = judgeDrop(
      { ...air, returnWetF: undefined, moisture: 'rh', returnRhPercent, supplyF: 54 },
      flow,
      DEFAULT_RULES,
      [],
    );
    expect(byHumidity.limit!.high).toBeCloseTo(judge(54).limit!.high, 2);
  });
});

describe('the weak school', () => {
  const weak = { ...DEFAULT_RULES, dropSchool: 'ruleOfThumb' as const };
  test.each([
    [56, 'inside'],
    [58.8, 'atTheEdge'],
    [60, 'outside'],
    [50, 'outside'],
  ])('supply %p is %s', (supplyF, word) => expect(judge(supplyF, weak).word).toBe(word));

  test('is named as a rule of thumb, and stands in while the airflow is not known', () => {
    expect(judge(56, weak).limit).toMatchObject({ source: 'ruleOfThumb', name: 'usual drop, rule of thumb' });
    expect(judgeDrop({ ...air, supplyF: 56 }, undefined, DEFAULT_RULES, []).sentence).toContain('Missing: airflow');
    // Outside the coil model's range the prediction is not used either.
    expect(judge(56, DEFAULT_RULES, { flowCfm: 3000, sigmaCfm: 100 }).limit!.source).toBe('ruleOfThumb');
  });
});

test('nothing read: can’t say, with what is missing', () => {
  const verdict = judgeDrop(undefined, flow, DEFAULT_RULES, []);
  expect(verdict.word).toBe('cantSay');
  expect(verdict.value).toBeUndefined();
  expect(verdict.sentence).toBe('Missing: return and supply temperatures.');
});

test.each([
  [45, 'inside', ''],
  [59, 'atTheEdge', ''],
  [65, 'outside', 'limits will trip'],
  [25, 'outside', 'may condense'],
])('a rise of %p °F on a nameplate of 30 to 60 is %s', (riseF, word, says) => {
  const verdict = judgeRise(riseF, { min: 30, max: 60 }, []);
  expect(verdict.word).toBe(word);
  expect(verdict.sentence).toContain(says);
});
