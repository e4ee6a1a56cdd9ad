import { checkNameFor, isUnnamed } from './checkName';

test('a check is named by its complaint until somebody names it', () => {
  expect(checkNameFor('smells hot, smoke or alarm')).toBe('Quick check: smells hot');
  expect(['Quick check', checkNameFor('no heat'), 'Quick checks of the barn', 'Barn'].map(isUnnamed)).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
