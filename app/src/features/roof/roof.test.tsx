import { fireEvent, screen, within } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { RoofPage } from './RoofPage';
import type { VisitDto } from '@huff/contract';

const mockPush = jest.fn();
const mockMake = jest.fn();
const mockChange = jest.fn();
let mockWide = true;
jest.mock('expo-router', () => ({
  router: { push: (to: string) => mockPush(to) },
  useLocalSearchParams: () => ({ id: 'site-1' }),
  Link: ({ children }: { children: React.ReactNode }) => children,
  usePathname: () => '/sites/site-1/roof',
}));
jest.mock('../../ui/theme', () => ({
  ...jest.requireActual<object>('../../ui/theme'),
  useIsWide: () => mockWide,
}));
const unit = (id: string, name: string, more: object = {}) => ({
  record: { id, siteId: 'site-1', name, layout: 'packaged', motor: 'beltDrive', cfmPerTon: 400, tons: 5, ...more },
});
jest.mock('../../data/records', () => ({
  shop: { useList: () => ({ records: [] }) },
  blowerTables: { useList: () => ({ records: [] }) },
  sites: { useList: () => ({ records: [{ record: { id: 'site-1', name: 'Lantern Quay library' } }] }) },
  units: { useList: () => ({ records: mockUnits }) },
}));
let mockUnits: object[] = [];
let mockRoof: object = {};
let mockToday: object[] = [];
let mockPending = false;
jest.mock('../../data/useRoof', () => ({ useRoof: () => mockRoof }));
jest.mock('../../data/serverClock', () => ({ useOpenedAt: () => new Date() }));
jest.mock('../../data/visits', () => ({
  useVisitsSince: () => ({ visits: mockToday, isPending: mockPending }),
  useVisit: () => ({}),
  makeVisit: (visit: VisitDto) => mockMake(visit),
  changeVisit: (revision: number, from: VisitDto, to: VisitDto) => mockChange(revision, from, to),
}));

const NOW = new Date();
const BEFORE = '2026-10-14T10:00:00Z';
const made = () => mockMake.mock.lastCall![0] as VisitDto;
const looks = ({ facts = [] }: VisitDto) => facts.map(({ kind, inputs }) => [kind, inputs.item, inputs.state]);
const keyDown = (name: string) =>
  fireEvent(screen.getByLabelText('Units and checks'), 'keyDown', { key: name, preventDefault: jest.fn() });

beforeEach(() => {
  jest.clearAllMocks();
  mockWide = true;
  mockToday = [];
  mockPending = false;
  mockUnits = [
    unit('u2', 'Roof 2', { setup: { drive: { beltMark: 'A48' } } }),
    unit('u1', 'Roof 1', { setup: { drive: { beltMark: 'A47' } } }),
    unit('u3', 'Cellar', { archivedAt: '2026-01-01T00:00:00Z' }),
  ];
  const found = [
    { id: 'check-drainTrap', area: 'coil', words: 'Trap missing.', minutes: 30, money: 5, outcome: 'open', since: '' },
  ];
  const mark = (column: string) => ({ unitId: 'u1', column, word: 'outside', visitId: 'v1', at: BEFORE });
  mockRoof = {
    sheet: {
      visits: [
        {
          id: 'v1',
          unitId: 'u1',
          startedAt: BEFORE,
          headline: 'Static high',
          staticInWc: 1.12,
          flowCfm: null,
          dropF: null,
          marks: { static: 'outside', belt: 'outside' },
          found,
        },
      ],
      marks: [
        mark('static'),
        mark('belt'),
        { ...mark('wheel'), word: 'inside', visitId: 'v0', at: '2025-03-02T10:00:00Z' },
      ],
    },
  };
});

test('each unit has its row, with how each check stood and when; what was never looked at says so', () => {
  renderThemed(<RoofPage />);
  expect(screen.getByText('2 units · last looked at Oct 14')).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Static: out of range, Oct 14')).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Wheel: in range, Mar 2')).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Drain: not looked at')).toBeTruthy();
  expect(screen.getByLabelText('Roof 2, Static: not looked at')).toBeTruthy();
  expect(screen.queryByText('Cellar')).toBeNull();
});

test('a mark is touched: what was read and found stands beside, and the way to its unit', () => {
  renderThemed(<RoofPage />);
  fireEvent.press(screen.getByLabelText('Roof 1, Static: out of range, Oct 14'));
  const beside = within(screen.getByLabelText('Roof 1, static'));
  expect(beside.getByText('1.12 in. w.c.')).toBeTruthy();
  expect(beside.getByText('Trap missing.')).toBeTruthy();
  fireEvent.press(beside.getByText('Open Roof 1'));
  expect(mockPush).toHaveBeenLastCalledWith('/units/u1');
  // Of a visit further back the figure is not known here: none is shown for it.
  fireEvent.press(screen.getByLabelText('Roof 1, Wheel: in range, Mar 2'));
  expect(within(screen.getByLabelText('Roof 1, wheel')).getByText('in range, Mar 2, 2025')).toBeTruthy();
});

test('nothing can be recorded before the phone has read which visits there are today', () => {
  mockPending = true;
  renderThemed(<RoofPage />);
  expect(screen.getByText('Loading units…')).toBeTruthy();
  expect(screen.queryByLabelText('Units and checks')).toBeNull();
});

test('arrow keys go from cell to cell', () => {
  renderThemed(<RoofPage />);
  fireEvent.press(screen.getByLabelText('Roof 1, Static: out of range, Oct 14'));
  keyDown('ArrowDown');
  expect(screen.getByLabelText('Roof 2, static')).toBeTruthy();
  keyDown('ArrowRight');
  keyDown('ArrowUp');
  expect(screen.getByLabelText('Roof 1, airflow')).toBeTruthy();
  keyDown('ArrowUp');
  expect(screen.getByLabelText('Roof 1, airflow')).toBeTruthy();
});

test('a digit records what is seen at a visit of today, made with it, and goes to the next unit', () => {
  renderThemed(<RoofPage />);
  fireEvent.press(screen.getByLabelText('Roof 1, Wheel: in range, Mar 2'));
  keyDown('3');
  expect(made()).toMatchObject({ unitId: 'u1', title: 'Lantern Quay library, Roof 1' });
  expect(looks(made())).toEqual([['look', 'wheel', 'caked']]);
  expect(screen.getByLabelText('Roof 2, wheel')).toBeTruthy();
  keyDown('9');
  expect(mockMake).toHaveBeenCalledTimes(1);
});

test('a second mark goes to the same visit, to the version that was drawn', () => {
  const visit = {
    id: 'today',
    title: 'Round',
    unitId: 'u1',
    layout: 'packaged',
    motor: 'beltDrive',
    mode: 'cooling',
    cfmPerTon: 400,
  };
  const look = { id: 'f1', kind: 'look', inputs: { item: 'belt', state: 'glazed' }, takenAt: NOW.toISOString() };
  const record = { ...visit, startedAt: NOW.toISOString(), readings: [], facts: [look] } as unknown as VisitDto;
  mockToday = [{ record, revision: 7, sending: 'sent' }];
  renderThemed(<RoofPage />);
  expect(screen.getByText(/1 on today’s round/)).toBeTruthy();
  fireEvent.press(screen.getByLabelText('Roof 1, Belt: out of range, today'));
  // What was carried stands beside what was found today.
  const beside = within(screen.getByLabelText('Roof 1, belt'));
  expect(beside.getByText('Trap missing.')).toBeTruthy();
  fireEvent.press(beside.getByLabelText('good or none'));
  const [revision, from, to] = mockChange.mock.lastCall as [number, VisitDto, VisitDto];
  expect([revision, from]).toEqual([7, record]);
  expect(looks(to)).toEqual([
    ['look', 'belt', 'glazed'],
    ['look', 'belt', 'good'],
  ]);
});

test('on a phone a unit is gone through check by check', () => {
  mockWide = false;
  renderThemed(<RoofPage />);
  fireEvent.press(screen.getByLabelText('Roof 1, Filter: not looked at'));
  fireEvent.press(screen.getByLabelText('loaded'));
  expect(looks(made())).toEqual([['look', 'filter', 'loaded']]);
  fireEvent.press(within(screen.getByLabelText('Roof 1, filter')).getByText('Belt'));
  expect(screen.getByLabelText('Roof 1, belt')).toBeTruthy();
  fireEvent.press(screen.getByText('Next unit'));
  expect(screen.getByLabelText('Roof 2, filter')).toBeTruthy();
});

test('before hands go in, and before a hole is drilled, it says so', () => {
  renderThemed(<RoofPage />);
  fireEvent.press(screen.getByLabelText('Roof 2, Belt: not looked at'));
  expect(screen.getByText(/^Lock out and tag out at the disconnect; verify it is dead\./)).toBeTruthy();
  fireEvent.press(screen.getByLabelText('Roof 2, Static: not looked at'));
  expect(screen.queryByText(/^Lock out/)).toBeNull();
  expect(screen.getByText(/^Drill only sheet metal/)).toBeTruthy();
});

test('airflow is worked out: nothing is recorded there', () => {
  renderThemed(<RoofPage />);
  fireEvent.press(screen.getByLabelText('Roof 1, Airflow: not looked at'));
  expect(screen.getByText(/^Calculated from static, tap and table/)).toBeTruthy();
  keyDown('1');
  expect(mockMake).not.toHaveBeenCalled();
});

test('belts are counted with their spares, the work in its order with what it takes', () => {
  renderThemed(<RoofPage />);
  expect(screen.getByText('Belt A47')).toBeTruthy();
  expect(screen.getByText('1 fitted + 1 spare')).toBeTruthy();
  expect(screen.getByText('Roof 1: Trap missing')).toBeTruthy();
  expect(
    screen.getByText(
      /^Into shape: about 30 min, parts about \$5, one visit on time and materials; then every 3 months\.$/,
    ),
  ).toBeTruthy();
});

test('the order of work says how the customer’s hours stand', () => {
  mockUnits = [unit('u1', 'Roof 1', { neededHours: '00:00-12:00' })];
  jest.useFakeTimers({ now: new Date(2026, 9, 14, 8) });
  renderThemed(<RoofPage />);
  expect(screen.getByText('In use until 12:00: ask before you shut it off.')).toBeTruthy();
  jest.setSystemTime(new Date(2026, 9, 14, 20));
  renderThemed(<RoofPage />);
  expect(screen.getByText('Free until 00:00.')).toBeTruthy();
  jest.useRealTimers();
});

test('without a signal it says when what stands was told, or that nothing was', () => {
  mockRoof = { ...mockRoof, isError: true, saidAt: new Date('2026-10-15T07:12:00') };
  renderThemed(<RoofPage />);
  expect(screen.getByText('No signal. Data from Oct 15, 7:12 AM.')).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Static: out of range, Oct 14')).toBeTruthy();
  screen.unmount();
  mockRoof = { sheet: undefined, isError: true };
  renderThemed(<RoofPage />);
  expect(screen.getByText(/on the server\. Try again with a signal/)).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Static: not looked at')).toBeTruthy();
});
