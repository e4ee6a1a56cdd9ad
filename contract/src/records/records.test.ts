import { fieldLabel, fieldsOfKind, RECORD_KINDS, RECORDS, searchedOf, sheetOf } from '.';

test('a sheet has the columns it always had, in their order', () => {
  expect(sheetOf('site').map(([head, path]) => [head, path])).toEqual([
    ['name', 'name'],
    ['address', 'address'],
    ['access', 'accessNotes'],
    ['contact', 'contact'],
    ['phone', 'phone'],
    ['mail', 'email'],
    ['altitude ft', 'altitudeFt'],
    ['climate', 'climate'],
  ]);
  expect(sheetOf('unit').map(([head]) => head)).toEqual([
    'name',
    'air path',
    'motor',
    'tons',
    'nameplate static in. w.c.',
    'target CFM per ton',
    'speed',
    'model',
    'serial',
    'filters',
    'filter width in.',
    'filter height in.',
    'where it is',
    'notes',
    'hours in use',
  ]);
});

test.each(RECORD_KINDS)('every field of a %s is named, and no two by one name', (kind) => {
  const labels = fieldsOfKind(kind).map(([name]) => fieldLabel(kind, name));
  for (const label of labels) expect(label).toMatch(/^[A-Z]/);
  expect(new Set(labels).size).toBe(labels.length);
  expect(RECORDS[kind].table).toMatch(/^[a-z_]+$/);
});

test('a field is named by its path: within an object, in a list, or by the form that asks for it', () => {
  expect(fieldLabel('unit', 'setup.altitudeFt')).toBe('Altitude, ft');
  expect(fieldLabel('unit', 'ports.R2')).toBe('Hole R2');
  expect(fieldLabel('shop', 'moves.newFilter')).toBe('Minutes and money');
  expect(fieldLabel('unit', 'plate.model')).toBe('Model number');
  // Its label is loaded later than the first screen.
  expect(fieldLabel('shop', 'odds.wheelCaked')).toBe('Wheel caked');
  expect(fieldLabel('unit', 'unheardOf')).toBe('unheardOf');
});

test('what is searched', () => {
  expect(searchedOf('site')).toEqual(['name', 'address', 'accessNotes', 'contact']);
  expect(searchedOf('unit')).toEqual(['name', 'plate.model', 'plate.serial', 'location', 'notes']);
});
