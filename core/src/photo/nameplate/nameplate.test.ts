import { blankImage } from '../image';
import type { ReadWord } from '../words';
import { contradictions, plateOf, readPlate } from './readPlate';
import { PLATE_FIELDS, usualAlike } from './plateFields';

/** Lines of a plate as words. */
const words = (lines: readonly string[], confidence = 92): ReadWord[] =>
  lines.flatMap((line, i) => {
    let x = 20;
    return line.split(' ').map((text) => {
      const box = { x, y: 40 * i, width: 12 * text.length, height: 24 };
      x += box.width + 10;
      return { text, confidence, box };
    });
  });
const read = (...lines: string[]) => Object.fromEntries(plateOf([words(lines)]).map(({ id, value }) => [id, value]));

test.each([
  ['MODEL NO. HA036B12-1C', { model: 'HA036B12-1C' }],
  ['M/N HAO36B', { model: 'HA036B' }],
  ['SERIAL: 5126K10442', { serial: '5126K10442' }],
  ['MFG DATE 03/2029', { year: '2029' }],
  ['VOLTS 208/230 PH 1 HZ 60', { volts: '230', phases: 'one' }],
  ['460 V 3 PH', { volts: '460', phases: 'three' }],
  ['F.L.A. 4.3', { fullLoadAmps: '4.3' }],
  ['MIN. CIRCUIT AMPS 12.5', { minCircuitAmps: '12.5' }],
  ['MAX. BREAKER 30', { breakerAmps: '30' }],
  ['HP 1/3 RPM 1075', { horsepower: '0.33', rpm: '1075' }],
  ['3/4 HP', { horsepower: '0.75' }],
  ['CAPACITOR 35/5 MFD 440V', { microfarads: '35/5' }],
  ['MAX EXT STATIC 0.50 IN. W.C.', { maxTespInWc: '0.5' }],
  ['MAX EXT STATIC 125 PA', { maxTespInWc: '0.5' }],
  ['TEMP RISE 35 - 65 F', { riseF: '35-65' }],
  ['REFRIGERANT R-410A', { refrigerant: 'R-410A' }],
  ['FACTORY CHARGE: 7 LBS 4 OZ', { chargeLb: '7.25' }],
  ['CHARGE 3.2 KG', { chargeLb: '7.05' }],
  ['INPUT 80,000 BTU/H', { inputBtuh: '80000' }],
  ['HEAT KIT 10 KW', { heaterKw: '10' }],
  ['BELT A47', { beltMark: 'A47' }],
  ['FILTER 16 x 25 x 4', { filterSize: '16x25x4' }],
  ['CAUTION DISCONNECT POWER', {}],
])('%s', (line, fields) => expect(read(line)).toEqual(fields));

test('a label in one column, its value in the next', () => {
  const apart = words(['RPM 1075']).map((word, i) => ({ ...word, box: { ...word.box, x: word.box.x + 400 * i } }));
  expect(plateOf([apart])).toMatchObject([{ id: 'rpm', value: '1075' }]);
});

test('two readings that agree are taken; two that do not are asked about, with both', () => {
  const [one] = plateOf([words(['RPM 1075']), words(['RPM 1075'])]);
  expect(one).toMatchObject({ value: '1075', isDoubted: false });
  const [two] = plateOf([words(['RPM 1075']), words(['RPM 1076'], 60)]);
  expect(two).toMatchObject({ value: '1075', isDoubted: true, others: ['1076'] });
});

test('a breaker of a size that nobody makes is asked about, with sizes that look like it', () => {
  const [field] = plateOf([words(['MOCP 39']), words(['MOCP 39'])]);
  expect(field).toMatchObject({ id: 'breakerAmps', isDoubted: true });
  expect(field!.others).toContain('30');
  // Where another reading has one that is made, that one is taken.
  expect(plateOf([words(['MOCP 39'], 95), words(['MOCP 30'], 70)])[0]).toMatchObject({ value: '30', isDoubted: false });
  const breaker = PLATE_FIELDS.find(({ id }) => id === 'breakerAmps')!;
  expect(usualAlike(breaker, '30')).toEqual([]);
});

test('fields that contradict each other are asked about', () => {
  const fields = plateOf([words(['MCA 41.5', 'MOCP 30']), words(['MCA 41.5', 'MOCP 30'])]);
  expect(fields.map(({ id, isDoubted }) => [id, isDoubted])).toEqual([
    ['minCircuitAmps', true],
    ['breakerAmps', true],
  ]);
  expect(contradictions((id) => ({ inputBtuh: 80_000, outputBtuh: 64_000 })[id as 'inputBtuh'])).toEqual([]);
});

test('a field knows where it was read', () => {
  const [field] = plateOf([words(['MODEL NO. HA036B12'])]);
  expect(field!.box.x).toBeGreaterThan(100);
});

test('a plate is read twice, and says what it is early', async () => {
  const modes: string[] = [];
  let early = 0;
  const { fields } = await readPlate(
    blankImage(300, 200),
    (_, { mode }) => {
      modes.push(mode);
      return Promise.resolve(words(['VOLTS 240']));
    },
    (first) => {
      early = first.fields.length;
    },
  );
  expect(modes).toHaveLength(2);
  expect(early).toBe(1);
  expect(fields).toMatchObject([{ id: 'volts', value: '240', isDoubted: false }]);
});
