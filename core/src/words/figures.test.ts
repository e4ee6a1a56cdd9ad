import { flowText, percentText, staticText, tonsText } from '.';

test('figures read as a technician writes them', () => {
  expect([0.58, -0.312, 0, -0.001, 1].map(staticText)).toEqual(['0.58', '−0.31', '0.00', '0.00', '1.00']);
  expect([940.2, 1035.5, 12].map(flowText)).toEqual(['940', '1,036', '12']);
  expect(percentText(0.345)).toBe('35 %');
  expect([3, 2.5, 7.5].map(tonsText)).toEqual(['3', '2.5', '7.5']);
});
