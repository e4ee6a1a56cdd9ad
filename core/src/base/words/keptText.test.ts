import fc from 'fast-check';
import { toolText } from '../forms';
import { flowText, flowWords, keptText, readKept, shownWords, staticText, staticWords, unitText } from './figures';
import { keepFigures } from './keptText';
import { SI_MEASURES, type Quantity, withMeasures } from './measures';

const sentence = () => `The coil takes ${staticText(0.4567)} of ${staticWords(0.58)} at ${flowWords(1036.4)}.`;
const keep = (work: () => string) => keptText(keepFigures(work));

test('a stored sentence takes the unit and the rounding of whoever reads it', () => {
  const kept = keep(sentence);
  expect(readKept(kept)).toBe('The coil takes 0.46 of 0.58 in. w.c. at 1,036 CFM.');
  expect(withMeasures(SI_MEASURES, () => readKept(kept))).toBe('The coil takes 114 of 144 Pa at 489 L/s.');
});

test.each([
  ['a unit alone', () => `Typed in ${unitText('inWc')} and ${unitText('cfm')}`, 'Typed in Pa and L/s'],
  ['a figure of a calculation', () => `Target ${toolText(72.5, 'degF')}.`, 'Target 22.5 °C.'],
  ['a figure below zero', () => `Read ${staticText(-0.31)}`, 'Read −77'],
  ['a unit nobody chooses', () => `Add ${toolText(12, 'oz')}.`, 'Add 12 oz.'],
])('%s', (_, words, metric) => expect(withMeasures(SI_MEASURES, () => readKept(keep(words)))).toBe(metric));

test('a unit that ends with a period ends the sentence', () =>
  expect(readKept(keep(() => `Total is ${staticWords(0.58)}. Filter first.`))).toBe(
    'Total is 0.58 in. w.c. Filter first.',
  ));

test('words of an earlier Huff are read as they are', () =>
  expect(readKept(keptText('Filter takes 0.15 of 0.58 in. w.c.'))).toBe('Filter takes 0.15 of 0.58 in. w.c.'));

test('what is stored again keeps its figures', () => {
  const kept = keep(sentence);
  expect(keepFigures(() => readKept(kept))).toBe(kept);
});

test('a mark of a later Huff leaves no sign behind', () =>
  expect(readKept(keptText('Charge ⟦mol 3⟧ now'))).toBe('Charge  now'));

test('any figure is read as it would have been said', () =>
  fc.assert(
    fc.property(
      fc.double({ min: -5000, max: 5000, noNaN: true }),
      fc.constantFrom<Quantity>('cfm', 'degF', 'deltaF', 'fpm', 'btuH', 'psig'),
      fc.option(fc.integer({ min: 0, max: 2 }), { nil: undefined }),
      (drawn, quantity, places) => {
        // What has six digits is stored whole.
        const value = Number(drawn.toPrecision(6));
        expect(readKept(keep(() => shownWords(value, quantity, places)))).toBe(shownWords(value, quantity, places));
        if (value >= 0) expect(readKept(keep(() => flowText(value)))).toBe(flowText(value));
      },
    ),
  ));
