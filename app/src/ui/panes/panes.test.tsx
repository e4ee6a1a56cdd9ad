import { fireEvent, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { renderThemed } from '../../testing/render';
import { fitted, LEAST_PANE, LEAST_REST, Panes } from '.';

test('panes are as wide as was requested where there is room, else the last gives way first', () => {
  expect(fitted([400, 500], 1600)).toEqual([400, 500]);
  expect(fitted([400, 500], 1184)).toEqual([400, 464]);
  expect(fitted([400, 500], 700)).toEqual([LEAST_PANE, LEAST_PANE]);
  expect(fitted([10, 500], 1600)).toEqual([LEAST_PANE, 500]);
  expect(fitted([], 1600)).toEqual([]);
  for (const width of [900, 1184, 2000])
    expect(fitted([900, 900], width).reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(
      Math.max(2 * LEAST_PANE, width - LEAST_REST),
    );
});

test('a bar is moved with the arrows, and drawn with the pointer; a pane is never lost', () => {
  renderThemed(
    <Panes
      name="test"
      begin={[400]}
      panes={[
        { label: 'List', content: <Text>left</Text> },
        { label: 'Rest', content: <Text>right</Text> },
      ]}
    />,
  );
  expect(screen.queryByText('left')).toBeNull();
  fireEvent(screen.getByTestId('panes'), 'layout', { nativeEvent: { layout: { width: 1200 } } });
  const bar = () => screen.getByLabelText('Width of List');
  const width = () => Number(bar().props['aria-valuenow'] ?? bar().props.accessibilityValue?.now);
  expect(width()).toBe(400);
  fireEvent(bar(), 'keyDown', { key: 'ArrowRight', preventDefault: jest.fn() });
  expect(width()).toBe(424);
  fireEvent(bar(), 'keyDown', { key: 'Enter', preventDefault: jest.fn() });
  expect(width()).toBe(424);
  fireEvent(bar(), 'responderGrant', { nativeEvent: { pageX: 424 } });
  fireEvent(bar(), 'responderMove', { nativeEvent: { pageX: 20 } });
  expect(width()).toBe(LEAST_PANE);
  expect(screen.getByText('right')).toBeTruthy();
});
