import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { CarriedOver } from './CarriedOver';
import { UnitTrendCharts } from './UnitTrendCharts';
import { filterTrend, trendSeries } from '@huff/core/call';

let mockVisits: object[] = [];
jest.mock('../../data/visits', () => ({ useUnitVisits: () => ({ visits: mockVisits }) }));
jest.mock('../../data/records', () => ({ shop: { useList: () => ({ records: [] }) } }));

const DAY = 86_400_000;
const START = Date.UTC(2026, 0, 10);
const at = (day: number) => START + day * DAY;
const laidOut = () =>
  fireEvent(screen.getByTestId('charts'), 'layout', { nativeEvent: { layout: { width: 358, height: 100 } } });

test('a filter says when it is due, and its figures stand in a table', () => {
  const readings = [0.06, 0.09].map((dropInWc, i) => ({ atMs: at(60 * i), dropInWc, flowCfm: 1000 }));
  renderThemed(<UnitTrendCharts filter={filterTrend(readings, 1000, 0.1)} series={[]} />);
  laidOut();
  expect(screen.getByText(/^due Mar 31, ± \d+ days$/)).toBeTruthy();
  expect(
    screen.getByLabelText(/^Filter drop at 1,000 CFM, 2 readings, last 0\.09 of 0\.10 in\. w\.c\. Due Mar 31/),
  ).toBeTruthy();
  fireEvent.press(screen.getByText('Show figures'));
  expect(screen.getByText('Mar 11, 2026')).toBeTruthy();
  expect(screen.getAllByText('0.06').length).toBeGreaterThan(0);
});

test('one reading tells no day, and says what would', () => {
  const one = filterTrend([{ atMs: at(0), dropInWc: 0.06, flowCfm: 1000 }], 1000, 0.1);
  renderThemed(<UnitTrendCharts filter={one} series={[]} />);
  laidOut();
  expect(screen.queryByText(/^due/)).toBeNull();
  expect(screen.getByText(/weeks apart, predict when it is due/)).toBeTruthy();
});

test('what drifts from how the unit runs when verified is said', () => {
  const visits = [4, 4, 4.6].map((amps, i) => ({ atMs: at(30 * i), figures: { amps } }));
  renderThemed(<UnitTrendCharts series={trendSeries(visits)} />);
  laidOut();
  expect(screen.getByText('15 % over when verified')).toBeTruthy();
  expect(screen.getByLabelText(/^Blower amps, 3 visits, last 4\.6 A: 15 % over when verified/)).toBeTruthy();
});

test('what is carried over stands with what became of it; what was fixed and what is measured anew does not', () => {
  const item = (id: string, outcome: string, more: object = {}) => ({
    id,
    words: id,
    outcome,
    since: '2026-03-01T10:00:00Z',
    ...more,
  });
  mockVisits = [
    { summary: undefined },
    {
      summary: {
        found: [
          item('check-a', 'quoted', { quoted: 680 }),
          item('check-b', 'dealtWith'),
          item('air-c', 'open', { measuredBy: 'air' }),
          item('air-e', 'quoted', { measuredBy: 'air' }),
          item('check-d', 'watch'),
        ],
      },
    },
  ];
  renderThemed(<CarriedOver unitId="unit-1" />);
  expect(screen.getByText('check-a')).toBeTruthy();
  expect(screen.getByText('quoted $680')).toBeTruthy();
  expect(screen.getByText('watch')).toBeTruthy();
  expect(screen.queryByText('check-b')).toBeNull();
  expect(screen.queryByText('air-c')).toBeNull();
  expect(screen.getByText('air-e')).toBeTruthy();
});
