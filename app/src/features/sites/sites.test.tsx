import type { SiteDto, UnitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { renderThemed } from '../../testing/render';
import { bySite, SitesPage } from './SitesPage';
import { siteWith } from './siteForm';

const mockLists: Record<string, object[]> = {};
const mockCreate = jest.fn();
let mockTold: object[] = [];
jest.mock('expo-router', () => ({
  router: { push: jest.fn() },
  usePathname: () => '/sites',
  useLocalSearchParams: () => ({}),
}));
jest.mock('../../data/useSearch', () => ({ useSearch: () => mockTold }));
let mockWhole: object[] = [];
jest.mock('../../data/visits', () => ({
  useVisitList: () => ({
    visits: mockWhole.map((one) => (one as { record: { id: string; startedAt: string } }).record),
  }),
  useVisitsSince: () => ({ visits: mockWhole, isPending: false }),
  useWeekAgo: () => '2026-11-20T00:00:00.000Z',
}));
jest.mock('../../data/records', () => {
  const records = (name: string) => ({
    useList: () => ({
      records: (mockLists[name] ?? []).map((record) => ({ record, revision: 5, sending: 'sent' })),
      isError: !mockLists[name],
      isPending: false,
    }),
    create: (record: object) => mockCreate(record) as unknown,
  });
  return { units: records('units'), sites: records('sites'), shop: records('shop') };
});

const place: SiteDto = { id: '33330000-0000-4000-8000-000000000091', name: 'Quay library', altitudeFt: 620 };
const yard: SiteDto = { id: '33330000-0000-4000-8000-000000000092', name: 'Boat repair' };
const unit = (n: number, more: Partial<UnitDto> = {}): UnitDto => ({
  id: `33330000-0000-4000-8000-00000000000${n}`,
  name: `Unit ${n}`,
  siteId: place.id,
  layout: 'airHandler',
  motor: 'constantTorque',
  tons: 3,
  tap: '3',
  cfmPerTon: 400,
  ...more,
});
const kept = (records: readonly SiteDto[]) =>
  records.map((record) => ({ record, revision: 1, sending: 'sent' as const }));

beforeEach(() => {
  jest.clearAllMocks();
  Object.assign(mockLists, {
    units: [unit(1), unit(2, { siteId: yard.id }), unit(3), unit(4)],
    sites: [place, yard],
  });
});

describe('units under their sites', () => {
  const names = (...args: Parameters<typeof bySite>) =>
    bySite(...args).map(({ site, data }) => [site?.record.name, data.map(({ name }) => name)]);

  test('both by name; a site that is still to come has its units, a site without units stands there', () => {
    const list = [unit(3), unit(1), unit(4, { siteId: 'nobody told' })];
    expect(names(list, kept([place, yard]))).toEqual([
      [undefined, ['Unit 4']],
      ['Boat repair', []],
      ['Quay library', ['Unit 1', 'Unit 3']],
    ]);
  });

  test('what is archived is out of the list, and in the list of the archived: a unit by itself, or with its site', () => {
    const at = '2026-03-01T00:00:00Z';
    const list = [unit(1), unit(2, { archivedAt: at }), unit(3, { siteId: yard.id })];
    const places = kept([place, { ...yard, archivedAt: at }]);
    expect(names(list, places)).toEqual([['Quay library', ['Unit 1']]]);
    expect(names(list, places, true)).toEqual([
      ['Boat repair', ['Unit 3']],
      ['Quay library', ['Unit 2']],
    ]);
  });
});

describe('the list', () => {
  test('a unit and a site are one touch away', () => {
    renderThemed(<SitesPage />);
    fireEvent.press(screen.getByLabelText('Unit Unit 1'));
    expect(router.push).toHaveBeenLastCalledWith(`/units/${unit(1).id}`);
    fireEvent.press(screen.getByLabelText('Site Boat repair'));
    expect(router.push).toHaveBeenLastCalledWith(`/sites/${yard.id}`);
  });

  test('is found in as one types, with a slip forgiven', () => {
    renderThemed(<SitesPage />);
    fireEvent.changeText(screen.getByLabelText('Find anything'), 'libary');
    // The site itself, and its units with its name.
    expect(screen.getAllByText('Quay library')).toHaveLength(4);
    expect(screen.queryByText('Boat repair')).toBeNull();
    fireEvent.changeText(screen.getByLabelText('Find anything'), 'zeppelin');
    expect(screen.getByText('No match for “zeppelin”.')).toBeTruthy();
  });

  test('what the server knows beyond this phone stands under its own places: visits by findings, parts', () => {
    mockTold = [
      { of: 'visit', id: 'v1', name: 'Quay library, Roof 1', words: 'Trap missing', at: '2026-03-01T10:00:00.000Z' },
      { of: 'unit', id: unit(1).id, name: 'Unit 1', siteName: 'Quay library' },
      { of: 'part', id: 'p1', name: 'Belt A48', siteName: null },
    ];
    renderThemed(<SitesPage />);
    fireEvent.changeText(screen.getByLabelText('Find anything'), 'unit 1');
    // The unit is here already: told again it stands there once.
    expect(screen.getAllByText('Unit 1')).toHaveLength(1);
    fireEvent.press(screen.getByText('visit of Mar 1, 2026: Trap missing'));
    expect(router.push).toHaveBeenLastCalledWith('/visits/v1');
    fireEvent.press(screen.getByText('Belt A48'));
    expect(router.push).toHaveBeenLastCalledWith('/settings/stock');
    mockTold = [];
  });

  test('without a signal a visit of this week is found by what was written at it, sent or not', () => {
    const fact = { id: 'f1', kind: 'check', inputs: { point: 'drainTrap', note: 'Wasps behind the panel' } };
    mockWhole = [
      { record: { id: 'v9', title: 'Quay library, Roof 2', startedAt: '2026-11-26T10:00:00.000Z', facts: [fact] } },
    ];
    renderThemed(<SitesPage />);
    fireEvent.changeText(screen.getByLabelText('Find anything'), 'wasp');
    fireEvent.press(screen.getByText('visit of Nov 26, 2026: Wasps behind the panel'));
    expect(router.push).toHaveBeenLastCalledWith('/visits/v9');
    mockWhole = [];
  });

  test('without a site it teaches, and says when the server was silent', () => {
    Object.assign(mockLists, { units: [], sites: [] });
    renderThemed(<SitesPage />);
    expect(screen.getByText(/^No site yet\. Add one here/)).toBeTruthy();
    delete mockLists.units;
    renderThemed(<SitesPage />);
    expect(screen.getByText(/have not loaded yet/)).toBeTruthy();
  });
});

describe('a new site', () => {
  const open = () => {
    renderThemed(<SitesPage />);
    fireEvent.press(screen.getByText('Add a site'));
  };
  const type = (label: RegExp, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);

  test('needs a name; nonsense is named and stays as it was typed', () => {
    open();
    fireEvent.press(screen.getByText('Save site'));
    expect(screen.getByText('Name: type it.')).toBeTruthy();
    type(/^Name/, 'Seed warehouse');
    type(/^Altitude/, '62000');
    fireEvent.press(screen.getByText('Save site'));
    expect(screen.getByText(/Altitude must be between/)).toBeTruthy();
    expect(mockCreate).not.toHaveBeenCalled();
    type(/^Altitude/, '1,250');
    fireEvent.press(screen.getByText('Save site'));
    expect(mockCreate).toHaveBeenCalledWith(expect.objectContaining({ name: 'Seed warehouse', altitudeFt: 1250 }));
  });

  test('of a name that is there is asked about', () => {
    open();
    type(/^Name/, 'quay LIBRARY');
    fireEvent.press(screen.getByText('Save site'));
    expect(screen.getByText(/There is a site Quay library already/)).toBeTruthy();
    expect(mockCreate).not.toHaveBeenCalled();
  });
});

test('a site with what its form says: blanks are not known, the usual climate is none', () => {
  expect(siteWith(place, { name: ' Quay ', address: '', climate: 'usual', phone: '55 12' })).toEqual({
    id: place.id,
    name: 'Quay',
    address: null,
    accessNotes: null,
    contact: null,
    email: null,
    phone: '55 12',
    altitudeFt: null,
    climate: null,
  });
});
