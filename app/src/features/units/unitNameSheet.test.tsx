import { fireEvent, screen } from '@testing-library/react-native';
import type { UnitDto } from '@huff/contract';
import { renderThemed } from '../../testing/render';
import { UnitNameSheet } from './UnitNameSheet';

const unit: UnitDto = {
  id: '00000000-0000-4000-8000-000000000001',
  siteId: '00000000-0000-4000-8000-000000000002',
  name: 'Roof 1',
  layout: 'packaged',
  motor: 'beltDrive',
  cfmPerTon: 400,
};
const keep = () => fireEvent.press(screen.getByText('Save'));

test('hours are kept as they can be sorted by; what cannot be read is told and stays typed', () => {
  const kept = jest.fn();
  renderThemed(<UnitNameSheet open unit={unit} others={[]} onKeep={kept} onClose={jest.fn()} />);
  fireEvent.changeText(screen.getByLabelText('Hours in use'), 'mornings');
  keep();
  expect(screen.getByText('Type the hours in use as 08:00-17:00.')).toBeTruthy();
  expect(screen.getByLabelText('Hours in use').props.value).toBe('mornings');
  expect(kept).not.toHaveBeenCalled();
  fireEvent.changeText(screen.getByLabelText('Hours in use'), '8 to 17:30');
  keep();
  expect(kept).toHaveBeenLastCalledWith(expect.objectContaining({ neededHours: '08:00-17:30' }));
});

test('hours that were said are shown, and cleared by an empty line', () => {
  const kept = jest.fn();
  const said = { ...unit, neededHours: '08:00-17:00' };
  renderThemed(<UnitNameSheet open unit={said} others={[]} onKeep={kept} onClose={jest.fn()} />);
  expect(screen.getByLabelText('Hours in use').props.value).toBe('08:00 to 17:00');
  fireEvent.changeText(screen.getByLabelText('Hours in use'), ' ');
  keep();
  expect(kept).toHaveBeenLastCalledWith(expect.objectContaining({ neededHours: null }));
});

test('where it is and notes are kept, and an empty line takes them away', () => {
  const kept = jest.fn();
  const said = { ...unit, location: 'attic, hatch in the hall closet', notes: 'dog' };
  renderThemed(<UnitNameSheet open unit={said} others={[]} onKeep={kept} onClose={jest.fn()} />);
  expect(screen.getByLabelText('Where it is').props.value).toBe('attic, hatch in the hall closet');
  fireEvent.changeText(screen.getByLabelText('Where it is'), 'crawl space, west vent');
  fireEvent.changeText(screen.getByLabelText('Notes'), '');
  keep();
  expect(kept).toHaveBeenLastCalledWith(
    expect.objectContaining({ location: 'crawl space, west vent', notes: null, neededHours: null }),
  );
});
