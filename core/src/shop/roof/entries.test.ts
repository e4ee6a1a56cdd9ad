import { checkPoint } from '../../call/points';
import { LAYOUT_IDS } from '../../air/system';
import { CALL_CAUTIONS } from '../../call/complaint';
import { roofCaution, roofEntries } from './entries';
import { ROOF_COLUMNS } from './marks';

const BELT_ROOF = { layout: 'packaged', motor: 'beltDrive' } as const;
const columns = (unit: Parameters<typeof roofEntries>[1]) =>
  ROOF_COLUMNS.filter(({ id }) => roofEntries(id, unit).length > 0).map(({ id }) => id);

test('a belt unit takes an entry under every check but airflow, which is worked out', () =>
  expect(columns(BELT_ROOF)).toEqual(['filter', 'belt', 'wheel', 'coil', 'static', 'drop', 'amps', 'drain', 'heat']));

test('a unit without a belt has none to look at; make-up air has no coil, drop or drain', () => {
  expect(columns({ layout: 'packaged', motor: 'psc' })).not.toContain('belt');
  expect(columns({ layout: 'makeUpAir', motor: 'beltDrive' })).toEqual([
    'filter',
    'belt',
    'wheel',
    'static',
    'amps',
    'heat',
  ]);
});

test('static is read at the ports of the boundary, in the order of the air', () => {
  expect(roofEntries('static', BELT_ROOF)).toEqual([
    { kind: 'port', port: 'R1' },
    { kind: 'port', port: 'S1' },
  ]);
  // It draws from outdoors: there is nothing before it.
  expect(roofEntries('static', { layout: 'makeUpAir', motor: 'beltDrive' })).toEqual([{ kind: 'port', port: 'S1' }]);
});

test.each(LAYOUT_IDS)('what is typed at a %s is a point of the catalogue with a figure', (layout) => {
  const [entry] = roofEntries('amps', { layout, motor: 'psc' });
  expect(entry?.kind === 'point' && checkPoint(entry.point)?.number?.unit).toBe('amps');
});

test('hands go in only where power was taken off; what is read under power says so; each is a caution that is there', () => {
  const known = CALL_CAUTIONS.map(({ id }) => id);
  const by = new Map(ROOF_COLUMNS.map(({ id }) => [id, roofCaution(id)]));
  for (const column of ['filter', 'belt', 'wheel', 'coil', 'drain', 'heat'] as const)
    expect(by.get(column)).toBe('lockOut');
  expect(by.get('amps')).toBe('live');
  expect(by.get('static')).toBeUndefined();
  for (const id of by.values()) if (id) expect(known).toContain(id);
});
