import { checkPoint } from '../points';
import type { TriageItem } from '../triage/triage';
import { bringList } from '../../shop/stock';
import { EQUIPMENT_KINDS, equipmentOf, upkeepRoute } from './equipment';
import { intoShape, VISIT_MINUTES } from './intoShape';
import { UPKEEP_DONE } from './done';
import { UPKEEP_POINTS } from './points';

test.each(EQUIPMENT_KINDS)('the route of “$name” names points that exist, each once, drain after coil', ({ route }) => {
  for (const id of route) expect(checkPoint(id)?.id).toBe(id);
  expect(new Set(route).size).toBe(route.length);
  if (route.includes('drainFlush')) expect(route.indexOf('upkeepCoil')).toBeLessThan(route.indexOf('drainFlush'));
  if (route.includes('drainTrap')) expect(route.indexOf('drainFlush')).toBeLessThan(route.indexOf('drainTrap'));
});

test('every maintenance point that can be done has words for the owner', () => {
  const done = UPKEEP_POINTS.filter(({ states = [] }) => states.some(({ id }) => id === 'done')).map(({ id }) => id);
  expect(done.length).toBeGreaterThan(15);
  expect(done.filter((id) => UPKEEP_DONE[id] === undefined)).toEqual([]);
});

test('the complaint goes before what the air path makes likely', () => {
  expect(equipmentOf('packaged').id).toBe('rooftop');
  expect(equipmentOf('packaged', 'exhaustFan').id).toBe('exhaustFan');
  expect(equipmentOf('airHandler', 'nothing known').id).toBe('splitElectric');
});

test('a belt is looked at only where one drives the wheel', () => {
  const rooftop = equipmentOf('packaged');
  expect(upkeepRoute(rooftop, 'beltDrive')).toContain('upkeepBelt');
  expect(upkeepRoute(rooftop, 'psc')).not.toContain('upkeepBelt');
  expect(upkeepRoute(equipmentOf('makeUpAir'), 'beltDrive').some((id) => id.startsWith('drain'))).toBe(false);
});

test('what to bring: filters and belt of the unit, and what was wanting last time, each once', () => {
  const unit = {
    filters: [
      { count: 4, widthIn: 20, heightIn: 24.5 },
      { count: 1, widthIn: 12, heightIn: 24 },
    ],
    filterWords: '4–5 in. MERV 13',
    belt: 'A44',
    ratedMicrofarads: 7.5,
  };
  const last = [
    { point: 'upkeepContactor', state: 'found' },
    { point: 'upkeepCapacitor', state: 'found' },
    { point: 'upkeepBelt', state: 'found' },
    { point: 'upkeepHeatAmps', state: 'done' },
    { point: 'upkeepNothing', state: 'found' },
  ];
  expect(bringList(unit, last)).toEqual([
    '4 filters 20 × 24.5 in., 4–5 in. MERV 13',
    '1 filter 12 × 24 in., 4–5 in. MERV 13',
    '2 belts A44: one to install, one to leave',
    'contactor',
    'run capacitor 7.5 µF',
  ]);
  expect(bringList({ filters: [] }, [])).toEqual([]);
  expect(bringList({ filters: [] }, [{ point: 'upkeepCapacitor', state: 'found' }])).toEqual(['run capacitor']);
});

test('a neglected unit: time, parts, visits, then an interval; what is settled does not count', () => {
  const item = (minutes: number, money: number, outcome: TriageItem['outcome'] = 'open'): TriageItem => ({
    id: `${minutes}`,
    area: 'coil',
    words: '',
    minutes,
    money,
    outcome,
  });
  const short = intoShape([item(45, 0, 'dealtWith')], 80, 6);
  expect(short).toMatchObject({ minutes: 80, money: 0, visits: 1, intervalMonths: 6 });
  expect(short.sentence).toBe(
    'Into shape: about 1 h 20 min, no parts, one visit on time and materials; then every 6 months.',
  );
  const long = intoShape([item(VISIT_MINUTES, 90), item(60, 18)], 10, 3);
  expect(long).toMatchObject({ minutes: VISIT_MINUTES + 70, money: 108, visits: 2 });
  expect(long.sentence).toMatch(/2 visits on time and materials; then every 3 months/);
});
