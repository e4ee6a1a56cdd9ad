import { act, renderHook } from '@testing-library/react-native';
import type { BlowerTableDto, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { useStartVisit } from './useStartVisit';

const TABLE = {
  id: 'table',
  name: 'Test blower',
  motor: 'psc',
  taps: [],
  conditions: null,
} as unknown as BlowerTableDto;
const SITE: SiteDto = { id: 'quay', name: 'Lantern Quay', altitudeFt: 5000, climate: 'humid' };
const UNIT: UnitDto = {
  id: 'loft',
  siteId: 'quay',
  name: 'Loft',
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  blowerTableId: 'table',
};

let mockPending: boolean;
let mockDraft: VisitDto | null | undefined;
const mockOpen = jest.fn<void, [VisitDto]>();
const mockPush = jest.fn<void, [string]>();
const list = (record: unknown) => ({ records: mockPending ? [] : [{ record }], isPending: mockPending });
jest.mock('expo-router', () => ({ router: { push: (to: string) => mockPush(to) } }));
jest.mock('../../data/records', () => ({
  blowerTables: { useList: () => list(TABLE) },
  sites: { useList: () => list(SITE) },
}));
jest.mock('../../data/visits', () => ({
  useDraft: () => mockDraft,
  drafts: { open: (visit: VisitDto) => mockOpen(visit) },
}));

beforeEach(() => {
  mockPending = false;
  mockDraft = null;
  mockOpen.mockClear();
  mockPush.mockClear();
});

test('a visit starts with the table and the altitude of its unit', () => {
  const { result } = renderHook(() => useStartVisit());
  act(() => result.current.start(UNIT));
  expect(mockOpen.mock.lastCall?.[0]).toMatchObject({
    unitId: 'loft',
    table: { id: 'table' },
    setup: { altitudeFt: 5000 },
  });
  expect(mockPush).toHaveBeenCalledWith('/quick');
});

test.each(['lists', 'open check'])(
  'requested before the phone has read its %s, it starts when they are there, once',
  (what) => {
    if (what === 'lists') mockPending = true;
    else mockDraft = undefined;
    const { result, rerender } = renderHook(() => useStartVisit());
    act(() => result.current.start(UNIT));
    expect(mockPush).not.toHaveBeenCalled();
    mockPending = false;
    mockDraft = null;
    rerender({});
    rerender({});
    expect(mockOpen).toHaveBeenCalledTimes(1);
    expect(mockOpen.mock.lastCall?.[0]).toMatchObject({ table: { id: 'table' }, setup: { altitudeFt: 5000 } });
    expect(mockPush.mock.calls).toEqual([['/quick']]);
  },
);
