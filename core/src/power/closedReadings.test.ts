import type { Check } from '../checks';
import { partAtFix } from './closedReadings';
import { BLOWER_MOTOR_CAUSES } from './causes';
import { torqueBoard } from './schemes/torqueBoard';
import { pscBoard } from './schemes/pscBoard';

const context = { lineVolts: 240, ratedMicrofarads: 10 };
const at = (point: string, read: number | string, note?: string): Check => ({
  point,
  ...(typeof read === 'number' ? { value: read } : { state: read }),
  ...(note === undefined ? {} : { note }),
});
const fixed = (cause: string) => at('triage', 'dealtWith', `cause-${cause}`);
const parted = (...all: Check[]) => {
  const { standing, closed, fixed: cause } = partAtFix(all, pscBoard, context);
  return { standing: standing.map(({ point }) => point), closed: closed.map(({ point }) => point), cause: cause?.id };
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
    standing: ['lineVolts', 'triage'],
    closed: ['capacitor'],
    cause: 'capacitor',
  });
});

test('something bad read since: it is no longer fixed, and that reading stands', () => {
  const { standing, cause } = parted(at('capacitor', 3), fixed('capacitor'), at('windings', 'open'));
  expect(standing).toEqual(['triage', 'windings']);
  expect(cause).toBeUndefined();
});

test('opened again: its readings stand again', () => {
  const again = at('triage', 'open', 'cause-capacitor');
  expect(parted(at('capacitor', 3), fixed('capacitor'), again).closed).toEqual([]);
});

test('another motor closes all that was read of the old one, good or bad', () => {
  const before = [at('lineVolts', 240), at('windings', 'ground'), at('ampsCooling', 4), at('motorTries', 'hums')];
  expect(parted(...before, fixed('windings')).standing).toEqual(['lineVolts', 'triage']);
  expect(parted(...before, at('afterRotation', 'right')).closed).toEqual(['windings', 'ampsCooling', 'motorTries']);
  expect(parted(...before, at('afterRotation', 'right'), at('ampsCooling', 3)).standing).toContain('ampsCooling');
});

test('a fix of another circuit parts nothing here', () => {
  expect(parted(at('capacitor', 3), fixed('igniter')).closed).toEqual([]);
});

test('a module that was replaced by a motor of another kind closes what was read of the old one', () => {
  const read = [at('lineVolts', 120), at('motorSupply', 120), at('requestVolts', 14), at('moduleWindings', 3)];
  const converted = partAtFix([...read, fixed('module')], torqueBoard, context, BLOWER_MOTOR_CAUSES);
  expect(converted.closed.map(({ point }) => point)).toContain('moduleWindings');
  expect(converted.fixed?.id).toBe('module');
  // Whoever does not know of other motors parts nothing.
  expect(partAtFix([...read, fixed('module')], torqueBoard, context).closed).toEqual([]);
});
