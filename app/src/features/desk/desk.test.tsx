import type { SiteDto, UnitDto } from '@huff/contract';
import { keptText } from '@huff/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import type { UnitStand } from '../../data/useStands';
import { renderThemed } from '../../testing/render';
import { unitLines } from './unitRows';
import { UnitTable } from './UnitTable';

jest.mock('expo-router', () => ({ router: { push: jest.fn() } }));

const site = (id: string, name: string, more: Partial<SiteDto> = {}): SiteDto => ({ id, name, ...more });
const unit = (id: string, siteId: string, name: string, more: Partial<UnitDto> = {}): UnitDto => ({
  id,
  siteId,
  name,
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  ...more,
});
const stand = (unitId: string, more: Partial<UnitStand> = {}): UnitStand => ({
  unitId,
  visitId: `visit of ${unitId}`,
  startedAt: '2026-05-01T10:00:00.000Z',
  staticInWc: 0.5,
  staticWord: 'inside',
  flowCfm: 1000,
  flowWord: 'inside',
  headline: keptText('Stay on tap 3'),
  open: 0,
  ...more,
});

const LINES = unitLines(
  [
    unit('1', 'a', 'Roof 1', { tons: 7.5 }),
    unit('2', 'a', 'Roof 2', { tons: 3 }),
    unit('3', 'b', 'Hood'),
    unit('4', 'b', 'Old boiler', { archivedAt: '2026-01-01T00:00:00Z' }),
    unit('5', 'c', 'Mill fan'),
  ],
  [site('a', 'Library'), site('b', 'Pottery'), site('c', 'Mill', { archivedAt: '2026-01-01T00:00:00Z' })],
  [
    stand('1', { staticInWc: 0.9, staticWord: 'outside', open: 3, headline: keptText('Clear the restriction first') }),
    stand('2', { startedAt: '2026-06-01T10:00:00.000Z' }),
  ],
);
const shown = () =>
  screen
    .getAllByLabelText(/^(Roof 1|Roof 2|Hood|Old boiler|Mill fan), /)
    .map(({ props }) => String(props['aria-label'] ?? props.accessibilityLabel).split(',')[0]);

test('the units in use with how each stood; what nobody knows is not made up', () => {
  expect(LINES.map((line) => line.unit)).toEqual(['Roof 1', 'Roof 2', 'Hood']);
  expect(LINES[2]).toMatchObject({ site: 'Pottery', staticWord: 'cantSay', says: 'Not visited yet' });
  expect(LINES[2]!.flowCfm).toBeUndefined();
});

test('without a word of the server no unit is called never visited', () => {
  const lines = unitLines([unit('1', 'a', 'Roof 1')], [site('a', 'Library')], undefined);
  expect(lines).toMatchObject([
    { unit: 'Roof 1', says: 'Not loaded yet', staticWord: 'cantSay', isNeverVisited: false },
  ]);
  renderThemed(<UnitTable lines={lines} />);
  fireEvent.press(screen.getByText('never visited'));
  expect(screen.queryByLabelText(/^Roof 1, /)).toBeNull();
});

test('a touch on a column sorts by it, another turns it round; what is not known stands last both ways', () => {
  renderThemed(<UnitTable lines={LINES} />);
  expect(shown()).toEqual(['Roof 2', 'Roof 1', 'Hood']);
  fireEvent.press(screen.getByLabelText('Sort by Static'));
  expect(shown()).toEqual(['Roof 1', 'Roof 2', 'Hood']);
  fireEvent.press(screen.getByLabelText('Sort by Static'));
  expect(shown()).toEqual(['Roof 2', 'Roof 1', 'Hood']);
  fireEvent.press(screen.getByLabelText('Sort by Unit'));
  expect(shown()).toEqual(['Hood', 'Roof 1', 'Roof 2']);
});

test('filtered by words and by how they stood, with how many that are', () => {
  renderThemed(<UnitTable lines={LINES} />);
  expect(screen.getByText('3 of 3')).toBeTruthy();
  fireEvent.press(screen.getByText('out of range'));
  expect(shown()).toEqual(['Roof 1']);
  fireEvent.press(screen.getByText('never visited'));
  expect(shown()).toEqual(['Hood']);
  fireEvent.press(screen.getByText('all'));
  fireEvent.changeText(screen.getByLabelText('Filter units'), 'RESTRICTION');
  expect(shown()).toEqual(['Roof 1']);
  fireEvent.changeText(screen.getByLabelText('Filter units'), 'zeppelin');
  expect(screen.getByText('No unit matches.')).toBeTruthy();
});

test('a line opens its unit', () => {
  renderThemed(<UnitTable lines={LINES} />);
  fireEvent.press(screen.getByLabelText(/^Hood, /));
  expect(router.push).toHaveBeenCalledWith('/units/3');
});
