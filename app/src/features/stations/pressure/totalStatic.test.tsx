import { fireEvent, screen } from '@testing-library/react-native';
import type { VisitDto } from '@huff/contract';
import { useState } from 'react';
import { renderThemed } from '../../../testing/render';
import { onTap3, read } from '../../../testing/visits';
import { assess } from '../../visitState/useAssessment';
import { TotalStatic } from './TotalStatic';

/** With every change taken up, as the visit's page does. */
function show(begin: VisitDto) {
  let now = begin;
  function Live() {
    const [visit, setVisit] = useState(begin);
    now = visit;
    return <TotalStatic visit={visit} assessment={assess(visit)} onVisit={setVisit} />;
  }
  renderThemed(<Live />);
  return { tesp: () => assess(now).judgement.tespInWc };
}
const press = (figure: string) => {
  for (const key of figure) fireEvent.press(screen.getByLabelText(key === '.' ? 'point' : key));
};
const type = (figure: string) => {
  press(figure);
  fireEvent.press(screen.getByText('Save'));
};

test('the total is typed, corrected and cleared; what it was before does not come back', () => {
  const { tesp } = show({ ...onTap3(), readings: [] });
  fireEvent.press(screen.getByText('Enter total only'));
  type('.58');
  expect(tesp()).toBe(0.58);
  fireEvent.press(screen.getByText('Total 0.58 in. w.c. as one reading: edit'));
  type('.62');
  expect(tesp()).toBe(0.62);
  fireEvent.press(screen.getByText('Total 0.62 in. w.c. as one reading: edit'));
  fireEvent.press(screen.getByText('Clear answer'));
  expect(tesp()).toBeUndefined();
  expect(screen.getByText('Enter total only')).toBeTruthy();
});

test('beyond the range of the gauge it is refused, and nothing is kept', () => {
  const { tesp } = show({ ...onTap3(), readings: [] });
  fireEvent.press(screen.getByText('Enter total only'));
  press('9');
  expect(screen.queryByText('Keep')).toBeNull();
  expect(screen.getByText(/between 0\.01 and 5 in\. w\.c\./)).toBeTruthy();
  expect(tesp()).toBeUndefined();
});

test('with both ports read nobody is requested it', () => {
  show(read(read({ ...onTap3(), readings: [] }, 'R2', -0.31), 'S1', 0.27));
  expect(screen.queryByText(/total/i)).toBeNull();
});
