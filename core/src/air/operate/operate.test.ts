import fc from 'fast-check';
import { crossing } from './operate';
import { flowAtStatic, tapRow, type BlowerTable } from '../fan';
import { dropAt, pathDropAt, resistanceFromPoint, type Resistance } from '../path';

/** Sound tables: rising statics, flow falling along a row, each tap faster than the one before, blanks at the ends. */
const tables: fc.Arbitrary<BlowerTable> = fc
  .record({
    steps: fc.array(fc.double({ min: 0.03, max: 0.2, noNaN: true }), { minLength: 2, maxLength: 9 }),
    top: fc.double({ min: 400, max: 3000, noNaN: true }),
    falls: fc.array(fc.double({ min: 0, max: 0.12, noNaN: true }), { minLength: 9, maxLength: 9 }),
    gains: fc.array(fc.double({ min: 1.02, max: 1.3, noNaN: true }), { minLength: 1, maxLength: 5 }),
    blankTail: fc.integer({ min: 0, max: 1 }),
  })
  .map(({ steps, top, falls, gains, blankTail }) => {
    let p = 0;
    const staticsInWc = steps.map((step) => (p += step));
    let q = top;
    const shape = steps.map((_, i) => (q *= 1 - falls[i]!));
    let gain = 1;
    const taps = gains.map((g, t) => {
      gain *= g;
      const tail = t === 0 ? blankTail : 0;
      const flowsCfm = shape.map((s, i) => (i >= shape.length - tail && i > 0 ? null : s * gain));
      return { tap: String(t + 1), flowsCfm };
    });
    return { staticsInWc, taps };
  });

const resistances: fc.Arbitrary<Resistance> = fc
  .record({
    drop: fc.double({ min: 0.01, max: 1.2, noNaN: true }),
    flow: fc.double({ min: 400, max: 3000, noNaN: true }),
    exponent: fc.constantFrom(1, 1.3, 1.8, 2),
  })
  .map(({ drop, flow, exponent }) => resistanceFromPoint(drop, flow, exponent));
const paths = fc.array(resistances, { minLength: 1, maxLength: 4 });

describe('crossing', () => {
  test('lies on both curves', () => {
    let crossed = 0;
    fc.assert(
      fc.property(tables, paths, (table, path) => {
        for (const { tap } of table.taps) {
          const found = crossing(table, tap, path);
          if (found.kind !== 'crossing') continue;
          crossed += 1;
          expect(pathDropAt(path, found.flowCfm)).toBeCloseTo(found.tespInWc, 8);
          const onFan = flowAtStatic(table, tapRow(table, tap)!, found.tespInWc);
          expect(onFan.kind === 'flow' && onFan.flowCfm).toBeCloseTo(found.flowCfm, 5);
        }
      }),
      { numRuns: 300 },
    );
    expect(crossed).toBeGreaterThan(50);
  });

  test('off the table is said only when the edge and the path truly miss each other', () => {
    fc.assert(
      fc.property(tables, paths, (table, path) => {
        const found = crossing(table, '1', path);
        if (found.kind !== 'offTable') return;
        expect(found.askedInWc).toBeCloseTo(pathDropAt(path, found.edgeFlowCfm), 12);
        if (found.side === 'aboveTable') expect(found.askedInWc).toBeGreaterThan(found.edgeStaticInWc);
        else expect(found.askedInWc).toBeLessThan(found.edgeStaticInWc);
      }),
    );
  });

  test('more resistance never gives more air', () => {
    fc.assert(
      fc.property(tables, paths, resistances, (table, path, more) => {
        const before = crossing(table, '1', path);
        const after = crossing(table, '1', [...path, more]);
        if (before.kind !== 'crossing' || after.kind !== 'crossing') return;
        expect(after.flowCfm).toBeLessThanOrEqual(before.flowCfm + 1e-6);
      }),
    );
  });

  test('a higher tap never gives less', () => {
    fc.assert(
      fc.property(tables, paths, (table, path) => {
        const flows = table.taps
          .map(({ tap }) => crossing(table, tap, path))
          .flatMap((o) => (o.kind === 'crossing' ? [o.flowCfm] : []));
        flows.slice(1).forEach((flow, i) => expect(flow).toBeGreaterThanOrEqual(flows[i]! - 1e-6));
      }),
    );
  });

  test('exactly on the last cell is still on the table, and so is half a hundredth beyond; more is not', () => {
    const table = { staticsInWc: [0.1, 0.5], taps: [{ tap: '1', flowsCfm: [1000, 800] }] };
    expect(crossing(table, '1', [resistanceFromPoint(0.5, 800, 2)])).toMatchObject({
      kind: 'crossing',
      tespInWc: 0.5,
      flowCfm: 800,
    });
    expect(crossing(table, '1', [resistanceFromPoint(0.505, 800, 2)])).toMatchObject({
      kind: 'crossing',
      flowCfm: 800,
    });
    expect(crossing(table, '1', [resistanceFromPoint(0.5051, 800, 2)])).toMatchObject({ side: 'aboveTable' });
    expect(crossing(table, '1', [resistanceFromPoint(0.05, 1000, 2)])).toMatchObject({ side: 'belowTable' });
  });

  test('a crossing that falls on a blank cell is off the table', () => {
    const table = {
      staticsInWc: [0.1, 0.3, 0.5, 0.7, 0.9],
      taps: [{ tap: '1', flowsCfm: [1000, 900, null, 700, 600] }],
    };
    expect(crossing(table, '1', [resistanceFromPoint(0.5, 800, 2)])).toMatchObject({
      kind: 'offTable',
      side: 'blankCell',
      edgeStaticInWc: 0.3,
    });
    expect(crossing(table, '1', [resistanceFromPoint(0.8, 650, 2)])).toMatchObject({ kind: 'crossing' });
  });

  test('an unknown tap is a programming error', () => {
    const table = { staticsInWc: [0.1, 0.5], taps: [{ tap: '1', flowsCfm: [1000, 800] }] };
    expect(() => crossing(table, '9', [])).toThrow('The fan has no speed 9.');
  });
});

test('a resistance gives back the point it was made from, and refuses a flow of zero', () => {
  fc.assert(
    fc.property(resistances, fc.double({ min: 100, max: 4000, noNaN: true }), (r, flow) => {
      const again = resistanceFromPoint(dropAt(r, flow), flow, r.exponent);
      expect(again.coefficient / r.coefficient).toBeCloseTo(1, 9);
    }),
  );
  expect(() => resistanceFromPoint(0.5, 0, 2)).toThrow(RangeError);
});
