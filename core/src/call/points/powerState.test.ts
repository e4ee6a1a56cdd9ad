import { CHECK_POINTS } from './catalogue';
import { POWER_STATES } from '../checks';

const figures = (...units: string[]) => CHECK_POINTS.filter(({ number }) => number && units.includes(number.unit));
const named = (points: typeof CHECK_POINTS, states: readonly string[]) =>
  points.filter(({ power }) => !states.includes(power)).map(({ id, power }) => `${id}: ${power}`);

test.each(CHECK_POINTS)('$id is read $power, and its words agree', ({ power, where, name }) => {
  const words = `${name}, ${where}`;
  if (
    /locked out|power off|discharged|leads off|wires off|plugs? off|power and gas off/i.test(words) &&
    !/after cleaning/.test(words)
  )
    expect(power).toBe('dead');
  if (
    /running|(?<!water )runs|clamp|calling|with a call|heating$|all heat on|while it|as it normally|doors on/i.test(
      words,
    )
  )
    expect(power).not.toBe('dead');
  if (power === 'dead') expect(POWER_STATES[power].caution).toMatch(/verified dead/);
  else expect(POWER_STATES[power].caution).not.toMatch(/dead/);
});

test('volts, amps and microamps of a circuit are read live; ohms and microfarads never', () => {
  const printed = ['kitBreakerA'];
  const live = figures('volts', 'amps', 'microamps').filter(({ id }) => !printed.includes(id));
  expect(live.length).toBeGreaterThan(20);
  expect(named(live, ['live'])).toEqual([]);
  expect(named(figures('ohms', 'microfarads'), ['dead'])).toEqual([]);
});

test('static, flow and temperature are never read dead', () => {
  const running = figures('inWc', 'cfm', 'degF', 'deltaF');
  expect(running.length).toBeGreaterThan(6);
  expect(named(running, ['running', 'live', 'seen'])).toEqual([]);
});
