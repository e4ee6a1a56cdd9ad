import type { DueItem, StopDto, VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { format } from 'date-fns/format';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { Text } from 'react-native';
import { summaryOf } from '@huff/contract/judge';
import type { ListedVisit } from '../../data/visits';
import { renderThemed } from '../../testing/render';
import { measured, onTap3 } from '../../testing/visits';
import { syncWords } from '../waiting/syncWords';
import { ComputedSummary } from '../visitState/ComputedSummary';
import { byDay, TodayPage } from './TodayPage';

let mockDraft: VisitDto | null = null;
let mockList: { visits: ListedVisit[]; isPending: boolean };
let mockEarlier: object;
let mockWaiting = { waiting: 0, apart: [] as object[], others: new Map<string, number>() };
let mockStatus: object;
const mockVisits = new Map<string, { record: VisitDto; sending: string }>();
jest.mock('../schedule/useCarryAlong', () => ({ useCarryAlong: () => undefined }));
jest.mock('expo-router', () => ({
  Link: jest.fn(({ children }: { readonly children: ReactNode }) => children),
  router: { push: jest.fn() },
  usePathname: () => '/',
}));
jest.mock('../../data/visits', () => ({
  useDraft: () => mockDraft,
  useVisitList: () => mockList,
  useEarlierVisits: () => mockEarlier,
  useVisit: (id: string) => ({ kept: mockVisits.get(id) }),
}));
let mockDue: DueItem[] = [];
jest.mock('../../data/useDue', () => ({ useDue: () => mockDue }));
let mockStops: StopDto[] = [];
jest.mock('../../data/records', () => {
  const none = { useList: () => ({ records: [] }) };
  return {
    shop: none,
    sites: none,
    units: none,
    stops: { useList: () => ({ records: mockStops.map((record) => ({ record })) }) },
  };
});
jest.mock('../../data/useOutbox', () => ({
  useWaiting: () => mockWaiting,
  useSyncStatus: () => mockStatus,
  useOutboxRows: () => [],
}));

const DAY_MS = 86_400_000;
const made = (name: string, daysAgo: number): VisitDto => ({
  ...measured(),
  id: name,
  title: `Quay library, ${name}`,
  startedAt: new Date(Date.now() - daysAgo * DAY_MS).toISOString(),
});
/** A visit as the server's list says it. */
const listed = (name: string, daysAgo: number): ListedVisit => {
  const visit = made(name, daysAgo);
  return { id: name, title: visit.title, startedAt: visit.startedAt, summary: summaryOf(visit) };
};
const Welcome = () => <Text>three pictures</Text>;
const show = (list: Partial<typeof mockList>) => {
  mockList = { visits: [], isPending: false, ...list };
  renderThemed(<TodayPage computed={ComputedSummary} welcome={Welcome} />);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockDraft = null;
  mockDue = [];
  mockStops = [];
  mockWaiting = { waiting: 0, apart: [], others: new Map() };
  mockStatus = { phase: 'upToDate', everTold: true };
  mockEarlier = { visits: [], more: jest.fn(), hasMore: false, isFetching: false, isError: false };
  mockVisits.clear();
});

test('visits stand by day', () => {
  const days = byDay([listed('now', 0), listed('before', 1), listed('old', 5)]);
  expect(days.map(([, visits]) => visits.map(({ id }) => id))).toEqual([['now'], ['before'], ['old']]);
  expect(days.slice(0, 2).map(([day]) => day)).toEqual(['Today', 'Yesterday']);
  expect(days[2]![0]).toMatch(/^[A-Z][a-z]+day, [A-Z][a-z]+ \d{1,2}$/);
});

test('one visit at a time that cannot be read takes no other with it', () => {
  const odd = { ...listed('Odd', 0), startedAt: '2026-W20-3T10:00' };
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  show({ visits: [odd, listed('Reading room', 0)] });
  expect(screen.getByText('Reading room')).toBeTruthy();
  expect(screen.getByText('Unknown date')).toBeTruthy();
  expect(screen.queryByText(/Invalid/)).toBeNull();
  jest.restoreAllMocks();
});

test('a visit says what was found and what to do, as the server computed it', () => {
  show({ visits: [listed('Reading room', 0)] });
  expect(screen.getByText('Reading room')).toBeTruthy();
  expect(screen.getByText('0.58 in. w.c.')).toBeTruthy();
  expect(screen.getByText('940 ± 94 CFM')).toBeTruthy();
  expect(screen.getByText('No speed can do it: clear the restriction first')).toBeTruthy();
});

test('what the server does not know yet is computed here; with nothing read it promises nothing', () => {
  mockVisits.set('Bare', { record: { ...made('Bare', 0), readings: [] }, sending: 'waiting' });
  show({ visits: [{ id: 'Bare', title: 'Quay library, Bare', startedAt: made('Bare', 0).startedAt }] });
  expect(screen.getByText('– CFM')).toBeTruthy();
});

test('earlier visits come when they are requested, and say when the server is silent', () => {
  const more = jest.fn();
  mockEarlier = { visits: [listed('Last year', 300).summary], more, hasMore: true, isFetching: false, isError: false };
  show({ visits: [listed('now', 0)] });
  fireEvent.press(screen.getByText('Show earlier visits'));
  expect(screen.getByText('Last year')).toBeTruthy();
  fireEvent.press(screen.getByText('Show earlier visits'));
  expect(more).toHaveBeenCalledTimes(1);
  mockEarlier = { ...mockEarlier, isError: true };
  show({});
  expect(screen.getByText(/Earlier visits are on the server/)).toBeTruthy();
});

test('the stops of today stand in their order, done ones marked; the plan is a touch away', () => {
  const stop = (id: string, place: number, more: Partial<StopDto> = {}): StopDto => ({
    id,
    day: format(new Date(), 'yyyy-MM-dd'),
    place,
    siteId: 's',
    why: `Job ${id}`,
    ...more,
  });
  mockStops = [stop('b', 2), stop('a', 1, { doneAt: new Date().toISOString() }), stop('x', 1, { day: '2020-01-01' })];
  show({ visits: [] });
  expect(screen.getAllByText(/: Job /).map(({ props }) => String(props.children))).toEqual([
    'A site not synced yet: Job a',
    'A site not synced yet: Job b',
  ]);
  expect(screen.getByText('Jobs, 1 of 2 done')).toBeTruthy();
  expect(screen.getByText('Plan and load')).toBeTruthy();
  mockStops = [];
  show({ visits: [listed('a', 0)] });
  expect(screen.getByText('Plan jobs, load truck')).toBeTruthy();
});

describe('what waits and what is silent', () => {
  test('one record, several, and none', () => {
    expect(syncWords('upToDate', 0, 0)).toBeUndefined();
    expect(syncWords('noAnswer', 1, 0)).toMatch(/^1 record not synced yet\. .* No answer from the server\.$/);
    expect(syncWords('upToDate', 3, 0)).toMatch(/^3 records not synced yet/);
    expect(syncWords('upToDate', 2, 1)).toMatch(/^1 change needs your attention\. 2 records not synced/);
  });
  test('who else answers in the server’s place is said, and the sign-in that is due', () => {
    expect(syncWords('notHuff', 0, 0)).toMatch(/Does this network need a sign-in/);
    expect(syncWords('signIn', 1, 0)).toMatch(/Sign in to sync\.$/);
    const others = new Map([['Bo', 2]]);
    expect(syncWords('upToDate', 0, 0, others)).toBe('2 changes wait for Bo to sign in on this phone.');
    expect(syncWords('serverTrouble', 0, 2)).toMatch(/^2 changes need your attention\. The server has a problem/);
  });
  test('stands on the page, with the way to what waits', () => {
    mockWaiting = { waiting: 1, apart: [{}], others: new Map() };
    show({});
    expect(screen.getByText(/^1 change needs your attention\. 1 record not synced yet/)).toBeTruthy();
    mockWaiting = { waiting: 0, apart: [], others: new Map() };
    mockStatus = { phase: 'noAnswer', everTold: true, fault: 'This phone’s storage is full.' };
    show({});
    expect(screen.getByText(/No answer from the server\. Showing data on this phone/)).toBeTruthy();
    expect(screen.getByText('This phone’s storage is full.')).toBeTruthy();
  });
  test('an empty place teaches, but not while it still reads', () => {
    show({ isPending: true });
    expect(screen.queryByText(/No visits yet/)).toBeNull();
    expect(screen.queryByText('three pictures')).toBeNull();
    show({});
    expect(screen.getByText(/No visits yet\. Start with a quick check/)).toBeTruthy();
    expect(screen.getByText('three pictures')).toBeTruthy();
  });
});

describe('the way on', () => {
  test('is a quick check when nothing is open', () => {
    show({});
    fireEvent.press(screen.getByText('Quick check'));
    expect(router.push).toHaveBeenCalledWith('/quick');
  });
  test('is the open check when there is one', () => {
    mockDraft = { ...measured(), title: 'Quay library, Unit 1' };
    show({});
    expect(screen.getByText('Resume: Quay library, Unit 1')).toBeTruthy();
    expect(screen.getByText('2 read')).toBeTruthy();
  });
  test('a check with nothing but a table is open as well', () => {
    mockDraft = { ...onTap3(), title: 'Quick check' };
    show({});
    expect(screen.getByText(/^Resume/)).toBeTruthy();
  });
});

describe('what is due', () => {
  const inDays = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
  const due = (unit: string, days: number, more: Partial<DueItem> = {}): DueItem => ({
    unitId: unit,
    unit,
    siteId: 'site',
    site: 'Saltgrass Row 4',
    on: inDays(days),
    kind: 'return',
    why: 'Return',
    ...more,
  });
  test('the overdue first, each with its reason, a filter with how sure its day is', () => {
    mockDue = [due('Attic', -3), due('Upstairs', 12, { kind: 'filter', why: 'Filter', sigmaDays: 9 }), due('Hall', 20)];
    show({});
    expect(screen.getByText('Return: Attic')).toBeTruthy();
    expect(screen.getByText(/^overdue, /)).toBeTruthy();
    expect(screen.getByText('Filter: Upstairs')).toBeTruthy();
    expect(screen.getByText('± 9 days')).toBeTruthy();
    expect(screen.queryByText('Return: Hall')).toBeNull();
    fireEvent.press(screen.getByText('Show all 3 due'));
    expect(screen.getByText('Return: Hall')).toBeTruthy();
  });
  test('what is far off is a touch away; where nothing is due nothing is said', () => {
    mockDue = [due('Attic', 90)];
    show({});
    fireEvent.press(screen.getByText('Nothing due soon; 1 later'));
    expect(screen.getByText('Return: Attic')).toBeTruthy();
  });
});
