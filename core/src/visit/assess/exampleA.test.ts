import { EXAMPLE_A_READINGS, EXAMPLE_A_TABLE, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { flowAtStatic, tapRow } from '../../air/fan';
import { DEFAULT_RULES } from '../../judge/verdicts';
import { assessVisit } from './assessVisit';
import { crossing } from '../../air/operate';
import { FILTER_EXPONENT, filterDropInWc, resistanceFromPoint } from '../../air/path';

const table = EXAMPLE_A_TABLE;
const visit = { unit: EXAMPLE_A_UNIT, mode: 'cooling', readings: EXAMPLE_A_READINGS, facts: [] } as const;
const { judgement, advice, flow, airflow } = assessVisit(visit, DEFAULT_RULES);
const outcome = (tap: string) => advice.outcomes.find((o) => o.tap === tap)!;

const flowOn = (tap: string, staticInWc: number) => {
  const read = flowAtStatic(table, tapRow(table, tap)!, staticInWc);
  if (read.kind !== 'flow') throw new Error('expected a flow');
  return read.flowCfm;
};

describe('worked example A, a 3-ton air handler on tap 3', () => {
  test('return 0.31 and supply 0.27 make a TESP of 0.58, outside the nameplate of 0.50', () => {
    expect(judgement.tespInWc).toBeCloseTo(0.58, 10);
    expect(judgement.tesp).toMatchObject({ word: 'outside', limit: { high: 0.5, source: 'nameplate' } });
    expect(judgement.tesp.readingIds).toEqual(['return', 'supply']);
  });

  test('airflow is 940.2 CFM, 313.4 per ton, outside the band', () => {
    expect(flow!.flowCfm).toBeCloseTo(940.2, 6);
    expect(flow!.flowCfm / 3).toBeCloseTo(313.4, 6);
    expect(airflow.word).toBe('outside');
    expect(airflow.sentence).toContain('940 ± 94 CFM, 313 per ton: below the target of 1,080 to 1,320');
  });

  test('the column of tap 4 says 1,083 at 0.58; on the path it gives 1,035.5 at 0.704', () => {
    expect(outcome('4').columnFlowCfm).toBeCloseTo(1083.4, 1);
    const { operation } = outcome('4');
    expect(operation).toMatchObject({ kind: 'crossing' });
    if (operation.kind !== 'crossing') return;
    expect(operation.flowCfm).toBeCloseTo(1035.5, 1);
    expect(operation.tespInWc).toBeCloseTo(0.704, 3);
  });

  test('tap 5 leaves the table: 1,153 CFM at 0.80, for which the path asks 0.872', () => {
    const { operation } = outcome('5');
    expect(operation).toMatchObject({
      kind: 'offTable',
      side: 'aboveTable',
      edgeStaticInWc: 0.8,
      edgeFlowCfm: 1153,
    });
    expect(operation.kind === 'offTable' && operation.askedInWc).toBeCloseTo(0.872, 3);
  });

  test('no tap can do it: the restriction comes first', () => {
    expect(advice.kind).toBe('restrictionFirst');
    expect(advice.tap).toBeUndefined();
    // 0.58 × (1080 ÷ 940.2)² = 0.765; 1 − 0.50 ÷ 0.765 = 35 %
    expect(advice.reason).toContain('1,080 CFM at the low end of the target this duct system needs 0.77 in. w.c.');
    expect(advice.reason).toContain('cut 35 % of its resistance');
    expect(advice.reason).toContain('tap 4 would give 1,133 CFM');
  });

  test('filter out: TESP 0.47, 984.7 CFM; the filter itself drops 0.1515 at 940.2 CFM', () => {
    const out = flowOn('3', 0.47);
    expect(out).toBeCloseTo(984.7, 6);
    const drop = filterDropInWc({ flowCfm: 940.2, tespInWc: 0.58 }, { flowCfm: out, tespInWc: 0.47 });
    expect(drop).toBeCloseTo(0.1515, 4);
  });

  test('a filter that drops 0.06 gives 966.8 CFM at 0.515 on tap 3, 1,067.1 at 0.623 on tap 4', () => {
    const path = [resistanceFromPoint(0.47, 984.7, 2), resistanceFromPoint(0.06, 940.2, FILTER_EXPONENT)];
    const three = crossing(table, '3', path);
    const four = crossing(table, '4', path);
    if (three.kind !== 'crossing' || four.kind !== 'crossing') throw new Error('expected crossings');
    expect(three.flowCfm).toBeCloseTo(966.8, 1);
    expect(three.tespInWc).toBeCloseTo(0.515, 3);
    expect(four.flowCfm).toBeCloseTo(1067.1, 1);
    expect(four.tespInWc).toBeCloseTo(0.623, 3);
  });
});
