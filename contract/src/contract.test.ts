import {
  BlowerTableDto,
  check,
  FactDto,
  knownInputs,
  pressureReading,
  ReadingDto,
  unitFacts,
  UnitDto,
  VisitDto,
} from '.';
import { errorsOf } from './testing/errorsOf';

const id = (n: number) => `0b5c2d1e-0000-4000-8000-${String(n).padStart(12, '0')}`;
const now = '2026-05-12T10:42:00.000Z';
const reading = (more: object = {}) => ({
  id: id(1),
  quantity: 'staticPressure',
  port: 'R2',
  value: -0.31,
  unit: 'inWc',
  origin: 'typed',
  conditions: { door: 'on', filter: 'in', coil: 'wet' },
  takenAt: now,
  ...more,
});
const figures = { staticsInWc: [0.1, 0.2], taps: [{ tap: '1', flowsCfm: [900, null] }] };
const visit = (more: object = {}) => ({
  id: id(2),
  title: 'Reading room',
  layout: 'airHandler',
  motor: 'psc',
  tons: 3,
  maxTespInWc: null,
  cfmPerTon: 400,
  tap: '1',
  mode: 'cooling',
  table: { id: id(3), name: 'Wren', ...figures },
  startedAt: now,
  readings: [reading()],
  ...more,
});

test('a sound visit passes, keeps its blanks, and loses what the class does not know', () => {
  const checked = check(VisitDto, visit({ extra: 'x' }));
  if (!checked.ok) throw new Error(JSON.stringify(checked.errors));
  expect(checked.value).not.toHaveProperty('extra');
  expect(unitFacts(checked.value)).toMatchObject({ tons: 3, maxTespInWc: undefined, tap: '1', table: figures });
  expect(pressureReading(checked.value.readings[0]!)).toMatchObject({ port: 'R2', staticInWc: -0.31 });
});

test.each([
  ['letters for a number', reading({ value: '0.31' }), 'value', 'Static must be a number.'],
  ['past the limit', reading({ value: -31 }), 'value', 'Static must be between −5 and 5 in. w.c.'],
  ['not finite', reading({ value: Number.NaN }), 'value', 'Static must be a number.'],
  ['an unknown port', reading({ port: 'Q9' }), 'port', 'The port must be one of R0, R1, R2, S1, S2, S3.'],
  ['a bad id', reading({ id: '7' }), 'id', 'The reading’s id must be a UUID.'],
  [
    'a time without zone',
    reading({ takenAt: '2026-05-12T10:42:00' }),
    'takenAt',
    'The time of the reading must be a date and time with its zone, in the years 1970 to 9999.',
  ],
  [
    'a bad condition',
    reading({ conditions: { door: 'ajar', filter: 'in', coil: 'wet' } }),
    'conditions.door',
    'The door is on or off.',
  ],
])('a reading with %s', (_, plain, field, message) => {
  expect(errorsOf(ReadingDto, plain)).toEqual([{ field, message }]);
});

test('errors inside a list name the place', () => {
  expect(errorsOf(VisitDto, visit({ readings: [reading(), reading({ value: 9 })] }))).toEqual([
    { field: 'readings[1].value', message: 'Static must be between −5 and 5 in. w.c.' },
  ]);
  expect(errorsOf(VisitDto, visit({ readings: 'none' }))[0]?.message).toBe('Readings must be a list.');
});

test.each([[null], [[]], ['text'], [7], [undefined]])('a body of %p is no object', (body) => {
  expect(errorsOf(VisitDto, body)).toEqual([{ field: '', message: 'Send a JSON object.' }]);
});

describe('a blower table', () => {
  const table = (more: object = {}) => ({
    id: id(3),
    name: 'Wren',
    motor: 'psc',
    tons: 2.5,
    ...figures,
    ...more,
  });

  test('sound', () => expect(errorsOf(BlowerTableDto, table())).toEqual([]));

  test.each([
    ['rising flow', { taps: [{ tap: '1', flowsCfm: [900, 910] }] }, 'taps', 'Airflow falls as static rises'],
    ['a tap twice', { taps: [figures.taps[0], figures.taps[0]] }, 'taps', 'Tap 1 is there twice'],
    ['a row too short', { taps: [{ tap: '1', flowsCfm: [900] }] }, 'taps', '1 cells for 2 statics'],
    [
      'a flow as text',
      { taps: [{ tap: '1', flowsCfm: ['900', null] }] },
      'taps[0].flowsCfm',
      'Each cell must be a CFM',
    ],
    ['statics as text', { staticsInWc: ['0.1', 0.2] }, 'staticsInWc', 'Each static must be a number'],
    ['taps that are no rows', { taps: [7] }, 'taps', 'Each tap'],
    ['no name', { name: '  ' }, 'name', 'must not be blank'],
    ['tons of zero', { tons: 0 }, 'tons', 'Tons must be between 0.5 and 150.'],
  ])('%s', (_, more, field, message) => {
    const errors = errorsOf(BlowerTableDto, table(more));
    expect(errors[0]?.field.startsWith(field)).toBe(true);
    expect(errors.map((e) => e.message).join(' ')).toContain(message);
  });
});

test('a unit may lack tons, nameplate and table, not its names', () => {
  const unit = {
    id: id(4),
    siteId: id(6),
    name: 'Roof 1',
    layout: 'packaged',
    motor: 'beltDrive',
    cfmPerTon: 400,
  };
  expect(errorsOf(UnitDto, unit)).toEqual([]);
  expect(errorsOf(UnitDto, { ...unit, siteId: undefined })).toEqual([
    { field: 'siteId', message: 'The site’s id must be a UUID.' },
  ]);
});

describe('facts', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  const fact = (kind: string, inputs: unknown) => ({ id: id(5), kind, inputs, takenAt: now });

  test.each([
    ['electricHeat', heat],
    ['look', { item: 'belt', state: 'slack', note: 'squeals' }],
    ['setAside', { method: 'traverse', reason: 'too near an elbow' }],
  ])('a sound %s passes', (kind, inputs) => expect(errorsOf(FactDto, fact(kind, inputs))).toEqual([]));

  test.each([
    ['electricHeat', { ...heat, amps: 0 }, 'Element amps must be above 0.'],
    ['electricHeat', [1], 'Inputs must be an object.'],
    ['look', { item: 'belt', state: 'blue' }, 'Belt is one of good, slack, glazed, cracked, broken.'],
    ['look', { item: 'moon', state: 'full' }, 'An inspection names what was inspected.'],
    ['setAside', { method: 'traverse' }, 'The reason must be text.'],
  ])('%s %j is refused with what would be right', (kind, inputs, message) =>
    expect(errorsOf(FactDto, fact(kind, inputs))).toEqual([{ field: 'inputs', message }]),
  );

  test('an unknown kind is refused; what a client adds is not kept', () => {
    expect(errorsOf(FactDto, fact('guess', {}))[0]?.field).toBe('kind');
    expect(knownInputs('electricHeat', { ...heat, junk: 'x' })).toEqual(heat);
    expect(knownInputs('look', { item: 'belt', state: 'slack', junk: 1 })).toEqual({ item: 'belt', state: 'slack' });
  });

  test('the setup is judged field by field', () => {
    const errors = errorsOf(VisitDto, visit({ setup: { altitudeFt: 40_000, filterPlace: 'roof' } }));
    expect(errors.map((e) => e.field).sort()).toEqual(['setup.altitudeFt', 'setup.filterPlace']);
    expect(errors.find((e) => e.field === 'setup.altitudeFt')?.message).toBe(
      'Altitude must be between −1,000 and 15,000 ft.',
    );
  });
});
