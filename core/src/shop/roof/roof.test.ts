import { checkPoint } from '../../call/points';
import type { Check } from '../../call/checks';
import { DEFAULT_RULES } from '../../judge/verdicts';
import { lookItem } from '../../judge/look';
import type { TriageItem } from '../../call/triage/triage';
import { assessVisit } from '../../visit/assess';
import { marksOf, SEEN, type RoofFacts } from './marks';
import { hoursNow, typedHours } from './neededHours';
import { orderOfWork } from './orderOfWork';
import { sparesFor, takeUp } from './takeUp';

const visit = (looks: readonly (readonly [string, string])[]) =>
  assessVisit(
    {
      unit: { layout: 'airHandler', motor: 'psc', maxTespInWc: 0.5, tons: 2 },
      mode: 'cooling',
      readings: [],
      facts: looks.map(([item, state], i) => ({ id: `look-${i}`, kind: 'look' as const, inputs: { item, state } })),
    },
    DEFAULT_RULES,
  );
const marks = (
  looks: readonly (readonly [string, string])[],
  checks: readonly Check[] = [],
  more: Partial<RoofFacts> = {},
) =>
  marksOf({
    assessment: visit(looks),
    checks: new Map(checks.map((check) => [check.point, check])),
    context: {},
    amps: [],
    fixed: new Set(),
    ...more,
  });

describe('marks', () => {
  test('what was not looked at has none', () => expect(marks([])).toEqual({}));
  test('a look is inside or outside; the worst of a column counts', () => {
    expect(
      marks([
        ['filter', 'clean'],
        ['belt', 'slack'],
        ['wheel', 'clean'],
      ]),
    ).toEqual({
      filter: 'inside',
      belt: 'outside',
      wheel: 'inside',
    });
    expect(
      marks([
        ['filter', 'clean'],
        ['light', 'no'],
      ]).filter,
    ).toBe('outside');
    expect(marks([['drain', 'runs']], [{ point: 'drainTrap', state: 'found' }]).drain).toBe('outside');
  });
  test('what was fixed at the visit is inside', () => {
    const trap = { point: 'drainTrap', state: 'found' };
    expect(marks([], [trap]).drain).toBe('outside');
    expect(marks([], [trap], { fixed: new Set(['check-drainTrap']) }).drain).toBe('inside');
  });
  test('every point of the heat step tells of heat, and every point and look that is named is one', () => {
    for (const [point, state] of [
      ['igniter', 'dark'],
      ['inducer', 'still'],
      ['limitCircuit', 'limit'],
    ] as const)
      expect([point, marks([], [{ point, state }]).heat]).toEqual([point, 'outside']);
    for (const { looks = [], points = [] } of Object.values(SEEN)) {
      expect(points.filter((point) => !checkPoint(point))).toEqual([]);
      expect(looks.filter((item) => !lookItem(item))).toEqual([]);
    }
  });
  test('amps go by their own lines', () => {
    const line = { id: 'a', sentence: '', word: 'atTheEdge' } as const;
    expect(marks([], [], { amps: [line] }).amps).toBe('atTheEdge');
  });
});

describe('what is taken up', () => {
  test.each([
    [0, 0],
    [1, 1],
    [2, 1],
    [3, 2],
    [6, 4],
  ])('for %d like units %d spare belts', (units, spares) => expect(sparesFor(units)).toBe(spares));
  test('belts by mark with spares, filters by size with the units they are for', () => {
    const unit = (name: string, belt: string | undefined, due: { belt?: true; filter?: true }) => ({
      name,
      parts: { filters: [{ count: 4, widthIn: 20, heightIn: 25 }], belt },
      beltDue: due.belt ?? false,
      filterDue: due.filter ?? false,
    });
    expect(
      takeUp([
        unit('Roof 1', 'A47', { belt: true, filter: true }),
        unit('Roof 2', 'A48', {}),
        unit('Roof 3', 'A47', { filter: true }),
        unit('Roof 4', undefined, {}),
      ]),
    ).toEqual([
      { sought: { kind: 'belt', mark: 'A47' }, part: 'Belt A47', why: '1 fitted + 1 spare', count: 2 },
      { sought: { kind: 'belt', mark: 'A48' }, part: 'Belt A48', why: '1 spare', count: 1 },
      {
        sought: { kind: 'filter', widthIn: 20, heightIn: 25 },
        part: 'Filter 20 × 25',
        why: 'Roof 1, Roof 3',
        count: 8,
      },
    ]);
  });
});

const item = (area: TriageItem['area'], minutes: number, outcome: TriageItem['outcome'] = 'open'): TriageItem => ({
  id: area,
  area,
  words: `${area} wrong.`,
  minutes,
  money: 5,
  outcome,
});

const NOON = 12 * 60;

describe('by severity and the customer’s hours', () => {
  const order = (minuteOfDay: number, ...units: readonly [string, TriageItem, string?][]) =>
    orderOfWork(
      units.map(([name, found, neededHours]) => ({ unitId: name, name, found: [found], neededHours })),
      minuteOfDay,
    ).map(({ name }) => name);
  test('what is not safe or stopped comes first, then what does not run or is being damaged; what is to be watched goes last', () =>
    expect(
      order(
        NOON,
        ['watched', { ...item('blower', 5), concern: 'watch' }],
        ['filter', item('filter', 5)],
        ['damage', { ...item('building', 5), concern: 'damage' }],
        ['stopped', { ...item('coil', 5), isStop: true }],
        ['power', item('power', 5)],
        ['unsafe', item('safety', 5)],
      ),
    ).toEqual(['unsafe', 'stopped', 'power', 'damage', 'filter', 'watched']));
  test('within that, what is closed now is done before it opens, and what is in use waits', () => {
    const three = [
      ['shop', item('filter', 5), '09:00-18:00'],
      ['any time', item('blower', 5)],
      ['kitchen', item('filter', 5), '07:30-22:00'],
    ] as const;
    const at = (minuteOfDay: number) =>
      order(minuteOfDay, ...three.map((one) => [...one] as [string, TriageItem, string?]));
    expect(at(6 * 60)).toEqual(['kitchen', 'shop', 'any time']);
    expect(at(8 * 60)).toEqual(['shop', 'any time', 'kitchen']);
    expect(at(NOON)).toEqual(['any time', 'shop', 'kitchen']);
    expect(at(19 * 60)).toEqual(['shop', 'any time', 'kitchen']);
  });
  test.each([
    ['08:00-17:00', 7 * 60, false, '08:00', 60],
    ['08:00-17:00', 8 * 60, true, '17:00', 540],
    ['08:00-17:00', 17 * 60, false, '08:00', 900],
    ['22:00-06:00', 23 * 60, true, '06:00', 420],
    ['22:00-06:00', 60, true, '06:00', 300],
    ['22:00-06:00', NOON, false, '22:00', 600],
  ])('%s at minute %d', (hours, minute, isInUse, until, inMinutes) =>
    expect(hoursNow(hours, minute)).toEqual({ isInUse, until, inMinutes }),
  );
  test('hours that cannot be read order nothing', () => expect(hoursNow('noon', NOON)).toBeUndefined());
  test.each([
    ['8 to 17:30', '08:00-17:30'],
    ['08:00–17:00', '08:00-17:00'],
    ['2200-0600', '22:00-06:00'],
    ['8', undefined],
    ['8 to 8', undefined],
    ['24:00 to 8', undefined],
    ['8 to 12 to 17', undefined],
    ['all day', undefined],
  ])('typed %j: %s', (text, hours) => expect(typedHours(text)).toBe(hours));
});

test('units are worked by their worst finding, then by how much there is to do; a sound one is not listed', () => {
  const work = orderOfWork(
    [
      { unitId: '1', name: 'Roof 1', found: [item('filter', 5)] },
      { unitId: '2', name: 'Roof 2', found: [item('power', 10, 'dealtWith'), item('ducts', 5, 'declined')] },
      { unitId: '3', name: 'Roof 3', found: [item('coil', 60), item('blower', 30), item('speed', 5, 'quoted')] },
      { unitId: '4', name: 'Roof 4', found: [item('blower', 20)] },
    ],
    NOON,
  );
  expect(work.map(({ name }) => name)).toEqual(['Roof 3', 'Roof 4', 'Roof 1']);
  expect(work[0]).toEqual({ unitId: '3', name: 'Roof 3', words: 'blower wrong; coil wrong', minutes: 95, money: 15 });
});

test('a finding is named by its first clause; one that is cut says so', () => {
  const found = (words: string) =>
    orderOfWork([{ unitId: '1', name: 'Roof 1', found: [{ ...item('ducts', 5), words }] }], NOON)[0]!.words;
  expect(found('Supply duct: takes 0.32 in. w.c., 0.46 at the target’s 3,000 CFM, 57 % of nameplate.')).toBe(
    'Supply duct: takes 0.32 in. w.c.',
  );
  expect(found('Trap missing. Fit one.')).toBe('Trap missing');
  const long = found(`A ${'very '.repeat(20)}long name`);
  expect(long).toMatch(/^A very very .*…$/);
  expect(long.length).toBeLessThan(64);
});
