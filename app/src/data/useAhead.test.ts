import { act, renderHook } from '@testing-library/react-native';
import { useAhead } from './useAhead';

test('a change is shown before the store has moved, and the store’s value after', () => {
  const store = jest.fn();
  const { result, rerender } = renderHook(({ stored }: { stored: string }) => useAhead(stored, store), {
    initialProps: { stored: 'a' },
  });
  act(() => result.current[1]('b'));
  expect(result.current[0]).toBe('b');
  expect(store).toHaveBeenCalledWith('b');
  rerender({ stored: 'b, as stored' });
  expect(result.current[0]).toBe('b, as stored');
  rerender({ stored: 'c from elsewhere' });
  expect(result.current[0]).toBe('c from elsewhere');
});
