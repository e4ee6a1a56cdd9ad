import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react-native';
import type { ReactNode } from 'react';
import { carryAlong } from '../../data/words/carryAlong';
import { useCarryAlong } from './useCarryAlong';

jest.mock('../../data/words/carryAlong', () => ({ carryAlong: jest.fn(() => Promise.resolve(0)) }));
let mockUnits: object[] = [];
let mockPlanned: object[] = [];
jest.mock('../../data/records', () => ({
  units: { useList: () => ({ records: mockUnits.map((record) => ({ record })) }) },
}));
jest.mock('../visitState/stops', () => ({
  dayOf: (at: Date) => at.toISOString().slice(0, 10),
  useStops: () => ({ planned: mockPlanned }),
}));

const NOW = new Date('2026-05-12T12:00:00Z');
const client = new QueryClient();
const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={client}>{children}</QueryClientProvider>
);
const stop = (day: string, siteId: string, unitId?: string, isDone = false) => ({
  stop: { day, siteId },
  site: { id: siteId },
  ...(unitId ? { unit: { id: unitId } } : {}),
  isDone,
});
const unit = (id: string, siteId: string, more: object = {}) => ({ id, siteId, ...more });
const carried = jest.mocked(carryAlong);
const keys = () => carried.mock.lastCall![1].map(({ key }) => key.slice(0, 2));

beforeEach(() => {
  jest.useFakeTimers();
  carried.mockClear();
  mockUnits = [unit('u1', 's1'), unit('u2', 's1'), unit('u3', 's2'), unit('gone', 's1', { archivedAt: 'x' })];
});
afterEach(() => jest.useRealTimers());

test('what today’s and tomorrow’s open stops want, once each: loads, roof sheets, units; of a stop without a unit all of its site', () => {
  mockPlanned = [
    stop('2026-05-12', 's2', 'u3'),
    stop('2026-05-13', 's1'),
    stop('2026-05-13', 's1', 'u1'),
    stop('2026-05-12', 's9', 'done', true),
    stop('2026-05-20', 's8', 'later'),
  ];
  renderHook(() => useCarryAlong(NOW), { wrapper });
  expect(carried).not.toHaveBeenCalled();
  jest.runAllTimers();
  expect(keys()).toEqual([
    ['load', { from: '2026-05-12', to: '2026-05-12' }],
    ['load', { from: '2026-05-12', to: '2026-05-18' }],
    ['roof', 's2'],
    ['roof', 's1'],
    ['unit-visits', 'u3'],
    ['unit-visits', 'u1'],
    ['unit-visits', 'u2'],
  ]);
});

test('a plan that stays the same is not requested again; a page that is left ends it', () => {
  mockPlanned = [stop('2026-05-12', 's2', 'u3')];
  const hook = renderHook(() => useCarryAlong(NOW), { wrapper });
  jest.runAllTimers();
  mockPlanned = [...mockPlanned];
  hook.rerender({});
  jest.runAllTimers();
  expect(carried).toHaveBeenCalledTimes(1);
  const isOver = carried.mock.lastCall![2]!;
  expect(isOver()).toBe(false);
  hook.unmount();
  expect(isOver()).toBe(true);
});
