import type { SiteDto, UnitDto } from '@huff/contract';
import { keptText } from '@huff/core';
import { findPlaces, type Places } from './findPlaces';

const site = (id: string, name: string, more: Partial<SiteDto> = {}): SiteDto => ({ id, name, ...more });
const unit = (id: string, siteId: string, name: string, more: Partial<UnitDto> = {}): UnitDto => ({
  id,
  siteId,
  name,
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  ...more,
});
const places: Places = {
  sites: [
    site('a', 'Lantern Quay library', { address: '4 Mole Street' }),
    site('b', 'Kiln Row pottery'),
    site('c', 'Old mill', { archivedAt: '2026-01-01T00:00:00Z' }),
  ],
  units: [
    unit('1', 'a', 'Reading room', { plate: { model: 'AX4-036' } }),
    unit('2', 'b', 'Kiln hood', { notes: 'ladder behind the shed' }),
  ],
};
const names = (sought: string) => findPlaces(places, sought).map((place) => place.name);

test.each([
  ['lant', ['Lantern Quay library', 'Reading room']],
  ['libary', ['Lantern Quay library', 'Reading room']],
  ['reading quay', ['Reading room']],
  ['potery', ['Kiln Row pottery', 'Kiln hood']],
  ['AX4-036', ['Reading room']],
  ['mole', ['Lantern Quay library']],
  ['shed', ['Kiln hood']],
  ['mill', []],
  ['', []],
])('%j finds %j', (sought, expected) => expect(names(sought).sort()).toEqual([...expected].sort()));

test('the one whose own name it is comes first, and a unit says where it stands', () => {
  expect(findPlaces(places, 'kiln')[0]).toMatchObject({ name: expect.stringContaining('Kiln') });
  expect(findPlaces(places, 'reading')[0]).toEqual({
    of: 'unit',
    id: '1',
    name: 'Reading room',
    siteName: 'Lantern Quay library',
  });
});

test('visits are found by what was found at them, which is said; parts by kind and name', () => {
  const found = (words: string) => ({
    id: words,
    area: 'coil',
    words,
    minutes: 0,
    money: 0,
    outcome: 'open',
    since: '',
  });
  const held: Places = {
    ...places,
    parts: [{ key: 'belt:A48', kind: 'belt', name: 'Belt A48' }],
    visits: [
      {
        id: 'v1',
        title: 'Lantern Quay library, Roof 1',
        startedAt: '2026-03-01T10:00:00.000Z',
        headline: keptText('Stay on tap 3'),
        found: [found('Contactor pitted.'), found('Trap missing.')] as never,
        noted: ['Wasps behind the panel'],
      },
    ],
  };
  expect(findPlaces(held, 'trap')).toEqual([
    {
      of: 'visit',
      id: 'v1',
      name: 'Lantern Quay library, Roof 1',
      words: 'Trap missing.',
      at: '2026-03-01T10:00:00.000Z',
    },
  ]);
  expect(findPlaces(held, 'wasp')[0]?.words).toBe('Wasps behind the panel');
  expect(findPlaces(held, 'roof')[0]?.words).toBe('Stay on tap 3');
  expect(findPlaces(held, 'a48')).toEqual([{ of: 'part', id: 'belt:A48', name: 'Belt A48', words: 'belt' }]);
});
