import { blankImage } from '../image';
import { blankFault, nothingFound } from './nothingFound';
import type { ReadWord } from './words';

const words = (texts: readonly string[], confidence = 92): ReadWord[] =>
  texts.map((text, i) => ({ text, confidence, box: { x: 90 * i, y: 10, width: 80, height: 24 } }));

test.each([
  ['a black photo', 4, [], /nearly black/],
  ['an empty sheet', 210, [], /Nothing is printed/],
])('%s says what it is', (_, gray, none, says) => {
  const image = blankImage(120, 90);
  image.data.fill(gray);
  expect(nothingFound(image, none, 'table')).toMatch(says);
  expect(blankFault(image)).toMatch(says);
});

test('print that cannot be read, and print without a table, are two different things', () => {
  const image = blankImage(120, 90);
  for (let i = 0; i < image.data.length; i += 1) if (i % 7 < 2) image.data[i] = 20;
  expect(nothingFound(image, words(['~~', 'ii'], 20), 'table')).toMatch(/No print could be read/);
  const caution = words(['Caution', 'hot', 'surface', 'inside']);
  expect(nothingFound(image, caution, 'table')).toMatch(/no table was found/);
  expect(nothingFound(image, caution, 'plate')).toMatch(/nothing of a nameplate/);
  expect(blankFault(image)).toBeUndefined();
  const small = words(Array.from({ length: 9 }, (_, i) => `10${i}`));
  const large = blankImage(2400, 200);
  for (let i = 0; i < large.data.length; i += 1) if (i % 7 < 2) large.data[i] = 20;
  expect(nothingFound(large, small, 'table')).toMatch(/print is small/);
  expect(nothingFound(large, small.slice(1, 5), 'table')).toMatch(/no table was found/);
});
