import { traversePlan, type FlowEstimate } from '@huff/core';
import { ON_SCREEN, type Shape } from '../shapes';
import { expectOnPaper, shapesOf, wordsOn } from '../testing/drawn';
import { ductSize, reconcileHeight, reconcileShapes, traverseShapes, trendShapes, type TrendSource } from '.';

const drawing = (shapes: readonly Shape[], width: number, height: number) => ({ shapes, width, height, says: '' });

describe('a trend', () => {
  const at = (month: number) => new Date(2026, month, 10).getTime();
  const trend = (more: Partial<TrendSource> = {}) => {
    const source: TrendSource = {
      points: [0.1, 0.2, 0.12, 0.3].map((value, i) => ({ atMs: at(2 * i), value, isNew: i === 2 })),
      width: 358,
      height: 150,
      style: ON_SCREEN,
      valueText: (value) => value.toFixed(2),
      monthText: (ms, withYear) =>
        `${new Date(ms).getMonth() + 1}${withYear ? ` of ${new Date(ms).getFullYear()}` : ''}`,
      ...more,
    };
    return drawing(trendShapes(source), source.width, source.height);
  };
  test('has its points, and a line that begins anew where something was changed', () => {
    const { shapes } = trend();
    expect(shapesOf(shapes, 'ellipse')).toHaveLength(4);
    expect(shapesOf(shapes, 'path').filter(({ stroke }) => stroke === 'ink')).toHaveLength(2);
    expectOnPaper(trend());
  });
  test('is held against a level, and shows when it gets there, both σ of it', () => {
    const level = { value: 0.4, name: 'at most 0.40' };
    const due = trend({ level, due: { atMs: at(9), sigmaDays: 12 } });
    expect(wordsOn(due)).toContain('at most 0.40');
    expect(shapesOf(due.shapes, 'path').filter(({ fill }) => fill === 'edge')).toHaveLength(1);
    expectOnPaper(due);
  });
  test('tells the year where it runs over several', () => {
    const long = trend({
      points: [
        { atMs: at(0), value: 1 },
        { atMs: at(30), value: 2 },
      ],
    });
    expect(wordsOn(long).some((words) => / of 202\d$/.test(words))).toBe(true);
    expect(wordsOn(trend()).some((words) => / of /.test(words))).toBe(false);
  });
});

test('methods of airflow stand on one scale; what does not count is hollow and dashed', () => {
  const method = (id: string, flowCfm: number) =>
    ({ id, name: id, flowCfm, sigmaShare: 0.1 }) as unknown as FlowEstimate;
  const estimates = [method('table', 940), method('traverse', 1300)];
  const flow = { flowCfm: 940, sigmaCfm: 60, counted: ['table'] } as never;
  const target = { flowCfm: 1200, lowCfm: 1080, highCfm: 1320 };
  const chart = drawing(
    reconcileShapes({ estimates, flow, target, width: 358, style: ON_SCREEN }),
    358,
    reconcileHeight(2),
  );
  expect(shapesOf(chart.shapes, 'ellipse').map(({ fill }) => fill)).toEqual(['ink', 'paper']);
  expect(wordsOn(chart)).toEqual(expect.arrayContaining(['table 940', 'traverse 1,300, left out', 'target 1,200']));
  const dashed = shapesOf(chart.shapes, 'line').filter(({ dash }) => dash);
  expect(dashed).toHaveLength(1);
  expectOnPaper(chart);
});

test.each([
  { shape: 'rectangle', widthIn: 20, heightIn: 10 },
  { shape: 'round', diameterIn: 14 },
] as const)('a traverse of $shape: every point in the duct, those read are full, the next one stands out', (duct) => {
  const plan = traversePlan(duct, 'points');
  const drawn = traverseShapes({ duct, plan, done: 3, style: ON_SCREEN });
  const points = shapesOf(drawn.shapes, 'ellipse').filter(({ fill }) => fill !== 'sheet');
  expect(points).toHaveLength(plan.points);
  expect(points.filter(({ fill }) => fill === 'supply')).toHaveLength(3);
  expect(points.findIndex(({ stroke }) => stroke === 'action')).toBe(3);
  expectOnPaper({ ...drawn, says: ductSize(duct) });
});
