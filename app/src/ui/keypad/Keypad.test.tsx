import { fireEvent, screen } from '@testing-library/react-native';
import { LAYOUTS, portOf, type Conditions } from '@huff/core';
import { renderThemed } from '../../testing/render';
import { nextMinutes } from './ConditionChips';
import { Keypad, type KeypadProps } from './Keypad';

const asItRuns: Conditions = { door: 'on', filter: 'in', coil: 'wet' };
const R2 = portOf(LAYOUTS.airHandler, 'R2')!;

function setUp(props: Partial<KeypadProps> = {}) {
  const onKeep = jest.fn();
  const onConditions = jest.fn();
  renderThemed(
    <Keypad
      port={R2}
      conditions={asItRuns}
      onConditions={onConditions}
      onKeep={onKeep}
      onSkip={jest.fn()}
      {...props}
    />,
  );
  const press = (...keys: string[]) => {
    for (const key of keys) fireEvent.press(screen.getByLabelText(key));
  };
  return { onKeep, onConditions, press };
}

test('a figure typed plain on the return side is kept as suction', () => {
  const { onKeep, press } = setUp();
  press('0', 'point', '3', '1');
  expect(screen.getByText('−0.31')).toBeTruthy();
  fireEvent.press(screen.getByText('Save'));
  expect(onKeep).toHaveBeenCalledWith(-0.31);
});

test('nothing typed, nothing kept', () => {
  const { onKeep } = setUp();
  fireEvent.press(screen.getByText('Type the reading'));
  expect(onKeep).not.toHaveBeenCalled();
});

test('a dropped point is refused with what was likely meant, and that can be taken', () => {
  const { onKeep, press } = setUp({ lastInWc: -0.31 });
  press('3', '1');
  expect(screen.getByText(/31 would be 100× the last reading/)).toBeTruthy();
  fireEvent.press(screen.getByText('Too large'));
  expect(onKeep).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('Use −0.31'));
  fireEvent.press(screen.getByText('Save'));
  expect(onKeep).toHaveBeenCalledWith(-0.31);
});

test('a sign of the other side is kept only after it was asked about', () => {
  const { onKeep, press } = setUp();
  press('change the sign', 'point', '2');
  fireEvent.press(screen.getByText('Save'));
  expect(onKeep).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('Yes, save 0.2'));
  expect(onKeep).toHaveBeenCalledWith(0.2);
});

test('a new figure after an answered question is asked about anew', () => {
  const { onKeep, press } = setUp();
  press('3');
  fireEvent.press(screen.getByText('Save'));
  press('delete', '4');
  fireEvent.press(screen.getByText('Save'));
  expect(onKeep).not.toHaveBeenCalled();
});

test('conditions turn over at a touch', () => {
  const { onConditions } = setUp();
  fireEvent.press(screen.getByLabelText('door on: switch'));
  expect(onConditions).toHaveBeenCalledWith({ ...asItRuns, door: 'off' });
  expect([undefined, 5, 30].map(nextMinutes)).toEqual([5, 10, undefined]);
});
