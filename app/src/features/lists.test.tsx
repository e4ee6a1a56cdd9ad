import { screen } from '@testing-library/react-native';
import { renderThemed } from '../testing/render';
import { TABLE } from '../testing/visits';
import { splitTitle } from '@huff/contract/spine';
import { readFile } from '../data/chooseFile';
import { FaultList } from './tables/FaultList';
import { FiguresTable } from './tables/FiguresTable';
import { tableLine } from './tables/tableLine';

jest.mock('../data/records', () => ({ sites: {} }));

test('the unit’s name stands first in a narrow head', () => {
  expect(splitTitle('Lantern Quay library, Roof 1')).toEqual({ name: 'Roof 1', site: 'Lantern Quay library' });
  expect(splitTitle('Quick check')).toEqual({ name: 'Quick check' });
});

describe('tables', () => {
  test('what is wrong stands by line and column, and no more than can be read', () => {
    const faults = Array.from({ length: 15 }, (_, i) => ({
      line: i + 2,
      column: 'C',
      found: 'abc',
      message: `fault ${i}`,
    }));
    renderThemed(<FaultList faults={faults} />);
    expect(screen.getByText('line 2, column C: “abc”')).toBeTruthy();
    expect(screen.getByText('and 3 more.')).toBeTruthy();
    expect(screen.queryByText('fault 12')).toBeNull();
  });

  test('a blank cell is a dash, never a figure', () => {
    const figures = { staticsInWc: [0.1, 0.2], taps: [{ tap: 'low', flowsCfm: [1200, null] }] };
    renderThemed(<FiguresTable figures={figures} />);
    expect(screen.getByText('1,200')).toBeTruthy();
    expect(screen.getByText('–')).toBeTruthy();
  });

  test('a line says size, motor, taps and the statics it spans', () => {
    expect(tableLine(TABLE)).toBe('3 t · constant torque · 3 taps · 0.10 to 0.80');
  });

  test('a file that cannot be a table is refused before it is read', async () => {
    const text = jest.fn(() => Promise.resolve('tap,0.1'));
    const file = (size: number) => ({ name: 'attic.csv', size, text }) as unknown as File;
    expect(await readFile(file(20_000_000), 1_000_000, 'A blower table is only a few lines.')).toMatchObject({
      ok: false,
      why: expect.stringContaining('20 MB'),
    });
    expect(text).not.toHaveBeenCalled();
    expect(await readFile(file(500), 1_000_000, 'A blower table is only a few lines.')).toEqual({
      ok: true,
      name: 'attic.csv',
      text: 'tap,0.1',
    });
    text.mockReturnValueOnce(Promise.reject(new Error('gone')));
    expect(await readFile(file(500), 1_000_000, 'A blower table is only a few lines.')).toMatchObject({
      ok: false,
      why: 'attic.csv cannot be read. Choose it again.',
    });
  });
});
