import { act, fireEvent, screen } from '@testing-library/react-native';
import type { SpineStatus } from '../../data/spine/spine';
import { renderThemed } from '../../testing/render';
import { RestoredNotice } from './RestoredNotice';

const mockStatus = jest.fn<SpineStatus, []>();
const mockDecide = jest.fn<Promise<void>, [boolean]>(() => Promise.resolve());
jest.mock('../../data/useOutbox', () => ({ useSyncStatus: () => mockStatus() }));
jest.mock('../../data/theSpine', () => ({ spine: () => ({ afterRestore: (sends: boolean) => mockDecide(sends) }) }));

test('a restored server is told, and a person decides what becomes of this phone’s work', async () => {
  mockStatus.mockReturnValue({ phase: 'upToDate', everTold: true, restoredAt: '2026-05-12T10:42:00.000Z' });
  renderThemed(<RestoredNotice />);
  expect(screen.getByText('The server was restored from a backup.')).toBeTruthy();
  await act(async () => void fireEvent.press(screen.getByText('Send again')));
  await act(async () => void fireEvent.press(screen.getByText('Leave the server unchanged')));
  expect(mockDecide.mock.calls).toEqual([[true], [false]]);
});

test('nothing is shown where nothing was restored', () => {
  mockStatus.mockReturnValue({ phase: 'upToDate', everTold: true });
  renderThemed(<RestoredNotice />);
  expect(screen.queryByRole('alert')).toBeNull();
});
