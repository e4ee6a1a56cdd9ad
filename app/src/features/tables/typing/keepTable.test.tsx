import type { BlowerTableDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../../testing/render';
import { TABLE } from '../../../testing/visits';
import { KeepTableSheet, type TableHead } from './KeepTableSheet';

const { id, name, motor, staticsInWc, taps } = TABLE;

function show(head: Partial<TableHead> = {}, taken: readonly string[] = []) {
  const onKeep = jest.fn<void, [BlowerTableDto]>();
  renderThemed(
    <KeepTableSheet
      open
      head={{ id, name, motor, ...head }}
      figures={{ staticsInWc, taps }}
      taken={taken}
      onKeep={onKeep}
      onClose={jest.fn()}
    />,
  );
  return onKeep;
}
const keep = () => fireEvent.press(screen.getByRole('button', { name: /^Save (table|anyway)$/ }));
const type = (figure: string) => {
  for (const key of figure) fireEvent.press(screen.getAllByLabelText(key === '.' ? 'point' : key).at(-1)!);
  fireEvent.press(screen.getAllByText('Save').at(-1)!);
};

test('what was typed is kept with its name and motor; what nobody said is not made up', () => {
  const onKeep = show();
  keep();
  expect(onKeep).toHaveBeenCalledTimes(1);
  expect(onKeep.mock.lastCall![0]).toMatchObject({ id, name, motor, staticsInWc, taps });
  expect(onKeep.mock.lastCall![0].conditions ?? {}).toEqual({});
});

test('the manufacturer’s conditions go with it', () => {
  const onKeep = show();
  fireEvent.press(screen.getByLabelText('wet coil'));
  fireEvent.press(screen.getByLabelText('filter out'));
  fireEvent.press(screen.getByText('Table volts'));
  type('230');
  fireEvent.press(screen.getByText('Dry-coil factor'));
  type('1.04');
  fireEvent.press(screen.getByText('Enter tons'));
  type('3.5');
  expect(screen.getByText('3.5 tons')).toBeTruthy();
  keep();
  expect(onKeep.mock.lastCall![0]).toMatchObject({
    tons: 3.5,
    conditions: { coil: 'wet', filter: 'out', volts: 230, dryFactor: 1.04 },
  });
});

test('without a name it is not kept, and says why', () => {
  const onKeep = show({ name: '' });
  keep();
  expect(onKeep).not.toHaveBeenCalled();
  expect(screen.getByText(/^The name .*\.$/)).toBeTruthy();
});

test('a name that is there already is said; whoever means it keeps it all the same', () => {
  const onKeep = show({}, [name]);
  expect(screen.getByText(/There is already a table of this name/)).toBeTruthy();
  fireEvent.press(screen.getByText('Save anyway'));
  expect(onKeep).toHaveBeenCalledTimes(1);
});
