import { toolOf } from '@huff/core';
import { rawOf } from '../tool/toolText';
import { addressOf, textsFrom } from './toolAddress';

const traverse = toolOf('traverse')!;

test('an address carries the inputs and gives them back', () => {
  const address = addressOf('traverse', { shape: 'round', diameterIn: 14, readings: [800, 810.5] });
  expect(address).toBe('/calculators/traverse?shape=round&diameterIn=14&readings=800%7E810.5');
  const query = Object.fromEntries(new URLSearchParams(address.split('?')[1]));
  expect(rawOf(traverse, textsFrom(query))).toMatchObject({ shape: 'round', diameterIn: 14, readings: [800, 810.5] });
  expect(addressOf('airState', {})).toBe('/calculators/airState');
});
