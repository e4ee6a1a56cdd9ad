import { EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { EXAMPLE_D_TABLE } from '../../../fixtures/exampleD';
import { flowAt, type Fan } from './fan';
import { thinAir } from './thinAir';
import type { MotorKind } from './motorKind';

const at = (motor: MotorKind, densityRatio: number, staticInWc: number) =>
  flowAt({ motor, table: EXAMPLE_A_TABLE, tap: '3', densityRatio }, staticInWc)!;

test('belt drive and PSC enter the table at the static of standard air', () => {
  expect(at('psc', 0.83, 0.415)).toBeCloseTo(973 * 1.02, 3);
  const belt: Fan = { motor: 'beltDrive', table: EXAMPLE_D_TABLE, tap: '822.6', densityRatio: 0.83 };
  expect(flowAt(belt, 0.52 * 0.83)).toBeCloseTo(flowAt({ ...belt, densityRatio: 1 }, 0.52)!, 6);
});

test('constant torque: the airflow at the same static grows with ρ^−½', () => {
  expect(at('constantTorque', 0.83, 0.5)).toBeCloseTo(973 / Math.sqrt(0.83), 6);
});

test('constant airflow: the request grows until it gives up', () => {
  const held = [{ staticsInWc: [0.2, 0.6, 0.9], flowsCfm: [1000, 990, 850] }];
  const [thin] = thinAir(held, 'constantAirflow', 0.83);
  expect(thin!.flowsCfm[0]).toBeCloseTo(1000 * 0.83 ** -0.4, 6);
  expect(thin!.flowsCfm[2]).toBe(850);
});

test('at sea level nothing changes', () => {
  const runs = [{ staticsInWc: [0.2], flowsCfm: [1000] }];
  expect(thinAir(runs, 'psc', 1)).toBe(runs);
});
