import type { UnitFactsDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { renderThemed } from '../../testing/render';
import { NOW } from '../../testing/visits';
import { quickCheck } from '../visitState/newVisit';
import { FilterSheet } from './FilterSheet';

const told = jest.fn<void, [UnitFactsDto]>();
const setup = () => told.mock.lastCall![0].setup!;
beforeEach(() => told.mockClear());

function Held({ more }: { readonly more?: Partial<UnitFactsDto> }) {
  const [unit, setUnit] = useState<UnitFactsDto>({ ...quickCheck(NOW), ...more });
  return (
    <FilterSheet
      open
      unit={unit}
      onUnit={(next) => {
        told(next);
        setUnit(next);
      }}
      onClose={jest.fn()}
    />
  );
}
const show = (more?: Partial<UnitFactsDto>) => renderThemed(<Held more={more} />);
const press = (label: string | RegExp) => fireEvent.press(screen.getByLabelText(label));
const put = (cell: RegExp, figure: string) => {
  press(cell);
  for (const key of figure) fireEvent.press(screen.getAllByLabelText(key === '.' ? 'point' : key).at(-1)!);
  fireEvent.press(screen.getAllByText('Save').at(-1)!);
};

test('the sizes of a filter are typed where they stand, and each is kept at once', () => {
  show();
  put(/^Width, size 1/, '20');
  expect(setup()).toMatchObject({ filterWidthIn: 20, filterHeightIn: null });
  put(/^Height, size 1/, '24.5');
  put(/^Filters, size 1/, '4');
  expect(setup()).toMatchObject({ filterCount: 4, filterWidthIn: 20, filterHeightIn: 24.5 });
});

test('another size beside it counts once it is whole', () => {
  show({ setup: { filterCount: 2, filterWidthIn: 16, filterHeightIn: 25 } });
  fireEvent.press(screen.getByText('Add another size'));
  // One after the other: a third is offered when the second is whole.
  expect(screen.queryByText('Add another size')).toBeNull();
  put(/^Width, size 2/, '12');
  expect(setup().moreFilters ?? null).toBeNull();
  put(/^Height, size 2/, '24');
  expect(setup()).toMatchObject({
    filterCount: 2,
    filterWidthIn: 16,
    moreFilters: [{ count: 1, widthIn: 12, heightIn: 24 }],
  });
  expect(screen.getByText('Add another size')).toBeTruthy();
});

test('filters in series are said to be a mistake; a collar is asked where there are grilles', () => {
  show();
  expect(screen.queryByLabelText(/^Collar/)).toBeNull();
  press('at both, in series');
  expect(setup().filterPlace).toBe('both');
  expect(screen.getByText(/^Filters in series are a mistake unless/)).toBeTruthy();
  put(/^Collar/, '12');
  expect(setup().bareGrilleCollarIn).toBe(12);
});

test('a make-up air unit has its filters in one place', () => {
  show({ layout: 'makeUpAir' });
  expect(screen.queryByLabelText('at the return grilles')).toBeNull();
  expect(screen.getByLabelText(/^Width, size 1/)).toBeTruthy();
});
