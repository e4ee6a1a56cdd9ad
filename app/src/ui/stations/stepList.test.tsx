import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { StepList, type Station } from '.';

const STEPS: readonly Station[] = [
  { id: 'call', name: 'Complaint', state: 'empty', lacks: 'not entered' },
  { id: 'pressure', name: 'Pressure', state: 'done', says: 'TESP 0.58 in. w.c.' },
  { id: 'fix', name: 'Fix', state: 'started' },
  { id: 'power', name: 'Electrical', state: 'empty', isAside: true },
];

test('every step is listed with its result, or what it still lacks, or how far it is', () => {
  const onGo = jest.fn();
  renderThemed(<StepList stations={STEPS} here="pressure" onGo={onGo} />);
  expect(screen.getByText('not entered')).toBeTruthy();
  expect(screen.getByText('TESP 0.58 in. w.c.')).toBeTruthy();
  expect(screen.getByText('begun')).toBeTruthy();
  expect(screen.getByText('Other steps')).toBeTruthy();
  expect(screen.getByLabelText('Pressure, done').props['aria-current']).toBe('step');
  fireEvent.press(screen.getByLabelText('Complaint, not begun. not entered'));
  expect(onGo).toHaveBeenCalledWith('call');
});
