import type { VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import type { Kept } from '../../data/saved';
import { renderThemed } from '../../testing/render';
import { measured, onTap3 } from '../../testing/visits';
import { byDay, TodayPage } from './TodayPage';

let mockDraft: VisitDto | null = null;
let mockList: { records: Kept<VisitDto>[]; isPending: boolean; isError: boolean };
let mockWaiting = 0;
jest.mock('expo-router', () => ({
  Link: jest.fn(({ children }: { readonly children: ReactNode }) => children),
  router: { push: jest.fn() },
  usePathname: () => '/',
}));
jest.mock('../../data/draft', () => ({ useDraft: () => ({ draft: mockDraft }) }));
jest.mock('../../data/records', () => ({ visits: { useList: () => mockList } }));
jest.mock('../../data/useWaiting', () => ({ useWaiting: () => mockWaiting }));

const DAY_MS = 86_400_000;
const visit = (name: string, daysAgo: number, sending: Kept<VisitDto>['sending'] = 'sent'): Kept<VisitDto> => {
  const startedAt = new Date(Date.now() - daysAgo * DAY_MS).toISOString();
  return { record: { ...measured(), id: name, title: `Quay library, ${name}`, startedAt }, sending };
};
const show = (list: Partial<typeof mockList>) => {
  mockList = { records: [], isPending: false, isError: false, ...list };
  renderThemed(<TodayPage />);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockDraft = null;
  mockWaiting = 0;
});

test('visits stand by day, the newest first', () => {
  const days = byDay([visit('old', 5), visit('now', 0), visit('before', 1)]);
  expect(days.map(([, kept]) => kept.map(({ record }) => record.id))).toEqual([['now'], ['before'], ['old']]);
  expect(days.slice(0, 2).map(([day]) => day)).toEqual(['Today', 'Yesterday']);
  expect(days[2]![0]).toMatch(/^[A-Z][a-z]+day \d{1,2} [A-Z]/);
});

test('a visit says what was found and what to do', () => {
  show({ records: [visit('Reading room', 0)] });
  expect(screen.getByText('Reading room')).toBeTruthy();
  expect(screen.getByText('0.58 in. w.c.')).toBeTruthy();
  expect(screen.getByText('940 ± 94 CFM')).toBeTruthy();
  expect(screen.getByText('No speed can do it: clear the restriction first')).toBeTruthy();
});

test('a visit with nothing read promises nothing', () => {
  const blank = { ...visit('Bare', 0), record: { ...visit('Bare', 0).record, readings: [] } };
  show({ records: [blank] });
  expect(screen.getByText('– CFM')).toBeTruthy();
});

describe('what waits and what is silent', () => {
  test('one record, several, and none', () => {
    mockWaiting = 1;
    show({ isError: true });
    expect(screen.getByText(/^1 record waits to be sent/)).toBeTruthy();
    expect(screen.queryByText(/No answer from the server/)).toBeNull();
    mockWaiting = 3;
    show({});
    expect(screen.getByText(/^3 records wait to be sent/)).toBeTruthy();
  });
  test('no answer from the server is said when nothing waits', () => {
    show({ isError: true });
    expect(screen.getByText(/No answer from the server/)).toBeTruthy();
  });
  test('an empty place teaches, but not while it still reads', () => {
    show({ isPending: true });
    expect(screen.queryByText(/No visit yet/)).toBeNull();
    show({});
    expect(screen.getByText(/No visit yet\. A quick check takes two static readings/)).toBeTruthy();
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
