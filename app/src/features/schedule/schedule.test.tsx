import type { SiteDto, StopDto, UnitDto } from '@huff/contract';
import type { LoadLine } from '@huff/core/call';
import { fireEvent, screen } from '@testing-library/react-native';
import { addDays } from 'date-fns/addDays';
import type { ReactNode } from 'react';
import { renderThemed } from '../../testing/render';
import { dayOf, dayWords } from '../visitState/stops';
import { SchedulePage } from './SchedulePage';

const NOW = new Date();
const TODAY = dayOf(NOW);
const TOMORROW = dayOf(addDays(NOW, 1));
const id = (n: number) => `44440000-0000-4000-8000-${String(n).padStart(12, '0')}`;

let mockStops: StopDto[];
let mockLines: LoadLine[];
let mockVisits: object[];
const mockCreate = jest.fn();
const mockChange = jest.fn();
const mockAsked = jest.fn();
const mockSites: SiteDto[] = [
  { id: '44440000-0000-4000-8000-000000000001', name: 'Lantern Quay library', address: '1 Lantern Quay' },
];
const mockUnits: UnitDto[] = [
  {
    id: '44440000-0000-4000-8000-000000000002',
    siteId: '44440000-0000-4000-8000-000000000001',
    name: 'Roof 1',
    layout: 'packaged',
    motor: 'beltDrive',
    cfmPerTon: 400,
  },
];
jest.mock('expo-router', () => ({
  Link: jest.fn(({ children }: { readonly children: ReactNode }) => children),
  router: { push: jest.fn(), replace: jest.fn() },
}));
jest.mock('../../data/visits', () => ({ useVisitList: () => ({ visits: mockVisits }) }));
jest.mock('../../data/records', () => {
  const list = (records: () => readonly object[]) => ({
    useList: () => ({ records: records().map((record) => ({ record, revision: 3 })), isPending: false }),
    create: (record: object) => mockCreate(record) as unknown,
    change: (kept: object, to: object, words: string) => mockChange(to, words) as unknown,
  });
  return { stops: list(() => mockStops), sites: list(() => mockSites), units: list(() => mockUnits) };
});
jest.mock('../../data/useLoad', () => ({
  loadAddress: (path: string) => `/api/load${path}?`,
  useLoad: (days: object) => {
    mockAsked(days);
    return { load: { stops: mockStops.length, currency: '$', lines: mockLines }, isPending: false, isError: false };
  },
}));

const stop = (n: number, more: Partial<StopDto> = {}): StopDto => ({
  id: id(n),
  day: TODAY,
  place: n,
  siteId: id(1),
  unitId: id(2),
  why: 'Filter',
  person: 'Rowan',
  ...more,
});
beforeEach(() => {
  jest.clearAllMocks();
  mockStops = [];
  mockLines = [];
  mockVisits = [];
});
const changed = (call = 0) => (mockChange.mock.calls[call] as [StopDto, string])[0];

test('stops stand under their days, in their order; what was left undone stands first', () => {
  mockStops = [
    stop(10, { place: 2, why: 'Belt' }),
    stop(11, { place: 1, why: 'Filter' }),
    stop(12, { day: TOMORROW, unitId: null, why: 'Maintenance' }),
    stop(13, { day: '2020-01-02', why: 'Trap' }),
    stop(14, { day: '2020-01-02', why: 'Done long ago', doneAt: '2020-01-02T12:00:00Z' }),
    stop(15, { why: 'Off the plan', archivedAt: '2020-01-02T12:00:00Z' }),
  ];
  renderThemed(<SchedulePage />);
  const shown = ['Left over', 'Today', 'Tomorrow'].map((name) => screen.getByLabelText(name));
  expect(shown).toHaveLength(3);
  expect(screen.getAllByText(/^(Roof 1|Lantern Quay library): /).map(({ props }) => String(props.children))).toEqual([
    'Roof 1: Trap',
    'Roof 1: Filter',
    'Roof 1: Belt',
    'Lantern Quay library: Maintenance',
  ]);
});

test('a stop whose unit was visited that day is done, before the server said anything of the visit', () => {
  mockStops = [stop(10)];
  mockVisits = [{ unitId: id(2), startedAt: NOW.toISOString() }];
  renderThemed(<SchedulePage />);
  expect(screen.queryByText('1')).toBeNull();
  expect(screen.getByText('Roof 1: Filter')).toBeTruthy();
});

test('a stop goes before the one above it: they change their places', () => {
  mockStops = [stop(10, { place: 1 }), stop(11, { place: 5, unitId: null })];
  renderThemed(<SchedulePage />);
  fireEvent.press(screen.getByLabelText('Lantern Quay library earlier'));
  expect([changed(0), changed(1)].map((one) => [one.id, one.place])).toEqual([
    [id(10), 5],
    [id(11), 1],
  ]);
});

test('a stop is planned: where is found as one types, the day and the reason are touched', () => {
  mockStops = [stop(10, { day: TOMORROW, place: 4 })];
  renderThemed(<SchedulePage />);
  fireEvent.press(screen.getByText('Plan a job'));
  fireEvent.press(screen.getByText('Save job'));
  expect(screen.getByText('Choose a site or unit.')).toBeTruthy();
  fireEvent.changeText(screen.getByLabelText('Site or unit'), 'roof');
  fireEvent.press(screen.getByText('Roof 1'));
  fireEvent.press(screen.getByText('tomorrow'));
  fireEvent.press(screen.getByText('Save job'));
  expect(mockCreate).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('return with parts'));
  fireEvent.press(screen.getByLabelText('Rowan'));
  fireEvent.press(screen.getByText('Save job'));
  expect(mockCreate).toHaveBeenCalledWith(
    expect.objectContaining({
      day: TOMORROW,
      place: 5,
      siteId: id(1),
      unitId: id(2),
      why: 'Return with parts',
      person: 'Rowan',
    }),
  );
});

test('a day that is none keeps what was typed and says what would be right', () => {
  mockStops = [stop(10)];
  renderThemed(<SchedulePage />);
  fireEvent.press(screen.getByLabelText('Change Roof 1'));
  fireEvent.changeText(screen.getByLabelText('Other date'), '2026-02-30');
  fireEvent.press(screen.getByText('Save job'));
  expect(screen.getByText(/must be a day of the calendar/)).toBeTruthy();
  expect(screen.getByLabelText('Other date').props.value).toBe('2026-02-30');
  expect(mockChange).not.toHaveBeenCalled();
});

test('done, or off the plan: the record stays', () => {
  mockStops = [stop(10)];
  renderThemed(<SchedulePage />);
  fireEvent.press(screen.getByLabelText('Change Roof 1'));
  fireEvent.press(screen.getByText('Remove job'));
  expect(changed().archivedAt).toMatch(/^\d{4}-/);
  expect(changed().doneAt).toBeUndefined();
});

test('the load list says what is needed, what is short and what to buy', () => {
  mockStops = [stop(10)];
  mockLines = [
    {
      part: 'Belt A48',
      need: 2,
      onTruck: 1,
      isUncounted: false,
      short: 1,
      cost: 14,
      why: ['Library: 1 fitted + 1 spare'],
    },
    { part: 'Filter 20 × 25', need: 1, isUncounted: true, short: 0, why: ['Library: Roof 1'] },
    { part: 'Contactor', need: 1, isUncounted: false, short: 1, why: ['Library: Roof 1'] },
  ];
  renderThemed(<SchedulePage />);
  expect(screen.getByText('Load,  3')).toBeTruthy();
  expect(screen.getByText('1 on the truck')).toBeTruthy();
  expect(screen.getByText('on truck, count unknown')).toBeTruthy();
  fireEvent.press(screen.getByText('Buy,  2'));
  expect(screen.queryByText('Filter 20 × 25')).toBeNull();
  expect(screen.getByText('$14 each')).toBeTruthy();
  expect(screen.getByText('$14 and what has no price here')).toBeTruthy();
});

test('one person’s days alone: the stops and what is loaded are theirs', () => {
  mockStops = [stop(10), stop(11, { person: 'Tamsin', why: 'Wheel' })];
  renderThemed(<SchedulePage />);
  expect(mockAsked).toHaveBeenLastCalledWith({ from: TODAY, to: TODAY });
  fireEvent.press(screen.getByText('Tamsin'));
  expect(screen.queryByText('Roof 1: Filter')).toBeNull();
  fireEvent.press(screen.getByText('seven days'));
  expect(mockAsked).toHaveBeenLastCalledWith({ from: TODAY, to: dayOf(addDays(NOW, 6)), person: 'Tamsin' });
});

test('days are named as one says them', () => {
  expect([TODAY, TOMORROW, '2026-03-03'].map((day) => dayWords(day, NOW))).toEqual([
    'Today',
    'Tomorrow',
    'Tuesday, March 3',
  ]);
});
