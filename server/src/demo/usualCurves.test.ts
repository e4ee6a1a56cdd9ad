import {
  crossingOf,
  flowAt,
  fanRuns,
  resistanceFromPoint,
  usualCurveFault,
  usualPerhaps,
  type BlowerTable,
  type Fan,
  type MotorKind,
} from '@huff/core';
import { DEMO_TABLES } from './tables';

/** A change of a path by a factor, as the table has it and as a usual curve through one of its points foretells it. */
interface Change {
  readonly gain: number;
  readonly foretold: number;
  /** What the curve itself says of how sure that is, as one σ: its slope or give-up off by one. */
  readonly sigma: number;
}

/** Every row of a table, every point of it, seven changes of the path: the table is left out but for the one point. */
function changesOf(motor: MotorKind, table: BlowerTable, tons: number): Change[] {
  return table.taps.flatMap(({ tap }) => {
    const book: Fan = { motor, table, tap };
    return table.staticsInWc.slice(1, -1).flatMap((staticInWc) => {
      const flowCfm = flowAt(book, staticInWc);
      if (flowCfm === undefined || usualCurveFault(motor, { flowCfm, staticInWc })) return [];
      const usual: Fan = {
        motor,
        usual: { anchorFlowCfm: flowCfm, anchorStaticInWc: staticInWc, tap, cfmPerTon: flowCfm / tons },
        tap,
      };
      return [0.55, 0.65, 0.75, 0.85, 0.95, 1.1, 1.2].flatMap((c): Change[] => {
        const path = [resistanceFromPoint(staticInWc * c, flowCfm, 2)];
        const on = (fan: Fan) => {
          const found = crossingOf(tap, fanRuns(fan), path);
          return found.kind === 'crossing' ? found.flowCfm / flowCfm - 1 : undefined;
        };
        const off = { ...usual, usual: usualPerhaps(motor, usual.usual!, 1) };
        const [gain, foretold, other] = [on(book), on(usual), on(off)];
        return gain === undefined || foretold === undefined || other === undefined
          ? []
          : [{ gain, foretold, sigma: Math.hypot(other - foretold, 0.3 * foretold, 0.005) }];
      });
    });
  });
}

const KINDS = ['psc', 'constantTorque', 'constantAirflow', 'beltDrive'] as const;

test.each(KINDS)('%s: the stated spread of a usual curve holds nine changes in ten of the demo’s tables', (motor) => {
  const changes = DEMO_TABLES.filter((table) => table.motor === motor).flatMap((table) =>
    // A make-up air unit has no tons: what it moves at 400 a ton stands for them.
    changesOf(motor, table, table.tons ?? 10),
  );
  expect(changes.length).toBeGreaterThan(20);
  // 90 % of a normal lie within 1.645σ; σ is what the curve says, at least 30 % of the change, and half a percent of the airflow.
  const held = changes.filter(({ gain, foretold, sigma }) => Math.abs(gain - foretold) <= 1.645 * sigma);
  expect(held.length / changes.length).toBeGreaterThanOrEqual(0.9);
});
