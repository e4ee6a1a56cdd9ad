import { checkPoint } from '@huff/core/call';
import { assess, knownFor, SAME_FIGURE, type VisitDto } from '.';
import { assessCallOf } from './call';
import { fieldsOfForm, type FormId } from './sameFigure';

const FORMS: readonly FormId[] = [
  'plate',
  'motorPlate',
  'measuredDrop',
  'coolingDrop',
  'electricHeat',
  'gasHeat',
  'traverse',
  'motorLoad',
  'ladder',
  'charge',
];

/** Fields of one name that are not one figure, and why. */
const APART: Readonly<Record<string, string>> = {
  amps: 'of the unit, of the heater, of the blower’s motor: three clamps',
  volts: 'nominal on the nameplate; read under heat; read at the motor',
  returnF: 'return air of cooling and of heating are read at different times',
  supplyF: 'supply air of cooling and of heating, and of a heat pump',
  minutes: 'since cooling began, since heat began, and how long a pressure was held',
  plateAmps: 'of the blower’s motor, and of the compressor',
  altitudeFt: 'of the site: given, never asked twice',
  tons: 'of the visit: given, never asked twice',
  phases: 'one figure; its words differ by form',
  circuit: 'which circuit, not a figure',
};

const figuresOf = (form: FormId, field: string) =>
  Object.entries(SAME_FIGURE).flatMap(([id, places]) =>
    places.some((place) => place.form === form && place.field === field) ? [id] : [],
  );

test('every field of every form: what is asked in two forms is one figure, or said to be two', () => {
  const asked = new Map<string, FormId[]>();
  for (const form of FORMS)
    for (const field of Object.keys(fieldsOfForm(form))) asked.set(field, [...(asked.get(field) ?? []), form]);
  const twice = [...asked].filter(([, forms]) => forms.length > 1);
  expect(twice.length).toBeGreaterThan(12);
  const alone = twice.filter(
    ([field, forms]) =>
      APART[field] === undefined && new Set(forms.map((form) => figuresOf(form, field).join())).size !== 1,
  );
  expect(alone).toEqual([]);
  // Nothing is said to be apart that is not asked twice.
  expect(Object.keys(APART).filter((field) => (asked.get(field) ?? []).length < 2)).toEqual([]);
});

test.each(Object.entries(SAME_FIGURE))('the places of “%s” exist, and there are two or more', (_, places) => {
  expect(places.length).toBeGreaterThan(1);
  for (const { form, field } of places) {
    if (form === 'check') expect(checkPoint(field)?.number).toBeDefined();
    else if (form !== 'setup') expect(Object.keys(fieldsOfForm(form))).toContain(field);
  }
});

let made = 0;
const fact = (kind: string, inputs: object) =>
  ({
    id: `00000000-0000-4000-8000-${String((made += 1)).padStart(12, '0')}`,
    kind,
    inputs,
    takenAt: `2026-05-12T10:${String(made % 60).padStart(2, '0')}:00.000Z`,
  }) as never;
const soundVisit = (): VisitDto => ({
  id: '00000000-0000-4000-8000-0000000000aa',
  title: 'Lantern Quay library, Reading room air handler',
  unitId: null,
  layout: 'airHandler',
  motor: 'psc',
  mode: 'cooling',
  tons: 3,
  maxTespInWc: 0.5,
  cfmPerTon: 400,
  tap: null,
  table: null,
  startedAt: '2026-05-12T09:00:00.000Z',
  readings: [],
  facts: [],
});
const visit = (facts: never[], more: Partial<VisitDto> = {}): VisitDto => ({ ...soundVisit(), facts, ...more });
const DROP = { returnF: 76, moisture: 'wb', returnWetF: 63, supplyF: 57, tons: 3, outdoorF: 91, minutes: 14 };

test('temperatures of the drop are those of the refrigerant side and of the airflow by drop', () => {
  const known = knownFor(visit([fact('measuredDrop', DROP)]), 'ladder');
  expect(Object.fromEntries([...known].map(([field, { value }]) => [field, value]))).toMatchObject({
    returnF: 76,
    outdoorF: 91,
    returnWetBulbF: 63,
    minutesRunning: 14,
  });
  expect(known.get('outdoorF')!.from).toMatch(/^“Drop/);
  expect(knownFor(visit([fact('coolingDrop', DROP)]), 'measuredDrop').get('supplyF')?.value).toBe(57);
});

test('the last one typed counts, wherever that was', () => {
  const facts = [fact('measuredDrop', DROP), fact('ladder', { circuit: '1', outdoorF: 95 })];
  expect(knownFor(visit(facts), 'coolingDrop').get('outdoorF')?.value).toBe(95);
});

test('one that was taken back is not taken over', () => {
  const drop = { ...(fact('measuredDrop', DROP) as { id: string }) };
  const back = { ...(fact('takenBack', {}) as object), replacesId: drop.id };
  expect(knownFor(visit([drop as never, back as never]), 'ladder').size).toBe(0);
});

test('the nameplate is known under Refrigerant, Power, breaker and heat kit', () => {
  const plate = {
    refrigerant: 'R-410A',
    metering: 'orifice',
    subcoolingF: 9,
    chargeLb: 7.5,
    volts: 208,
    phases: 'three',
    breakerAmps: 60,
    heatKitKw: 10,
  };
  const one = visit([], { plate });
  const ladder = knownFor(one, 'ladder');
  expect(ladder.get('refrigerant')).toEqual({ value: 'R-410A', from: 'the nameplate' });
  expect([
    ladder.get('metering')?.value,
    ladder.get('plateSubcoolingF')?.value,
    ladder.get('plateChargeOz')?.value,
  ]).toEqual(['orifice', 9, 120]);
  expect(knownFor(one, 'electricHeat').get('phase')?.value).toBe('three');
  const call = assessCallOf(one, assess(one));
  expect(call.context).toMatchObject({ lineVolts: 208, phases: 3 });
  expect(call.checks.get('kitBreakerA')).toMatchObject({ value: 60, from: 'the nameplate' });
  expect(call.checks.get('kitPlateKw')).toMatchObject({ value: 10 });
});

test('a refrigerant that the ladder does not know is not taken over', () => {
  expect(knownFor(visit([], { plate: { refrigerant: 'R-12' } }), 'ladder').has('refrigerant')).toBe(false);
});

test('what was read of the motor is now at its points until something is read there', () => {
  const load = fact('motorLoad', { phases: 'three', volts: 230, amps: 4.1, legVolts: [226, 229, 233] });
  const one = visit([load]);
  const { checks } = assessCallOf(one, assess(one));
  expect(checks.get('ampsCooling')).toMatchObject({ value: 4.1 });
  expect(checks.get('legVoltsLow')).toMatchObject({ value: 226 });
  const read = visit([load, fact('check', { point: 'ampsCooling', value: 5 })]);
  expect(assessCallOf(read, assess(read)).checks.get('ampsCooling')?.value).toBe(5);
});

test('a dehumidify switch said with its setting is the switch that is looked at', () => {
  const setting = fact('requestedFlow', { by: 'table', tableCfm: 1200, dehumidify: 'noSensor' });
  const one = visit([setting], { motor: 'constantAirflow' });
  expect(assess(one).recorded.get('dehumidify')).toMatchObject({ state: 'on' });
});
