import type { VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { onTap3, read } from '../../testing/visits';
import { ComparePage } from './ComparePage';

let mockVisits: VisitDto[] = [];
jest.mock('expo-router', () => ({
  router: { replace: jest.fn() },
  useLocalSearchParams: () => ({ id: 'u' }),
}));
jest.mock('../../data/records', () => {
  const none = { useList: () => ({ records: [] }) };
  return { units: none, shop: none };
});
jest.mock('../../data/visits', () => ({
  useUnitVisits: () => ({ visits: mockVisits.map(({ id, startedAt }) => ({ id, startedAt })), isPending: false }),
  useVisit: (id: string) => {
    const record = mockVisits.find((visit) => visit.id === id);
    return { kept: record && { record }, isPending: false, isError: !record };
  },
}));

const visit = (id: string, startedAt: string, returnInWc: number): VisitDto => ({
  ...read(read({ ...onTap3(), id, startedAt }, 'R2', returnInWc), 'S1', 0.27),
  id,
});

test('the last two stand split view; others are a touch away', () => {
  mockVisits = [
    visit('c', '2026-09-01T10:00:00.000Z', -0.24),
    visit('b', '2026-07-01T10:00:00.000Z', -0.31),
    visit('a', '2026-05-01T10:00:00.000Z', -0.2),
  ];
  renderThemed(<ComparePage />);
  expect(screen.getByText('July 1, 2026, then September 1, 2026')).toBeTruthy();
  expect(screen.getByLabelText(/^Resistance to the blower: 0\.58 before, 0\.51/)).toBeTruthy();
  fireEvent.press(screen.getAllByText('May 1, 2026')[0]!);
  expect(screen.getByText('May 1, 2026, then September 1, 2026')).toBeTruthy();
});

test('one visit is nothing to compare', () => {
  mockVisits = [visit('a', '2026-05-01T10:00:00.000Z', -0.2)];
  renderThemed(<ComparePage />);
  expect(screen.getByText(/^Only one visit so far/)).toBeTruthy();
});
