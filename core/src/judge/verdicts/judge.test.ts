import fc from 'fast-check';
import { DEFAULT_RULES, stageBudget } from './rules';
import { tespWord, type UnitFacts } from './judge';
import { targetFor, targetOf, wordOnTarget } from './target';
import { wordUnder } from '../../base/verdict';
import { EXAMPLE_A_READINGS, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { pathDropAt } from '../../air/path';
import type { PressureReading } from '../../air/readings';
import { LAYOUTS, PORT_IDS } from '../../air/system';
import { assessVisit } from '../../visit/assess';

const asItRuns = { door: 'on', filter: 'in', coil: 'wet' } as const;
const at = (port: PressureReading['port'], staticInWc: number): PressureReading => ({
  id: port,
  port,
  staticInWc,
  conditions: asItRuns,
});
const judged = (facts: Partial<UnitFacts>, readings: readonly PressureReading[] = EXAMPLE_A_READINGS) => {
  const unit = { ...EXAMPLE_A_UNIT, ...facts };
  const visit = assessVisit({ unit, mode: 'cooling', readings, facts: [] }, DEFAULT_RULES);
  return { ...visit, ...visit.judgement, system: visit.model?.system };
};

describe('the words', () => {
  test('inside, at the edge from 80 % of the limit on, outside above it; sums of decimals do not slip over', () => {
    expect([0.4, 0.41, 0.5, 0.51].map((v) => wordUnder(v, 0.5, 0.8))).toEqual([
      'inside',
      'atTheEdge',
      'atTheEdge',
      'outside',
    ]);
    expect(wordUnder(0.1 + 0.2, 0.3, 0.8)).toBe('atTheEdge');
  });

  test('a band has two edges', () => {
    const target = targetOf(3, DEFAULT_RULES);
    expect([1079, 1080, 1110, 1200, 1290, 1320, 1321].map((v) => wordOnTarget(v, target, 0.8))).toEqual([
      'outside',
      'atTheEdge',
      'inside',
      'inside',
      'inside',
      'atTheEdge',
      'outside',
    ]);
  });
});

test('a static is at the edge while it is over its limit by less than twice its error', () => {
  // σ of two probes at 0.25 each: √2 · √(0.01² + 0.0125²) = 0.0226.
  expect([0.5, 0.53, 0.545, 0.546, 0.6].map((p) => tespWord(p, 0.5, DEFAULT_RULES))).toEqual([
    'atTheEdge',
    'atTheEdge',
    'atTheEdge',
    'outside',
    'outside',
  ]);
});

describe('the target', () => {
  const heatBand = { lowCfm: 912, highCfm: 1693, targetCfm: 1185, from: 'heat' };
  test('is the design airflow, else what the heat asks for, else by the tons', () => {
    expect(targetFor({ tons: 3, heatBand, designCfm: 1000 }, DEFAULT_RULES)).toMatchObject({
      lowCfm: 900,
      from: 'design 1,000 ± 10 %',
    });
    // The middle of the rise, not of the airflow.
    expect(targetFor({ tons: 3, heatBand }, DEFAULT_RULES)).toMatchObject({
      lowCfm: 912,
      highCfm: 1693,
      flowCfm: 1185,
      source: 'nameplate',
    });
    expect(targetFor({ tons: 3 }, DEFAULT_RULES)).toMatchObject({ flowCfm: 1200, from: '400 per ton ± 10 %' });
    expect(targetFor({}, DEFAULT_RULES)).toBeUndefined();
  });
});

describe('can’t say names what is missing', () => {
  test('no readings', () => {
    const { tesp, airflow, system } = judged({}, []);
    expect(tesp).toMatchObject({ word: 'cantSay', sentence: 'Missing: static at R2 and S1.' });
    expect(airflow.sentence).toBe('Missing: external static.');
    expect(system).toBeUndefined();
  });

  test('no table, tap or tons', () => {
    const { tesp, airflow } = judged({ table: undefined, tap: undefined, tons: undefined });
    expect(tesp.word).toBe('outside');
    expect(airflow.sentence).toBe('Missing: blower table or another method, tons.');
  });

  test('without tons the airflow is shown but not judged', () => {
    expect(judged({ tons: undefined })).toMatchObject({
      flow: { flowCfm: expect.closeTo(940.2, 6) },
      airflow: { word: 'cantSay', sentence: '940 ± 94 CFM. Enter the tons to judge it.' },
    });
  });

  test('past the end of the table', () => {
    const statics = [at('R2', -0.5), at('S1', 0.3)];
    const { airflow, offTable, flow } = judged({ tap: '1', tons: undefined }, statics);
    expect(flow).toBeUndefined();
    expect(offTable?.side).toBe('aboveTable');
    expect(airflow.sentence).toContain('tap 1 ends at 0.60 in. w.c. and the system is at 0.80');
    // With the tons what is usual for its size is shown, and not judged.
    expect(judged({ tap: '1' }, statics)).toMatchObject({ flow: { usualOnly: true }, airflow: { word: 'cantSay' } });
  });

  test('no pressure rise at all', () => {
    const { tesp } = judged({}, [at('R2', 0.1), at('S1', 0.05)]);
    expect(tesp.word).toBe('cantSay');
    expect(tesp.sentence).toContain('Check that the blower runs');
  });
});

test('an unknown nameplate is assumed as 0.50 and says so', () => {
  expect(judged({ maxTespInWc: undefined })).toMatchObject({
    maxTesp: { value: 0.5, source: 'assumed' },
    tesp: { limit: { source: 'assumed' }, sentence: '0.58 in. w.c., nameplate unknown, assumed 0.50.' },
  });
});

test('a very low TESP is no good news', () => {
  const { tesp } = judged({}, [at('R2', -0.04), at('S1', 0.05)]);
  expect(tesp.word).toBe('atTheEdge');
  expect(tesp.sentence).toContain('an open duct');
});

describe('where the pressure goes', () => {
  test('shares of the nameplate spread over the ducts when the coil is inside', () => {
    const shares = (id: 'airHandler' | 'furnaceCasedCoil' | 'packaged') =>
      LAYOUTS[id].stages.map((s) => stageBudget(LAYOUTS[id], s.kind, DEFAULT_RULES));
    expect(shares('airHandler')).toEqual([0.4, 0.2, 0, 0, 0.4]);
    expect(shares('furnaceCasedCoil')).toEqual([0.2, 0.2, 0, 0, 0.4, 0.2]);
    expect(shares('packaged')).toEqual([0.4, 0, 0, 0, 0, 0.4]);
  });

  test('a reading before the filter splits the return side', () => {
    const { sections, tespInWc } = judged({}, [at('R1', -0.16), ...EXAMPLE_A_READINGS]);
    expect(sections.map((s) => [s.stages.join('+'), Number(s.dropInWc?.toFixed(4)), s.verdict.word])).toEqual([
      // 0.16 at 940 CFM are 0.26 at the target's 1,200: over its 0.20.
      ['returnDuct', 0.16, 'outside'],
      ['filter', 0.15, 'outside'],
      ['supplyDuct', 0.27, 'outside'],
    ]);
    expect(sections.reduce((sum, s) => sum + s.dropInWc!, 0)).toBeCloseTo(tespInWc!, 12);
  });

  test('two readings judge the return side as one section with both shares', () => {
    const [first] = judged({}).sections;
    expect(first).toMatchObject({ stages: ['returnDuct', 'filter'], budgetShare: expect.closeTo(0.6, 9) });
    expect(first?.verdict.sentence).toBe(
      'Uses 0.31 in. w.c., 0.50 at the target’s 1,200 CFM, 101 % of nameplate static; budget 60 %.',
    );
  });

  test('swapped ports are a question, and the path is then taken as one lump', () => {
    const { sections, system } = judged({}, [at('R1', -0.4), ...EXAMPLE_A_READINGS]);
    expect(sections[1]).toMatchObject({ verdict: { word: 'cantSay' } });
    expect(sections[1]?.verdict.sentence).toContain('Check for swapped ports');
    // One lump of ducts, its parts taken.
    expect(system!.path.map((s) => s.stages[0])).toEqual(['returnDuct', 'supplyDuct']);
    expect(system!.path.every((s) => s.assumed !== undefined && s.resistance.exponent === 2)).toBe(true);
  });

  test('the coil of a furnace lies outside: S2 splits coil from duct', () => {
    const { sections } = judged({ layout: 'furnaceCasedCoil' }, [at('R2', -0.2), at('S1', 0.4), at('S2', 0.15)]);
    expect(sections.map((s) => s.stages.join('+'))).toEqual(['returnDuct+filter', 'coil', 'supplyDuct']);
  });
});

test('the measured path asks exactly the measured TESP at the measured flow, for any readings', () => {
  const statics = fc.double({ min: 0.05, max: 0.35, noNaN: true });
  fc.assert(
    fc.property(statics, statics, fc.double({ min: 0, max: 1, noNaN: true }), (back, out, split) => {
      const { system, tespInWc, flow } = judged({}, [at('R1', -back * split), at('R2', -back), at('S1', out)]);
      const path = system!.path.map((s) => s.resistance);
      expect(pathDropAt(path, flow!.flowCfm)).toBeCloseTo(tespInWc!, 9);
    }),
  );
});

test('no wild reading puts NaN, Infinity or undefined into a sentence', () => {
  const wild = fc.double({ min: -5, max: 5, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.constantFrom(...PORT_IDS), wild), { maxLength: 6 }), (pairs) => {
      const readings = pairs.map(([port, v], i) => ({ ...at(port, v), id: String(i) }));
      const { tesp, airflow, sections } = judged({ layout: 'furnaceCasedCoil' }, readings);
      const text = [tesp, airflow, ...sections.map((s) => s.verdict)].map((v) => v.sentence).join(' ');
      expect(text).not.toMatch(/NaN|Infinity|undefined|null/);
    }),
  );
});
