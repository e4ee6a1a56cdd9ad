import { act, fireEvent, screen } from '@testing-library/react-native';
import { sites } from '../../data/records';
import { dismissUndo } from '../../data/undo';
import { renderThemed } from '../../testing/render';
import { UndoBar } from './UndoBar';

const mockPatch = jest.fn(() => Promise.resolve());
jest.mock('../../data/theSpine', () => ({
  spine: () => ({ outbox: { patch: mockPatch } }),
}));

const kept = { record: { id: 's1', name: 'Quay', altitudeFt: 620 }, revision: 4, sending: 'sent' as const };
beforeEach(() => {
  mockPatch.mockClear();
  act(dismissUndo);
});

test('a change is offered back, and undone by a patch of the values of before, from the same revision', () => {
  renderThemed(<UndoBar />);
  act(() => sites.change(kept, { ...kept.record, altitudeFt: 700 }, 'Altitude of Quay changed.'));
  expect(mockPatch).toHaveBeenLastCalledWith('site', 's1', { altitudeFt: 700 }, 4);
  expect(screen.getByText('Altitude of Quay changed.')).toBeTruthy();
  fireEvent.press(screen.getByText('Undo'));
  expect(mockPatch).toHaveBeenLastCalledWith('site', 's1', { altitudeFt: 620 }, 4);
});

test('where nothing changed nothing is sent or offered', () => {
  renderThemed(<UndoBar />);
  act(() => sites.change(kept, { ...kept.record }, 'Altitude of Quay changed.'));
  expect(mockPatch).not.toHaveBeenCalled();
  expect(screen.queryByText('Altitude of Quay changed.')).toBeNull();
});

test('the offer goes by itself, and with the touch that takes it', () => {
  jest.useFakeTimers();
  renderThemed(<UndoBar />);
  const change = () => act(() => sites.change(kept, { ...kept.record, altitudeFt: 700 }, 'Altitude of Quay changed.'));
  change();
  act(() => void jest.advanceTimersByTime(7000));
  expect(screen.getByText('Undo')).toBeTruthy();
  act(() => void jest.advanceTimersByTime(2000));
  expect(screen.queryByText('Undo')).toBeNull();
  change();
  fireEvent.press(screen.getByText('Undo'));
  expect(screen.queryByText('Undo')).toBeNull();
  jest.useRealTimers();
});
