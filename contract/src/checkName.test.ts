import { isUnnamed, namedByComplaint, ownersTitle, quickCheckTitle } from './checkName';

test('a check is named by its complaint until somebody names it, and keeps its site', () => {
  const named = namedByComplaint('Quick check', 'smells hot, smoke or alarm');
  expect(named).toBe('Quick check: smells hot');
  expect(namedByComplaint(named, 'no heat')).toBe('Quick check: no heat');
  const atSite = namedByComplaint(quickCheckTitle('Barn, north'), 'no heat');
  expect(atSite).toBe('Barn, north, Quick check: no heat');
  expect(['Quick check', named, atSite, 'Quick checks of the barn', 'Barn, Loft'].map(isUnnamed)).toEqual([
    true,
    true,
    true,
    false,
    false,
  ]);
});

test('the owner is told the unit, or the site alone, or nothing', () => {
  expect(['Barn, Loft', quickCheckTitle('Barn'), quickCheckTitle()].map(ownersTitle)).toEqual([
    'Barn, Loft',
    'Barn',
    undefined,
  ]);
});
