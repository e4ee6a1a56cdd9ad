import { isOutcome, type Step } from '../facts';
import { partAtFix } from './closedReadings';
import { BLOWER_MOTOR_CAUSES } from './causes';
import { torqueBoard } from './schemes/torqueBoard';
import { pscBoard } from './schemes/pscBoard';

const context = { lineVolts: 240, ratedMicrofarads: 10 };
const at = (point: string, read: number | string): Step => ({
  point,
  ...(typeof read === 'number' ? { value: read } : { state: read }),
});
const fixed = (cause: string): Step => ({ finding: `cause-${cause}`, state: 'dealtWith' });
const nameOf = (step: Step) => (isOutcome(step) ? step.finding : step.point);
const parted = (...all: Step[]) => {
  const { standing, closed, fixed: cause } = partAtFix(all, pscBoard, context);
  return { standing: standing.map(nameOf), closed: closed.map(nameOf), cause: cause?.id };
};

test('nothing fixed: all of it stands', () => {
  expect(parted(at('lineVolts', 240), at('capacitor', 3))).toEqual({
    standing: ['lineVolts', 'capacitor'],
    closed: [],
    cause: undefined,
  });
});

test('a fixed cause closes what was bad before it, and leaves what was good', () => {
  expect(parted(at('lineVolts', 240), at('capacitor', 3), fixed('capacitor'))).toEqual({
    standing: ['lineVolts', 'cause-capacitor'],
    closed: ['capacitor'],
    cause: 'capacitor',
  });
});

test('something bad read since: it is no longer fixed, and that reading stands', () => {
  const { standing, cause } = parted(at('capacitor', 3), fixed('capacitor'), at('windings', 'open'));
  expect(standing).toEqual(['cause-capacitor', 'windings']);
  expect(cause).toBeUndefined();
});

test('opened again: its readings stand again', () => {
  const again: Step = { finding: 'cause-capacitor', state: 'open' };
  expect(parted(at('capacitor', 3), fixed('capacitor'), again).closed).toEqual([]);
});

test('another motor closes all that was read of the old one, good or bad', () => {
  const before = [at('lineVolts', 240), at('windings', 'ground'), at('ampsCooling', 4), at('motorTries', 'hums')];
  expect(parted(...before, fixed('windings')).standing).toEqual(['lineVolts', 'cause-windings']);
  expect(parted(...before, at('afterRotation', 'right')).closed).toEqual(['windings', 'ampsCooling', 'motorTries']);
  expect(parted(...before, at('afterRotation', 'right'), at('ampsCooling', 3)).standing).toContain('ampsCooling');
});

test('a fix of another circuit parts nothing here', () => {
  expect(parted(at('capacitor', 3), fixed('igniter')).closed).toEqual([]);
});

test('a module that was replaced by a motor of another kind closes what was read of the old one', () => {
  const read = [at('lineVolts', 120), at('motorSupply', 120), at('requestVolts', 14), at('moduleWindings', 3)];
  const converted = partAtFix([...read, fixed('module')], torqueBoard, context, BLOWER_MOTOR_CAUSES);
  expect(converted.closed.map(nameOf)).toContain('moduleWindings');
  expect(converted.fixed?.id).toBe('module');
  // Whoever does not know of other motors parts nothing.
  expect(partAtFix([...read, fixed('module')], torqueBoard, context).closed).toEqual([]);
});
