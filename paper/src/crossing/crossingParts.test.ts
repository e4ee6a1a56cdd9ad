import { operate, resistanceFromPoint, type System } from '@huff/core';
import { exampleA } from '../testing/visit';
import { curveLabel, curvesOf } from './drawnCurves';
import { limitSpot } from './limitSpot';
import { asked, edgeOf, moved, pathDiffers } from './operatingEdge';

const TABLE = exampleA().table!;
const ducts = (staticInWc: number): System => ({
  layout: 'airHandler',
  path: [{ stages: ['supplyDuct'], side: 'supply', resistance: resistanceFromPoint(staticInWc, 940, 2) }],
  fan: { motor: 'constantTorque', table: TABLE, tap: '3' },
});
const tight = ducts(0.58);
const eased = ducts(0.3);
const onTap = (system: System, tap: string): System => ({ ...system, fan: { ...system.fan, tap } });
const box = { left: 40, right: 340, top: 30, bottom: 250 };

describe('what is drawn', () => {
  test('each row of the table, bent as the fan it is', () => {
    const curves = curvesOf(tight, undefined);
    expect(curves.map((curve) => curve.tap)).toEqual(['3', '4']);
    const slower = {
      ...tight,
      fan: { ...tight.fan, lags: [{ cause: 'wheel' as const, acts: 'flow' as const, factor: 0.8 }] },
    };
    const [now, then] = [curves, curvesOf(tight, slower)].map((drawn) => drawn[0]!.runs[0]!.flowsCfm[0]!);
    expect(then! / now!).toBeCloseTo(0.8, 6);
  });
  test('a speed between the rows takes the place of the row it would touch', () => {
    const table = { ...TABLE, taps: [], byRpm: { flowsCfm: [900, 1200], rpm: [[800], [1000]], bhp: [[0.2], [0.4]] } };
    const rows = {
      ...table,
      staticsInWc: [0.4],
      taps: [800, 900, 1000].map((rpm) => ({ tap: `${rpm}`, flowsCfm: [rpm] })),
    };
    const belt: System = { ...tight, fan: { motor: 'beltDrive', table: rows, tap: '822.6' } };
    expect(curvesOf(belt, undefined).map((curve) => curve.tap)).toEqual(['900', '1000', '822.6']);
    expect(curveLabel(belt, '822.6')).toBe('823');
    expect(curveLabel(tight, '3')).toBe('3');
  });
  test('a path that changed is another path; the same path is not', () => {
    expect(pathDiffers(tight, eased)).toBe(true);
    expect(pathDiffers(tight, onTap(tight, '4'))).toBe(false);
    expect(asked(tight, 940)).toBeCloseTo(0.58, 6);
  });
  test('points that lie on each other are drawn once', () => {
    const [a, b] = [tight, eased].map((system) => edgeOf(operate(system)));
    expect(moved(a!, b!)).toBe(true);
    expect(moved(a!, { ...a!, flowCfm: a!.flowCfm + 0.5 })).toBe(false);
  });
});

describe('the limit’s words', () => {
  test('stand above the line at the left when nothing is there', () => {
    expect(limitSpot(120, box, [])).toEqual({ x: 44, y: 114, anchor: 'start' });
  });
  test('make room for words that stand there', () => {
    const spot = limitSpot(120, box, [{ x: 80, y: 116, half: 20 }]);
    expect(spot).not.toEqual(limitSpot(120, box, []));
    expect(Math.abs(spot.y - 116) > 16 || spot.anchor === 'end').toBe(true);
  });
});
