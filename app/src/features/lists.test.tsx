import { fireEvent, screen } from '@testing-library/react-native';
import type { SiteDto, UnitDto } from '@huff/contract';
import { renderThemed } from '../testing/render';
import { measured, NOW, TABLE } from '../testing/visits';
import { splitTitle } from './check/motorText';
import { AltitudeSheet, altitudeText } from './sites/AltitudeSheet';
import { bySite } from './sites/SitesPage';
import { readFile } from './tables/chooseFile';
import { FaultList } from './tables/FaultList';
import { FiguresTable } from './tables/FiguresTable';
import { tableLine } from './tables/tableLine';
import { byDay } from './today/TodayPage';

const mockSave = jest.fn();
jest.mock('expo-router', () => ({ Link: jest.fn(() => null), router: {} }));
jest.mock('../data/draft', () => ({ useDraft: jest.fn() }));
jest.mock('../data/records', () => {
  const kind = { useList: jest.fn(), useUnsent: jest.fn(), useSave: () => ({ mutate: mockSave }) };
  return { photos: kind, visits: kind, sites: kind, blowerTables: kind, units: kind };
});

test('visits stand by day, the newest first', () => {
  const at = (id: string, startedAt: string) => ({
    record: { ...measured(), id, startedAt },
    sending: 'sent' as const,
  });
  const days = byDay([
    at('a', '2026-05-10T08:00:00Z'),
    at('b', '2026-05-12T08:00:00Z'),
    at('c', '2026-05-10T09:00:00Z'),
  ]);
  expect(days.map(([, kept]) => kept.map((k) => k.record.id))).toEqual([['b'], ['c', 'a']]);
});

test('units stand by site, in the order given', () => {
  const unit = (siteName: string, name: string) => ({ siteName, name }) as UnitDto;
  const sites = bySite([unit('Quay', 'one'), unit('Lane', 'two'), unit('Quay', 'three')]);
  expect(sites.map(([site, units]) => [site, units.map((u) => u.name)])).toEqual([
    ['Quay', ['one', 'three']],
    ['Lane', ['two']],
  ]);
});

test('the unit’s name stands first in a narrow head', () => {
  expect(splitTitle('Lantern Quay library, Roof 1')).toEqual({ name: 'Roof 1', site: 'Lantern Quay library' });
  expect(splitTitle('Quick check')).toEqual({ name: 'Quick check' });
});

describe('the altitude of a site', () => {
  const site: SiteDto = { id: TABLE.id, name: 'Quay', altitudeFt: 620, savedAt: NOW.toISOString() };
  beforeEach(() => mockSave.mockClear());

  test('is said, or that it is not known', () => {
    expect(altitudeText([site], 'Quay')).toBe('620 ft');
    expect(altitudeText([site], 'Lane')).toBe('altitude?');
    expect(altitudeText([{ ...site, altitudeFt: 0 }], 'Quay')).toBe('0 ft');
  });

  test('a wrong one is named and stays as typed; a right one is kept under the site’s own id', () => {
    const onClose = jest.fn();
    renderThemed(<AltitudeSheet site="Quay" places={[site]} onClose={onClose} />);
    const field = () => screen.getByLabelText('Altitude, ft');
    fireEvent.changeText(field(), '40000');
    fireEvent.press(screen.getByText('Keep this altitude'));
    expect(screen.getByText('Altitude must be between −1,000 and 15,000 ft.')).toBeTruthy();
    expect(field().props.value).toBe('40000');
    expect(mockSave).not.toHaveBeenCalled();
    fireEvent.changeText(field(), '5000');
    fireEvent.press(screen.getByText('Keep this altitude'));
    expect(mockSave).toHaveBeenCalledWith(expect.objectContaining({ id: site.id, name: 'Quay', altitudeFt: 5000 }));
    expect(onClose).toHaveBeenCalled();
  });
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
    expect(await readFile(file(20_000_000), 1_000_000)).toMatchObject({
      ok: false,
      why: expect.stringContaining('20 MB'),
    });
    expect(text).not.toHaveBeenCalled();
    expect(await readFile(file(500), 1_000_000)).toEqual({ ok: true, name: 'attic.csv', text: 'tap,0.1' });
    text.mockReturnValueOnce(Promise.reject(new Error('gone')));
    expect(await readFile(file(500), 1_000_000)).toMatchObject({
      ok: false,
      why: 'attic.csv cannot be read. Choose it again.',
    });
  });
});
