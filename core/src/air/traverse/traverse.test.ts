import { ductAreaSqFt, hydraulicDiameterIn, straightRun, tapeText, traversePlan } from './plan';

test('a rectangle has a grid by its sides', () => {
  const plan = traversePlan({ shape: 'rectangle', widthIn: 32, heightIn: 10 }, 'points');
  expect(plan.holes).toHaveLength(6);
  expect(plan.depths).toHaveLength(5);
  expect(plan.points).toBe(30);
  expect(plan.marksIn.map(tapeText)).toEqual(['¾', '2 ⅞', '5', '7 ⅛', '9 ¼']);
  expect(traversePlan({ shape: 'rectangle', widthIn: 40, heightIn: 36 }, 'points').points).toBe(42);
});

test('a round duct has three diameters, with more points when it is wide', () => {
  expect([10, 20, 30].map((d) => traversePlan({ shape: 'round', diameterIn: d }, 'points').points)).toEqual([
    18, 24, 30,
  ]);
  const { depths } = traversePlan({ shape: 'round', diameterIn: 30 }, 'points');
  depths.forEach((f, i) => expect(f + depths[depths.length - 1 - i]!).toBeCloseTo(1, 6));
});

test('a sweep is three holes', () => {
  expect(traversePlan({ shape: 'round', diameterIn: 12 }, 'sweep')).toMatchObject({ points: 3, marksIn: [] });
});

test('straight run: enough, or how much less sure', () => {
  const duct = { shape: 'round', diameterIn: 10 } as const;
  expect(straightRun(duct, 75, 30)).toMatchObject({ enough: true, widen: 1 });
  const short = straightRun(duct, 20, 30);
  expect(short.enough).toBe(false);
  expect(short.sentence).toContain('Only 2.0 diameters of straight duct before');
  expect(straightRun(duct, 5, 30).widen).toBeGreaterThan(short.widen);
});

test('areas and diameters', () => {
  expect(ductAreaSqFt({ shape: 'round', diameterIn: 12 })).toBeCloseTo(0.7854, 4);
  expect(hydraulicDiameterIn({ shape: 'rectangle', widthIn: 20, heightIn: 10 })).toBeCloseTo(13.33, 2);
  expect(tapeText(3)).toBe('3');
  expect(tapeText(0)).toBe('0');
});
