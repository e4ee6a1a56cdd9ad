import { explainedUnit } from '../../../fixtures/explained';
import { causeOf } from '../causes';
import { comparedReadings } from './compared';
import { explain, explainNow, type Explanation } from './explain';
import { isResolved } from './resolved';

const chanceOf = ({ causes }: Explanation, id: string) => causes.find((one) => one.id === id)?.share ?? 0;
const groupOf = ({ groups }: Explanation, id: string) => groups.find((one) => one.id === id)?.share ?? 0;

/** What is said before pairs of causes were tried: quick. */
function firstAnswer(request: ReturnType<typeof explainedUnit>): Explanation {
  for (const { answer } of explain(request)) if (answer) return answer;
  throw new Error('no answer');
}

/** Statics of a healthy unit of the fixture, and of one with its filter loaded. */
const HEALTHY = { R1: -0.09, R2: -0.17, S1: 0.25, S2: 0.09 };
const LOADED = { R1: -0.08, R2: -0.33, S1: 0.21, S2: 0.07 };

test('everything that may be is one: explanations, a healthy unit, none of the causes', () => {
  const { explanations, unexplained, causes, groups } = explainNow(explainedUnit(LOADED));
  const sum = explanations.reduce((all, { share }) => all + share, unexplained);
  expect(sum).toBeGreaterThan(0.8);
  expect(sum).toBeLessThanOrEqual(1 + 1e-9);
  for (const { share } of [...causes, ...groups]) expect(share).toBeLessThanOrEqual(1 + 1e-9);
});

test('the same request gives the same answer', () => {
  const request = explainedUnit({ ...LOADED, drop: 24 });
  expect(firstAnswer(request)).toEqual(firstAnswer(request));
});

test('a first answer comes when each cause was tried alone; the last one knows pairs as well', () => {
  const answers = [...explain(explainedUnit(LOADED))].flatMap(({ answer }) => answer ?? []);
  expect(answers).toHaveLength(2);
  expect(answers[0]!.explanations.every(({ causes }) => causes.length < 2)).toBe(true);
  expect(answers[1]!.explanations.some(({ causes }) => causes.length === 2)).toBe(true);
  expect(answers[0]!.causes[0]!.id).toBe(answers[1]!.causes[0]!.id);
});

describe('names the side first', () => {
  test('a filter that takes too much', () => {
    const answer = explainNow(explainedUnit(LOADED));
    expect(answer.groups[0]!.id).toBe('filter');
    expect(groupOf(answer, 'filter')).toBeGreaterThan(0.85);
    expect(answer.fit).toBe('good');
  });
  test('a choked return', () => {
    const answer = explainNow(explainedUnit({ R1: -0.29, R2: -0.36, S1: 0.2, S2: 0.07 }));
    expect(answer.groups[0]!.id).toBe('returnSide');
    expect(answer.causes[0]!.id).toBe('returnUndersized');
  });
  test('a slow fan: everything low in proportion', () => {
    const answer = firstAnswer(explainedUnit({ R1: -0.05, R2: -0.1, S1: 0.14, S2: 0.05, airflow: 850 }));
    expect(answer.groups[0]!.id).toBe('fan');
  });
  test('the refrigerant side: air as it should be, little drop, the gauges of a short charge', () => {
    const gauges = { evaporating: 36, condensing: 109, superheat: 33, subcooling: 0 };
    const answer = explainNow(explainedUnit({ ...HEALTHY, drop: 17, ...gauges }));
    expect(answer.causes[0]).toMatchObject({ id: 'lowCharge' });
    expect(chanceOf(answer, 'lowCharge')).toBeGreaterThan(0.95);
    expect(isResolved(answer)).toBe(true);
  });
});

test('the refrigerant side is not named before a drop or gauges were read', () => {
  expect(groupOf(firstAnswer(explainedUnit(HEALTHY)), 'refrigerant')).toBe(0);
  expect(groupOf(firstAnswer(explainedUnit({ ...HEALTHY, drop: 14 })), 'refrigerant')).toBeGreaterThan(0.3);
});

describe('what was seen', () => {
  const caked = { item: 'wheel', state: 'caked' };
  const slow = { R1: -0.05, R2: -0.1, S1: 0.14, S2: 0.05 };
  test('raises what it shows, and a clean one lowers it', () => {
    const [seen, plain, clean] = [
      firstAnswer(explainedUnit(slow, { looks: [caked] })),
      firstAnswer(explainedUnit(slow)),
      firstAnswer(explainedUnit(slow, { looks: [{ item: 'wheel', state: 'clean' }] })),
    ];
    expect(chanceOf(seen, 'wheelCaked')).toBeGreaterThan(2 * chanceOf(plain, 'wheelCaked'));
    expect(chanceOf(clean, 'wheelCaked')).toBeLessThan(0.5 * chanceOf(plain, 'wheelCaked'));
  });
  test('and was fixed since, counts as not there', () => {
    const fixed = firstAnswer(explainedUnit(slow, { looks: [{ ...caked, outcome: 'dealtWith' }] }));
    expect(chanceOf(fixed, 'wheelCaked')).toBeLessThan(chanceOf(firstAnswer(explainedUnit(slow)), 'wheelCaked'));
  });
});

test('a complaint and the shop’s own odds move what is likely before the readings', () => {
  const read = { R2: -0.16, S1: 0.24 };
  const plain = firstAnswer(explainedUnit(read));
  expect(chanceOf(firstAnswer(explainedUnit(read, { complaint: 'freezing' })), 'iced')).toBeGreaterThan(
    chanceOf(plain, 'iced'),
  );
  const often = firstAnswer(explainedUnit(read, { odds: { wheelCaked: 60 } }));
  expect(chanceOf(often, 'wheelCaked')).toBeGreaterThan(3 * chanceOf(plain, 'wheelCaked'));
});

describe('bad input gets an honest answer', () => {
  const isSane = (answer: Explanation) => {
    for (const { share } of [...answer.causes, ...answer.explanations, ...answer.groups]) {
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1 + 1e-9);
    }
    for (const { bits, outcomes } of answer.next) {
      expect(Number.isFinite(bits)).toBe(true);
      for (const { chance } of outcomes) expect(Number.isFinite(chance)).toBe(true);
    }
  };
  test('nothing read: what is usual, nothing resolved', () => {
    const answer = firstAnswer(explainedUnit({}));
    isSane(answer);
    expect(isResolved(answer)).toBe(false);
    expect(answer.causes[0]!.share).toBeLessThan(0.4);
  });
  test('one reading alone resolves nothing', () => {
    const answer = firstAnswer(explainedUnit({ R2: -0.45 }));
    isSane(answer);
    expect(isResolved(answer)).toBe(false);
  });
  test('readings that contradict each other: a poor fit, nothing resolved', () => {
    const answer = explainNow(explainedUnit({ R1: -0.4, R2: -0.04, S1: 0.05, S2: 0.6, airflow: 2400 }));
    isSane(answer);
    expect(answer.fit).toBe('poor');
    expect(isResolved(answer)).toBe(false);
  });
  test('far out of anything that runs', () => {
    for (const read of [
      { R2: -3, S1: 4 },
      { R2: 0, S1: 0 },
      { drop: 60 },
      { airflow: 1 },
      { superheat: 200, drop: -5 },
    ])
      isSane(firstAnswer(explainedUnit(read)));
  });
});

describe('what to read next', () => {
  test('parts return from filter by the port between them', () => {
    const { next } = firstAnswer(explainedUnit({ R2: -0.33, S1: 0.24 }));
    expect(next[0]!.option.id).toBe('R1');
    const causes = next[0]!.outcomes.map(({ cause }) => cause && causeOf(cause)!.group);
    expect(causes).toContain('returnSide');
    expect(causes).toContain('filter');
  });
  test('is worth less for its minutes once it is known', () => {
    const before = firstAnswer(explainedUnit({ R2: -0.33, S1: 0.24 }));
    const after = firstAnswer(explainedUnit({ R1: -0.08, R2: -0.33, S1: 0.24 }));
    const bits = ({ next }: Explanation, id: string) => next.find(({ option }) => option.id === id)?.bits ?? 0;
    expect(bits(after, 'filterOut')).toBeLessThan(bits(before, 'filterOut'));
    expect(bits(after, 'R1')).toBe(0);
  });
  test('amps tell a caked wheel from a weak capacitor', () => {
    const slow = explainedUnit({ R1: -0.05, R2: -0.1, S1: 0.14, S2: 0.05, airflow: 850 });
    const [amps] = firstAnswer(slow).next.filter(({ option }) => option.id === 'amps');
    expect(amps!.outcomes[0]!.cause).toBe('wheelCaked');
    expect(amps!.bits).toBeGreaterThan(0.1);
  });
  test('gauges come after the temperature drop', () => {
    const ids = (request: ReturnType<typeof explainedUnit>) => firstAnswer(request).next.map(({ option }) => option.id);
    expect(ids(explainedUnit(HEALTHY))).not.toContain('gauges');
    expect(ids(explainedUnit({ ...HEALTHY, drop: 14 }))).toContain('gauges');
  });
});

test('beside each reading stands what the explanation expects, and which readings are off', () => {
  const request = explainedUnit({ ...LOADED, S2: 0.4 });
  const answer = firstAnswer(request);
  const loaded = answer.explanations.find(({ causes }) => causes.join() === 'filterLoaded')!;
  const rows = comparedReadings(request, loaded, ['drop']);
  expect(rows.map(({ reading }) => reading)).toEqual(['R1', 'R2', 'S1', 'S2', 'drop']);
  expect(rows.find(({ reading }) => reading === 'S2')!.isOff).toBe(true);
  expect(rows.find(({ reading }) => reading === 'R2')!.isOff).toBe(false);
  expect(rows.at(-1)!.value).toBeUndefined();
});
