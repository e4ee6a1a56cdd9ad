import { explain, explainNow } from '../../fix/explain';
import { DEFAULT_RULES } from '../../judge/verdicts';
import { EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { truth } from '../../../fixtures/truth';
import type { VisitFacts } from '../assess';
import { explainRequest } from './explainRequest';
import { nextByExplanation, outcomeWords } from './nextByExplanation';

const CONTEXT = { seed: 7 };
const on = { door: 'on', filter: 'in', coil: 'wet', minutesRunning: 15 } as const;
const port = (id: 'R1' | 'R2' | 'S1', staticInWc: number, conditions: object = on) => ({
  id: `${id} ${String(staticInWc)}`,
  port: id,
  staticInWc,
  conditions: { ...on, ...conditions },
});

const visit: VisitFacts = {
  unit: { layout: 'airHandler', motor: 'constantTorque', tons: 3, maxTespInWc: 0.5, table: EXAMPLE_A_TABLE, tap: '3' },
  mode: 'cooling',
  readings: [port('R1', -0.08), port('R2', -0.36), port('S1', 0.2), port('R2', -0.15, { filter: 'out' })],
  facts: [
    {
      id: 'drop',
      kind: 'measuredDrop',
      inputs: { tons: 3, returnF: 76, returnWetF: 63, supplyF: 53, outdoorF: 92, minutes: 15, roomF: 75 },
    },
    { id: 'plate', kind: 'flowPlate', inputs: { plateCfm: 870, normalInWc: 0.2, plateInWc: 0.2 } },
  ],
};
const requestOf = (facts: VisitFacts) => {
  const request = explainRequest(facts, DEFAULT_RULES, CONTEXT);
  if ('why' in request) throw new Error(request.why);
  return request;
};

/** What is said before pairs of causes were tried: quick. */
function firstAnswer(request: ReturnType<typeof requestOf>) {
  for (const { answer } of explain(request)) if (answer) return answer;
  throw new Error('no answer');
}

test('takes everything that was read, with what each may be off by', () => {
  const { evidence, conditions, system } = requestOf(visit);
  expect(new Map(evidence.map(({ reading, value }) => [reading, value]))).toEqual(
    new Map([
      ['R1', -0.08],
      ['R2', -0.36],
      ['S1', 0.2],
      ['R2 filterOut', -0.15],
      ['drop', 23],
      ['returnOverRoom', 1],
      ['airflow', 870],
    ]),
  );
  for (const { sigma } of evidence) expect(sigma).toBeGreaterThan(0);
  expect(conditions.atCoil?.wetBulbF).toBeCloseTo(63, 2);
  expect(system.cooling?.assumed).toBe(false);
});

test('explains the visit: the filter', () => {
  const answer = explainNow(requestOf(visit));
  expect(answer.groups[0]!.id).toBe('filter');
});

test('is plain data: a worker can have it', () => {
  const request = requestOf(visit);
  expect(JSON.parse(JSON.stringify(request))).toEqual(JSON.parse(JSON.stringify(structuredClone(request))));
  expect(firstAnswer(JSON.parse(JSON.stringify(request)) as typeof request).causes[0]).toEqual(
    firstAnswer(request).causes[0],
  );
});

describe('what does not count', () => {
  test('a reading with the door off', () => {
    const open = requestOf({ ...visit, readings: [port('R2', -0.3, { door: 'off' }), port('S1', 0.2)] });
    expect(open.evidence.map(({ reading }) => reading)).not.toContain('R2');
  });
  test('a drop read before the coil was steady, or in a room out of range', () => {
    for (const inputs of [{ minutes: 4 }, { returnF: 62, supplyF: 45 }]) {
      const facts = [{ ...visit.facts[0]!, inputs: { ...visit.facts[0]!.inputs, ...inputs } }];
      expect(requestOf({ ...visit, facts }).evidence.map(({ reading }) => reading)).not.toContain('drop');
    }
  });
  test('cooling readings while it heats', () => {
    const request = requestOf({ ...visit, mode: 'heating' });
    expect(request.system.cooling).toBeUndefined();
    expect(request.evidence.map(({ reading }) => reading)).not.toContain('drop');
  });
});

test('a stop is all there is to say', () => {
  const iced = { id: 'ice', kind: 'look', inputs: { item: 'ice', state: 'coil' } } as const;
  expect(explainRequest({ ...visit, facts: [iced] }, DEFAULT_RULES, CONTEXT)).toMatchObject({
    why: expect.stringContaining('.') as string,
  });
});

test('without tons nothing healthy can be drawn', () => {
  const unit = { ...visit.unit, tons: undefined };
  expect(explainRequest({ ...visit, unit }, DEFAULT_RULES, CONTEXT)).toHaveProperty('why');
});

test('a unit without a table goes by a typical curve, known less well', () => {
  const unit = { ...visit.unit, table: undefined, tap: undefined };
  const request = requestOf({ ...visit, unit });
  expect(request.system.fan.usual).toBeDefined();
  expect(request.spread.table).toBeGreaterThan(requestOf(visit).spread.table);
  expect(firstAnswer(request).groups[0]!.id).toBe('filter');
});

test('every layout and motor can be explained', () => {
  for (const layout of ['airHandler', 'furnaceCasedCoil', 'packaged', 'makeUpAir'] as const)
    for (const motor of ['psc', 'constantTorque', 'constantAirflow', 'beltDrive'] as const) {
      const made = truth({ seed: 4, layout, motor, table: true, drop: true });
      if (!made) continue;
      const answer = firstAnswer(requestOf(made.visit));
      expect(answer.causes.length).toBeGreaterThan(3);
      for (const { share } of answer.causes) expect(Number.isFinite(share)).toBe(true);
    }
});

describe('the next thing to do', () => {
  const request = requestOf({ ...visit, readings: [port('R2', -0.33), port('S1', 0.24)], facts: [] });
  const answer = explainNow(request);
  test('is a reading where it is taken, with its minutes and what each outcome means', () => {
    const next = nextByExplanation(answer.next, request)!;
    expect(next).toMatchObject({ kind: 'port', port: 'R1', minutes: 1, words: 'Next: measure R1' });
    expect(next.why).toMatch(/^Below 0\.\d\d in\. w\.c\.: .*\. Above 0\.\d\d in\. w\.c\.: /);
  });
  test('says suction as a plain figure: the deeper, the more', () => {
    const r1 = answer.next.find(({ option }) => option.id === 'R1')!;
    expect(outcomeWords(r1, request)).not.toContain('−');
    expect(outcomeWords(r1, request)).toMatch(/Above .*return/);
  });
  test('is nothing where no reading tells anything any more', () => {
    expect(nextByExplanation([], request)).toBeUndefined();
    expect(nextByExplanation([{ ...answer.next[0]!, bits: 0.001 }], request)).toBeUndefined();
  });
  test('says what to mind where hands go in, and asks for nothing that cannot be entered', () => {
    const advised = answer.next.flatMap((one) => nextByExplanation([{ ...one, bits: 1 }], request) ?? []);
    for (const { words, why } of advised)
      if (/blower$|coil$|belt$|speed lead$/.test(words)) expect(why).toMatch(/^Lock out and verify it is dead\./);
    expect(advised.some(({ words }) => words === 'Next: check the speed lead')).toBe(true);
    expect(request.options.map(({ id }) => id)).not.toContain('inner');
  });
});
