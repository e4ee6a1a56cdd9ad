import type { BlowerTableDto, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { renderThemed } from '../../testing/render';
import { measured, TABLE } from '../../testing/visits';
import { bySite, SitesPage } from './SitesPage';

const mockLists: Record<string, object[]> = {};
const mockChange = jest.fn();
const mockOpen = jest.fn();
let mockDraft: VisitDto | null = null;
jest.mock('expo-router', () => ({ router: { push: jest.fn() }, usePathname: () => '/sites' }));
jest.mock('../../data/visits', () => ({
  useDraft: () => mockDraft,
  drafts: { open: (visit: VisitDto) => mockOpen(visit) as unknown },
}));
jest.mock('../../data/records', () => {
  const records = (name: string) => ({
    useList: () => ({
      records: (mockLists[name] ?? []).map((record) => ({ record, revision: 5, sending: 'sent' })),
      isError: !mockLists[name],
      isPending: false,
    }),
    change: (...args: unknown[]) => mockChange(...args) as unknown,
  });
  return { units: records('units'), sites: records('sites'), blowerTables: records('tables') };
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
  maxTespInWc: 0.5,
  blowerTableId: TABLE.id,
  ...more,
});
const kept = () => (mockOpen.mock.calls[0] as [VisitDto])[0];

beforeEach(() => {
  jest.clearAllMocks();
  mockDraft = null;
  Object.assign(mockLists, { units: [unit(1), unit(2, { siteId: yard.id })], sites: [place, yard], tables: [TABLE] });
});

test('units stand under their site, both by name; a site that is still to come has its units all the same', () => {
  const list = [unit(3), unit(2, { siteId: yard.id }), unit(1), unit(4, { siteId: 'nobody told' })];
  const places = [place, yard].map((record) => ({ record, revision: 1, sending: 'sent' as const }));
  expect(bySite(list, places).map(({ site, data }) => [site?.record.name, data.map(({ name }) => name)])).toEqual([
    [undefined, ['Unit 4']],
    ['Boat repair', ['Unit 2']],
    ['Quay library', ['Unit 1', 'Unit 3']],
  ]);
});

describe('starting at a unit', () => {
  const start = () => {
    renderThemed(<SitesPage />);
    fireEvent.press(screen.getByLabelText('Check Unit 1'));
  };
  test('brings all its record says, with the site’s altitude', () => {
    start();
    expect(kept()).toMatchObject({
      title: 'Quay library, Unit 1',
      tap: '3',
      table: { name: TABLE.name },
      setup: { altitudeFt: 620 },
      readings: [],
    });
    expect(router.push).toHaveBeenCalledWith('/quick');
  });
  test('a table that is gone leaves the table to be chosen', () => {
    mockLists.tables = [] satisfies BlowerTableDto[];
    start();
    expect(kept().table).toBeNull();
  });
  test('elsewhere, saves what was read: nothing is thrown away', () => {
    mockDraft = { ...measured(), title: 'Other place, Unit 7' };
    start();
    expect(screen.getByText(/A check is open at Other place, Unit 7\. Starting at another unit saves it/)).toBeTruthy();
    expect(kept().readings).toEqual([]);
  });
  test('where a check is open already, goes on with it', () => {
    mockDraft = { ...measured(), unitId: unit(1).id };
    start();
    expect(mockOpen).not.toHaveBeenCalled();
    expect(router.push).toHaveBeenCalledWith('/quick');
  });
});

describe('the altitude of a site', () => {
  test('is corrected in place, and nonsense is answered', () => {
    renderThemed(<SitesPage />);
    fireEvent.press(screen.getByLabelText('Altitude of Quay library: 620 ft. Change'));
    fireEvent.changeText(screen.getByLabelText('Altitude, ft'), '62000');
    fireEvent.press(screen.getByText(/^Keep/));
    expect(mockChange).not.toHaveBeenCalled();
    expect(screen.getByText(/must be/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Altitude, ft'), '1,250');
    fireEvent.press(screen.getByText(/^Keep/));
    expect(mockChange).toHaveBeenCalledWith(
      expect.objectContaining({ record: place, revision: 5 }),
      expect.objectContaining({ id: place.id, name: 'Quay library', altitudeFt: 1250 }),
      'Altitude of Quay library changed.',
    );
  });
  test('is asked for where nobody said it', () => {
    renderThemed(<SitesPage />);
    expect(screen.getByLabelText('Altitude of Boat repair: altitude?. Change')).toBeTruthy();
  });
});

test('without units it teaches, and says when the server was silent', () => {
  mockLists.units = [];
  renderThemed(<SitesPage />);
  expect(screen.getByText('No unit yet. Start with a quick check under Today.')).toBeTruthy();
  delete mockLists.units;
  renderThemed(<SitesPage />);
  expect(screen.getByText(/have not been read from the server yet/)).toBeTruthy();
});
