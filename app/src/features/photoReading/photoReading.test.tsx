import type { UnitFactsDto } from '@huff/contract';
import type { PhotoTable, PlateReading } from '@huff/core/photo';
import { act, fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { PhotoReadSheet } from './PhotoReadSheet';
import { PlateFound } from './PlateFound';
import { plateInputs, readingText, withPlateFacts } from './plateInputs';

type Read = (
  kind: string,
  corners: unknown,
  onStage: (stage: 'cells') => void,
  onFirst: (tables: readonly PhotoTable[]) => void,
) => Promise<object>;
const mockOpen = jest.fn<Promise<object>, []>();
const mockRead = jest.fn<ReturnType<Read>, Parameters<Read>>();
const mockStop = jest.fn();
const mockFetch = jest.fn<Promise<void>, []>();
let mockIsHere = true;
jest.mock('./photoReader', () => ({
  ReadingStopped: class extends Error {},
  photoReader: {
    open: () => mockOpen(),
    turn: () => mockOpen(),
    read: (...asked: Parameters<Read>) => mockRead(...asked),
    stop: () => mockStop(),
    cut: () => Promise.resolve(new Blob()),
  },
}));
jest.mock('./readerFiles', () => ({
  READER_MB: 7,
  isReaderHere: () => Promise.resolve(mockIsHere),
  fetchReader: () => mockFetch(),
}));

const CORNERS = [
  { x: 10, y: 10 },
  { x: 190, y: 12 },
  { x: 188, y: 90 },
  { x: 12, y: 92 },
];
const opened = { width: 200, height: 100, corners: CORNERS, isSheetFound: true, shown: new Blob() };
const table = (title: string): PhotoTable => ({
  title,
  unit: 'inWc',
  isByRpm: false,
  cutAt: [],
  statics: [],
  rows: [],
});
const file = new Blob(['photo']);

beforeEach(() => {
  mockIsHere = true;
  mockOpen.mockReset().mockResolvedValue(opened);
  mockRead.mockReset();
  mockFetch.mockReset().mockResolvedValue();
  globalThis.URL.createObjectURL = () => 'blob:photo';
  globalThis.URL.revokeObjectURL = () => {};
});

const onTable = jest.fn<void, [PhotoTable]>();
const onClose = jest.fn();
async function show() {
  renderThemed(<PhotoReadSheet file={file} kind="table" onTable={onTable} onClose={onClose} />);
  await act(async () => {});
}
const press = (text: string | RegExp) => act(async () => void fireEvent.press(screen.getByText(text)));

describe('a photo that is read', () => {
  beforeEach(() => {
    onTable.mockClear();
    onClose.mockClear();
  });
  test('one table is given on, and the sheet closes', async () => {
    mockRead.mockResolvedValue({ tables: [table('A')], fields: [] });
    await show();
    await press('Read the table');
    expect(mockRead.mock.lastCall![1]).toEqual(CORNERS);
    expect(onTable).toHaveBeenCalledWith(table('A'));
    expect(onClose).toHaveBeenCalled();
  });
  test('of two tables one is picked', async () => {
    mockRead.mockResolvedValue({ tables: [table('Model 24'), table('Model 36')], fields: [] });
    await show();
    await press('Read the table');
    expect(onTable).not.toHaveBeenCalled();
    await press('Model 36');
    expect(onTable).toHaveBeenCalledWith(table('Model 36'));
  });
  test('nothing found: it says what it saw, the photo stays, typing is offered', async () => {
    mockRead.mockResolvedValue({ tables: [], fields: [], nothing: 'The photo is nearly black.' });
    await show();
    await press('Read the table');
    expect(screen.getByText('The photo is nearly black.')).toBeTruthy();
    expect(screen.getByLabelText('Photo')).toBeTruthy();
    await press('Type it instead');
    expect(onClose).toHaveBeenCalled();
  });
  test('a corner is moved by an arrow key, and stays inside the photo', async () => {
    mockRead.mockResolvedValue({ tables: [table('A')], fields: [] });
    await show();
    const corner = screen.getByLabelText('Top left corner');
    for (let i = 0; i < 9; i += 1) fireEvent(corner, 'keyDown', { key: 'ArrowLeft', preventDefault: () => {} });
    await press('Read the table');
    expect((mockRead.mock.lastCall![1] as typeof CORNERS)[0]).toEqual({ x: 0, y: 10 });
  });
  test('while it is read it says how far it is, and can be stopped', async () => {
    const cells = [{ text: '1092', others: [], box: { x: 0, y: 0, width: 1, height: 1 } }];
    mockRead.mockImplementation((_, __, onStage, onFirst) => {
      onFirst([
        {
          ...table('A'),
          statics: [{ printed: 0.3, isRead: true }],
          rows: [{ name: 'Low', isSure: true, cells, bhp: [] }],
        },
      ]);
      onStage('cells');
      return new Promise(() => {});
    });
    await show();
    await press('Read the table');
    expect(screen.getByText('Reading each cell…')).toBeTruthy();
    // The first reading is in sight meanwhile.
    expect(screen.getByText('1092')).toBeTruthy();
    await press('Cancel');
    expect(mockStop).toHaveBeenCalled();
    expect(screen.getByText('Read the table')).toBeTruthy();
    expect(screen.queryByText('1092')).toBeNull();
  });
  test('without the reader and without a signal it says so, and keeps the photo', async () => {
    mockIsHere = false;
    mockFetch.mockRejectedValue(new Error('offline'));
    await show();
    expect(screen.getByText(/7 MB, fetched once, best on Wi-Fi/)).toBeTruthy();
    await press('Read the table');
    expect(mockRead).not.toHaveBeenCalled();
    expect(screen.getByText(/The text reader is not on this phone yet/)).toBeTruthy();
    expect(screen.getByLabelText('Photo')).toBeTruthy();
  });
  test('a file that is no picture is refused in a sentence', async () => {
    mockOpen.mockRejectedValue(new Error('no picture'));
    await show();
    expect(screen.getByText(/not a readable picture/)).toBeTruthy();
  });
});

const field = (id: PlateReading['id'], value: string, more: Partial<PlateReading> = {}): PlateReading => ({
  id,
  name: id,
  value,
  isDoubted: false,
  others: [],
  box: { x: 0, y: 0, width: 10, height: 10 },
  ...more,
});

test('the fields of a plate go into its form; the rated load before the motor’s', () => {
  const fields = [
    field('model', 'HA036'),
    field('volts', '230'),
    field('phases', 'one'),
    field('ratedLoadAmps', '14.1'),
    field('fullLoadAmps', '4.3'),
    field('rpm', '1075'),
    field('maxTespInWc', '0.5'),
  ];
  expect(plateInputs(fields)).toEqual({ model: 'HA036', volts: 230, phases: 'one', amps: 14.1 });
  expect(plateInputs([field('breakerAmps', '30A')])).toEqual({ breakerAmps: '30A' });
  expect(readingText(field('maxTespInWc', '0.5'))).toBe('0.50 in. w.c.');
});

test('what the unit itself has a place for goes there; what cannot be leaves it as it was', () => {
  const unit: UnitFactsDto = {
    layout: 'furnaceCasedCoil',
    motor: 'beltDrive',
    cfmPerTon: 400,
    maxTespInWc: 0.8,
    setup: { filterCount: 2 },
  };
  const read = (id: PlateReading['id'], value: string) => withPlateFacts(unit, [field(id, value)]);
  expect(read('maxTespInWc', '0.5').maxTespInWc).toBe(0.5);
  expect(read('riseF', '40-70').setup).toEqual({ filterCount: 2, riseMinF: 40, riseMaxF: 70 });
  expect(read('filterSize', '20x25x4').setup).toEqual({ filterCount: 2, filterWidthIn: 20, filterHeightIn: 25 });
  expect(read('horsepower', '1.5').setup!.motorPlate).toEqual({ ratedHp: 1.5 });
  expect(read('beltMark', 'A48').setup!.drive).toEqual({ beltMark: 'A48' });
  for (const [id, value] of [
    ['maxTespInWc', '0.5 in'],
    ['riseF', '40'],
    ['riseF', '70-40'],
    ['filterSize', '200x25x4'],
    ['horsepower', 'half'],
    ['beltMark', 'Z9'],
    ['rpm', '1075'],
  ] as const)
    expect(read(id, value)).toEqual(unit);
});

describe('what was read of a plate', () => {
  const onUse = jest.fn<void, [readonly PlateReading[]]>();
  const show = (...fields: PlateReading[]) =>
    renderThemed(<PlateFound fields={fields} onUse={onUse} onLeave={jest.fn()} />);
  beforeEach(() => onUse.mockClear());

  test('a doubtful field holds everything until it is confirmed', async () => {
    show(field('breakerAmps', '39', { isDoubted: true, others: ['30'] }), field('model', 'HA036'));
    await press('Use these figures');
    expect(onUse).not.toHaveBeenCalled();
    await press('30');
    await press('Confirm');
    await press('Use these figures');
    expect(onUse.mock.lastCall![0].map(({ id, value }) => [id, value])).toEqual([
      ['breakerAmps', '30'],
      ['model', 'HA036'],
    ]);
  });
  test('a field is corrected, or left out', async () => {
    show(field('model', 'HAO36'), field('serial', '5126'));
    fireEvent.changeText(screen.getByLabelText('model'), 'HA036');
    await act(async () => void fireEvent.press(screen.getAllByText('Leave out')[1]!));
    await press('Use these figures');
    expect(onUse.mock.lastCall![0].map(({ value }) => value)).toEqual(['HA036']);
  });
  test('what the form has no place for is told', () => {
    show(field('model', 'HA036'), field('rpm', '1075', { name: 'RPM' }));
    expect(screen.getByText('Also on it: rpm 1075.')).toBeTruthy();
  });
});
