import type { BlowerTableDto, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { renderThemed } from '../../testing/render';
import { measured, TABLE } from '../../testing/visits';
import { bySite, SitesPage } from './SitesPage';

const mockLists: Record<string, object[]> = {};
const mockSaved = jest.fn();
const mockKeep = jest.fn();
let mockDraft: VisitDto | null = null;
jest.mock('expo-router', () => ({ router: { push: jest.fn() }, usePathname: () => '/sites' }));
jest.mock('../../data/draft', () => ({ useDraft: () => ({ draft: mockDraft, keep: mockKeep }) }));
jest.mock('../../data/records', () => {
  const records = (name: string) => ({
    useList: () => ({ records: (mockLists[name] ?? []).map((record) => ({ record })), isError: !mockLists[name] }),
    useSave: () => ({ mutate: (record: object) => mockSaved(name, record) as unknown }),
  });
  return {
    units: records('units'),
    sites: records('sites'),
    visits: records('visits'),
    blowerTables: records('tables'),
  };
});

const unit = (n: number, more: Partial<UnitDto> = {}): UnitDto => ({
  id: `33330000-0000-4000-8000-00000000000${n}`,
  name: `Unit ${n}`,
  siteName: 'Quay library',
  layout: 'airHandler',
  motor: 'constantTorque',
  tons: 3,
  tap: '3',
  cfmPerTon: 400,
  maxTespInWc: 0.5,
  blowerTableId: TABLE.id,
  savedAt: TABLE.savedAt,
  ...more,
});
const place: SiteDto = { id: unit(9).id, name: 'Quay library', altitudeFt: 620, savedAt: TABLE.savedAt };
const kept = () => (mockKeep.mock.calls[0] as [VisitDto])[0];

beforeEach(() => {
  jest.clearAllMocks();
  mockDraft = null;
  Object.assign(mockLists, { units: [unit(1), unit(2, { siteName: 'Boat repair' })], sites: [place], tables: [TABLE] });
});

test('units stand under their site, in the order given', () => {
  const list = [unit(1), unit(2, { siteName: 'Boat repair' }), unit(3)];
  expect(bySite(list).map(([site, units]) => [site, units.map(({ name }) => name)])).toEqual([
    ['Quay library', ['Unit 1', 'Unit 3']],
    ['Boat repair', ['Unit 2']],
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
    expect(mockSaved).not.toHaveBeenCalled();
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
    expect(mockSaved).toHaveBeenCalledWith(
      'visits',
      expect.objectContaining({ id: mockDraft.id, readings: mockDraft.readings }),
    );
    expect(kept().readings).toEqual([]);
  });
  test('where a check is open already, goes on with it', () => {
    mockDraft = { ...measured(), unitId: unit(1).id };
    start();
    expect(mockKeep).not.toHaveBeenCalled();
    expect(mockSaved).not.toHaveBeenCalled();
    expect(router.push).toHaveBeenCalledWith('/quick');
  });
});

describe('the altitude of a site', () => {
  test('is corrected in place, and nonsense is answered', () => {
    renderThemed(<SitesPage />);
    fireEvent.press(screen.getByLabelText('Altitude of Quay library: 620 ft. Change'));
    fireEvent.changeText(screen.getByLabelText('Altitude, ft'), '62000');
    fireEvent.press(screen.getByText(/^Keep/));
    expect(mockSaved).not.toHaveBeenCalled();
    expect(screen.getByText(/must be/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Altitude, ft'), '1,250');
    fireEvent.press(screen.getByText(/^Keep/));
    expect(mockSaved).toHaveBeenCalledWith('sites', expect.objectContaining({ id: place.id, altitudeFt: 1250 }));
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
