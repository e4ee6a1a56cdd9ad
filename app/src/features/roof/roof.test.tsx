import { fireEvent, screen, within } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { RoofPage } from './RoofPage';

const mockPush = jest.fn();
const mockStart = jest.fn();
jest.mock('expo-router', () => ({
  router: { push: (to: string) => mockPush(to) },
  useLocalSearchParams: () => ({ id: 'site-1' }),
  Link: ({ children }: { children: React.ReactNode }) => children,
  usePathname: () => '/sites/site-1/roof',
}));
jest.mock('../visitState/useStartVisit', () => ({ useStartVisit: () => ({ start: mockStart }) }));
const unit = (id: string, name: string, more: object = {}) => ({
  record: { id, siteId: 'site-1', name, layout: 'packaged', motor: 'beltDrive', cfmPerTon: 400, tons: 5, ...more },
});
jest.mock('../../data/records', () => ({
  shop: { useList: () => ({ records: [] }) },
  sites: { useList: () => ({ records: [{ record: { id: 'site-1', name: 'Lantern Quay library' } }] }) },
  units: { useList: () => ({ records: mockUnits }) },
}));
let mockUnits: object[] = [];
let mockRoof: object = {};
jest.mock('../../data/useRoof', () => ({ useRoof: () => mockRoof }));

beforeEach(() => {
  mockUnits = [
    unit('u2', 'Roof 2', { setup: { drive: { beltMark: 'A48' } } }),
    unit('u1', 'Roof 1', { setup: { drive: { beltMark: 'A47' } } }),
    unit('u3', 'Cellar', { archivedAt: '2026-01-01T00:00:00Z' }),
  ];
  const found = [
    { id: 'check-drainTrap', area: 'coil', words: 'Trap missing.', minutes: 30, money: 5, outcome: 'open', since: '' },
  ];
  mockRoof = {
    last: new Map([
      [
        'u1',
        {
          startedAt: '2026-10-14T10:00:00Z',
          headline: 'Static high',
          staticInWc: 1.12,
          flowCfm: null,
          dropF: null,
          marks: { static: 'outside', belt: 'outside' },
          found,
        },
      ],
    ]),
  };
});

test('each unit has its row, with how each check stood; what was not looked at says so', () => {
  renderThemed(<RoofPage />);
  expect(screen.getByText('2 units · last looked at 14 Oct')).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Static: outside')).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Wheel: not looked at')).toBeTruthy();
  expect(screen.getByLabelText('Roof 2, Static: not looked at')).toBeTruthy();
  expect(screen.queryByText('Cellar')).toBeNull();
});

test('a mark is touched: what was read and found stands beside; again, and its unit opens', () => {
  renderThemed(<RoofPage />);
  fireEvent.press(screen.getByLabelText('Roof 1, Static: outside'));
  const beside = within(screen.getByLabelText('Roof 1, static'));
  expect(beside.getByText('1.12 in. w.c.')).toBeTruthy();
  expect(beside.getByText('Trap missing.')).toBeTruthy();
  fireEvent.press(screen.getByText('Start a visit there'));
  expect(mockStart).toHaveBeenCalledWith(expect.objectContaining({ id: 'u1' }));
  fireEvent.press(screen.getByLabelText('Roof 1, Static: outside'));
  expect(mockPush).toHaveBeenLastCalledWith('/units/u1');
});

test('arrow keys go from cell to cell', () => {
  renderThemed(<RoofPage />);
  const key = (name: string) =>
    fireEvent(screen.getByLabelText('Units and checks'), 'keyDown', { key: name, preventDefault: jest.fn() });
  fireEvent.press(screen.getByLabelText('Roof 1, Static: outside'));
  key('ArrowDown');
  expect(screen.getByLabelText('Roof 2, static')).toBeTruthy();
  key('ArrowRight');
  key('ArrowUp');
  expect(screen.getByLabelText('Roof 1, airflow')).toBeTruthy();
  key('ArrowUp');
  expect(screen.getByLabelText('Roof 1, airflow')).toBeTruthy();
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

test('without a signal it says where the marks are', () => {
  mockRoof = { last: undefined, isError: true };
  renderThemed(<RoofPage />);
  expect(screen.getByText(/is on the server: try again with a signal/)).toBeTruthy();
  expect(screen.getByLabelText('Roof 1, Static: not looked at')).toBeTruthy();
});
