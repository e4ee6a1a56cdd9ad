import { fireEvent, screen } from '@testing-library/react-native';
import type { SiteDto, UnitDto, VisitDto } from '@huff/contract';
import type { ListedVisit } from '../../data/visits';
import { renderThemed } from '../../testing/render';
import { quickCheck } from '../visitState/newVisit';
import { OtherVisits } from './OtherVisits';

let mockDraft: VisitDto | null = null;
let mockList: ListedVisit[] = [];
const mockOpen = jest.fn();
const mockReplace = jest.fn();
jest.mock('expo-router', () => ({ router: { replace: (to: string) => mockReplace(to) } }));
jest.mock('../../data/useRules', () => ({ useRules: () => jest.requireActual('@huff/core').DEFAULT_RULES }));
let mockUnits: UnitDto[] = [];
let mockSites: SiteDto[] = [];
jest.mock('../../data/records', () => ({
  sites: { useList: () => ({ records: mockSites.map((record) => ({ record })) }) },
  units: { useList: () => ({ records: mockUnits.map((record) => ({ record })) }) },
  blowerTables: { useList: () => ({ records: [] }) },
}));
let mockClockOffsetMs: number | undefined;
jest.mock('../../data/useOutbox', () => ({ useSyncStatus: () => ({ clockOffsetMs: mockClockOffsetMs }) }));
jest.mock('../../data/visits', () => ({
  useDraft: () => mockDraft,
  useVisitList: () => ({ visits: mockList }),
  drafts: { open: (visit: VisitDto) => mockOpen(visit) },
}));

const HOUR_MS = 3_600_000;
const named = (title: string, hoursAgo = 0): VisitDto => ({
  ...quickCheck(new Date(Date.now() - hoursAgo * HOUR_MS)),
  id: title,
  title,
});
const listed = ({ id, title, startedAt, unitId }: VisitDto): ListedVisit => ({ id, title, startedAt, unitId });
const unit = (name: string, more: Partial<UnitDto> = {}): UnitDto => ({
  id: `unit ${name}`,
  siteId: 'quay',
  name,
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  ...more,
});

beforeEach(() => {
  mockDraft = null;
  mockList = [];
  mockSites = [{ id: 'quay', name: 'Lantern Quay', altitudeFt: 5000, climate: 'humid' }];
  mockUnits = [unit('Hall'), unit('Loft'), unit('Cellar'), unit('Sold', { archivedAt: '2026-01-01T00:00:00Z' })];
  mockOpen.mockClear();
  mockReplace.mockClear();
});

test('lists what was opened today, not this one and not yesterday’s, and goes there', () => {
  const here = named('Quick check: no heat');
  mockDraft = named('Quick check: not cooling');
  mockList = [listed(here), listed(named('Attic air handler')), listed(named('Barn', 48))];
  renderThemed(<OtherVisits visit={here} />);
  expect(screen.getAllByLabelText(/^Go to/)).toHaveLength(2);
  expect(screen.queryByLabelText(/Barn|no heat/)).toBeNull();
  fireEvent.press(screen.getByLabelText(/^Go to Attic/));
  fireEvent.press(screen.getByLabelText(/^Go to Quick check: not cooling/));
  expect(mockReplace.mock.calls).toEqual([['/visits/Attic air handler'], ['/quick']]);
});

test('one more unit begins an empty check; what is open is kept by whoever opens it', () => {
  renderThemed(<OtherVisits visit={named('Attic')} />);
  fireEvent.press(screen.getByText('Check another unit'));
  expect(mockOpen).toHaveBeenCalledWith(expect.objectContaining({ title: 'Quick check', readings: [] }));
  expect(mockReplace).toHaveBeenCalledWith('/quick');
});

describe('two systems at one address', () => {
  const here = { ...named('Lantern Quay, Hall'), unitId: 'unit Hall' };
  test('the other units there come first: one that was checked today goes on, one that was not starts', () => {
    const loft = { ...named('Lantern Quay, Loft'), unitId: 'unit Loft' };
    mockList = [here, loft, named('Barn')].map(listed);
    renderThemed(<OtherVisits visit={here} />);
    expect(screen.getByText('Other units at Lantern Quay')).toBeTruthy();
    const names = screen.getAllByRole('button').map(({ props }) => props['aria-label'] ?? props.accessibilityLabel);
    expect(names.filter(Boolean)).toEqual([
      'Start a visit at Cellar',
      expect.stringMatching(/^Go to Loft, \d{1,2}:\d\d [AP]M$/),
      expect.stringMatching(/^Go to Barn/),
    ]);
    expect(screen.getByText('Elsewhere today')).toBeTruthy();
    fireEvent.press(screen.getByLabelText(/^Go to Loft/));
    fireEvent.press(screen.getByLabelText('Start a visit at Cellar'));
    expect(mockReplace.mock.calls).toEqual([['/visits/Lantern Quay, Loft'], ['/quick']]);
    expect(mockOpen).toHaveBeenCalledWith(expect.objectContaining({ title: 'Lantern Quay, Cellar' }));
  });
  test('a unit nobody wrote down is checked at the same address, with its altitude and climate', () => {
    renderThemed(<OtherVisits visit={here} />);
    fireEvent.press(screen.getByText('Check unlisted unit'));
    expect(mockOpen).toHaveBeenCalledWith(
      expect.objectContaining({
        title: 'Lantern Quay, Quick check',
        unitId: null,
        cfmPerTon: 350,
        setup: expect.objectContaining({ altitudeFt: 5000 }),
      }),
    );
  });
  test('from that check one comes back to the units of the address', () => {
    mockDraft = named('Lantern Quay, Quick check: no heat');
    mockList = [listed(here)];
    renderThemed(<OtherVisits visit={mockDraft} />);
    fireEvent.press(screen.getByLabelText(/^Go to Hall/));
    expect(mockReplace).toHaveBeenCalledWith('/visits/Lantern Quay, Hall');
  });
});
