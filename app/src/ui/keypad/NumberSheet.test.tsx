import { fireEvent, screen } from '@testing-library/react-native';
import { setMeasures, SI_MEASURES, US_MEASURES } from '@huff/core';
import { renderThemed } from '../../testing/render';
import { NumberSheet, rangeWords, type AskedNumber } from './NumberSheet';

afterEach(() => setMeasures(US_MEASURES));

const STATIC: AskedNumber = { label: 'Nameplate max static', unit: 'inWc', min: 0.05, max: 5 };

function show(more: Partial<Parameters<typeof NumberSheet>[0]> = {}) {
  const onKeep = jest.fn<void, [number | null]>();
  renderThemed(<NumberSheet asked={STATIC} onKeep={onKeep} onClose={jest.fn()} {...more} />);
  return onKeep;
}
const type = (figure: string) => {
  for (const key of figure) fireEvent.press(screen.getByLabelText(key === '.' ? 'point' : key));
};

test('a figure in its range is kept; what stood there is typed over', () => {
  const onKeep = show({ asked: { ...STATIC, value: 0.8 } });
  expect(screen.getByText('0.8')).toBeTruthy();
  type('.5');
  fireEvent.press(screen.getByText('Save'));
  expect(onKeep).toHaveBeenCalledWith(0.5);
});

test('out of its range it is refused in words and stays as typed', () => {
  const onKeep = show();
  type('50');
  expect(screen.getByText('Enter between 0.05 and 5 in. w.c.')).toBeTruthy();
  fireEvent.press(screen.getByText('Check it'));
  expect(onKeep).not.toHaveBeenCalled();
  expect(screen.getByText('50')).toBeTruthy();
});

test('what is wrong for another reason is not kept either; what is only odd is, by whoever means it', () => {
  const refused = show({ wrong: (value) => (value > 1 ? 'More than its neighbour.' : undefined) });
  type('2');
  expect(screen.getByText('More than its neighbour.')).toBeTruthy();
  fireEvent.press(screen.getByText('Check it'));
  expect(refused).not.toHaveBeenCalled();
  screen.unmount();
  const asked = show({ ask: (value) => (value > 1 ? 'Over 1: is the point where it belongs?' : undefined) });
  type('2');
  expect(screen.getByText(/is the point where it belongs\?$/)).toBeTruthy();
  fireEvent.press(screen.getByText('Save'));
  expect(asked).toHaveBeenCalledWith(2);
});

test('nothing typed, nothing kept; not known is an answer', () => {
  const onKeep = show();
  fireEvent.press(screen.getByText('Type it'));
  expect(onKeep).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('not known'));
  expect(onKeep).toHaveBeenCalledWith(null);
});

test('typed in Pa it is kept in in. w.c., and its range is told in Pa', () => {
  setMeasures(SI_MEASURES);
  expect(rangeWords(STATIC)).toMatch(/^between 12\.4\d* and 1,24\d.* Pa$/);
  const onKeep = show();
  type('125');
  fireEvent.press(screen.getByText('Save'));
  expect(onKeep.mock.lastCall![0]).toBeCloseTo(0.5023, 4);
});
