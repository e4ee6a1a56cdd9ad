import { isHeld, usualCurveChanges } from '../../../core/fixtures/usualCurveChanges';
import { DEMO_TABLES } from './tables';

const KINDS = ['psc', 'constantTorque', 'constantAirflow', 'beltDrive'] as const;

test.each(KINDS)('%s: the stated spread of a typical curve holds nine changes in ten of the demo’s tables', (motor) => {
  const changes = DEMO_TABLES.filter((table) => table.motor === motor).flatMap((table) =>
    // A make-up air unit has no tons: what it moves at 400 a ton stands for them.
    usualCurveChanges(motor, table, table.tons ?? 10),
  );
  expect(changes.length).toBeGreaterThan(20);
  const held = changes.filter(isHeld);
  expect(held.length / changes.length).toBeGreaterThanOrEqual(0.9);
});
