import type { Operation } from '@huff/contract/spine';
import { fireEvent, screen } from '@testing-library/react-native';
import type { OutboxRow } from '../../data/spine/store';
import { renderThemed } from '../../testing/render';
import { measured } from '../../testing/visits';
import { readBackWords, readOutboxFile } from './readOutboxFile';
import { disputeName, fieldName, twoValues, valueText } from './fieldNames';
import { mendable, mended } from './mending';
import { operationWords, recordWords } from './operationWords';
import { outboxText } from './outboxFile';
import { byRecord, WaitingPage } from './WaitingPage';

let mockRows: OutboxRow[] = [];
let mockStatus: object;
const mockOutbox = { settle: jest.fn(), sendAgain: jest.fn(), drop: jest.fn(), sameSite: jest.fn() };
const mockWake = jest.fn();
const mockSaveFile = jest.fn();
jest.mock('expo-router', () => ({ router: { replace: jest.fn() }, usePathname: () => '/waiting' }));
jest.mock('../../data/useOutbox', () => ({ useOutboxRows: () => mockRows, useSyncStatus: () => mockStatus }));
jest.mock('../../data/names', () => ({ useListedNames: () => new Map([['site/s1', 'Quay library']]) }));
jest.mock('../../data/theSpine', () => ({ spine: () => ({ outbox: mockOutbox, wake: mockWake }) }));
jest.mock('../../data/saveFile', () => ({ saveFile: (...args: unknown[]) => mockSaveFile(...args) as unknown }));

const made = (id: string) => ({ id, madeAt: '2026-05-12T10:00:00.000Z' });
const altitude: Operation = {
  ...made('a'),
  kind: 'patch',
  of: 'site',
  recordId: 's1',
  base: 1,
  fields: { altitudeFt: 40_000 },
};
const visit = measured();
const making: Operation = {
  ...made('m'),
  kind: 'create',
  of: 'visit',
  recordId: visit.id,
  record: { id: visit.id, title: 'Roof 1' },
};
const reading: Operation = { ...made('r'), kind: 'add', of: 'reading', recordId: visit.id, record: visit.readings[0]! };
const row = (operation: Operation, more: Partial<OutboxRow> = {}): OutboxRow => ({
  id: operation.id,
  order: 1,
  operation,
  state: 'waiting',
  ...more,
});
const problem = {
  type: 'about:blank',
  title: 'Not valid',
  status: 422,
  detail: 'Altitude must be between −1,000 and 15,000 ft.',
  errors: [{ field: 'altitudeFt', message: 'Altitude must be between −1,000 and 15,000 ft.' }],
};
beforeEach(() => {
  jest.clearAllMocks();
  mockRows = [];
  mockStatus = { phase: 'upToDate', everTold: true };
});

describe('in words', () => {
  test('what was done, and to what', () => {
    const nameOf = (kind: string, id: string) => (kind === 'site' && id === 's1' ? 'Quay library' : undefined);
    expect(operationWords(altitude)).toBe('Altitude, ft: 40000');
    expect(operationWords(reading)).toBe('Static at R2: −0.31 in. w.c.');
    expect(operationWords(making)).toBe('Visit made');
    const look: Operation = {
      ...made('l'),
      kind: 'add',
      of: 'fact',
      recordId: visit.id,
      record: { id: 'l', kind: 'look', inputs: { item: 'filter', state: 'loaded' }, takenAt: 'x' },
    };
    expect(operationWords(look)).toBe('Filter: loaded');
    expect(recordWords(altitude, nameOf)).toBe('Site Quay library');
    expect(recordWords(making, nameOf)).toBe('Visit Roof 1');
    expect(recordWords(reading, nameOf)).toBe('Visit');
  });
  test('fields and values', () => {
    const patch = (of: 'unit' | 'shop'): Operation => ({
      ...made('p'),
      kind: 'patch',
      of,
      recordId: 'x',
      base: 1,
      fields: {},
    });
    expect(['setup.altitudeFt', 'tap', 'unheardOf'].map((path) => fieldName(patch('unit'), path))).toEqual([
      'Altitude, ft',
      'Tap',
      'unheardOf',
    ]);
    expect(fieldName(patch('shop'), 'belts.A48')).toBe('Belt A48');
    expect(fieldName(reading, 'value')).toBe('Static, in. w.c.');
    expect(
      [null, 0.5, true, [1, 2], { name: 'Fixed 3.7' }, { mark: 'A48', cost: 14 }, { x: 1 }].map(valueText),
    ).toEqual(['not known', '0.5', 'yes', 'a list of 2', 'Fixed 3.7', 'A48, 14', 'filled in']);
  });
  test('of a part that two changed what differs is told, in words', () => {
    const belt = { mark: 'A48', onTruck: true, cost: 15, counted: 8, countedAt: '2026-05-01T07:00:00.000Z' };
    expect(twoValues(belt, { ...belt, cost: 16 })).toEqual(['Cost: 15', 'Cost: 16']);
    expect(twoValues({ ...belt, counted: null }, { ...belt, onTruck: false })).toEqual([
      'Count: not known, On the truck: yes',
      'Count: 8, On the truck: no',
    ]);
    expect(twoValues(null, belt)).toEqual(['off the list', 'A48, 15']);
    expect(twoValues(620, 640)).toEqual(['620', '640']);
    const patch: Operation = { ...made('p'), kind: 'patch', of: 'shop', recordId: 'x', base: 1, fields: {} };
    expect(disputeName(patch, 'parts.1', { name: 'Float switch' }, null)).toBe('Part: Float switch');
    expect(disputeName(patch, 'belts.A48', belt, belt)).toBe('Belt A48');
    expect(disputeName(patch, 'currency', '$', 'C$')).toBe('Currency');
  });
  test('a file holds every change as it would be sent, with the complaint of it', () => {
    const { operations } = JSON.parse(outboxText([row(altitude, { state: 'refused', problem })])) as {
      operations: object[];
    };
    expect(operations).toEqual([expect.objectContaining({ ...altitude, state: 'refused', problem })]);
  });
});

describe('a saved file', () => {
  const uuid = (n: number) => `55550000-0000-4000-8000-00000000000${n}`;
  const height: Operation = { ...altitude, id: uuid(1), recordId: uuid(2) };
  const added: Operation = {
    ...reading,
    id: uuid(3),
    recordId: uuid(4),
    record: { ...visit.readings[0]!, id: uuid(5) },
  };
  const saved = [row(height, { by: { id: 'bo', name: 'Bo' } }), row(added, { state: 'refused', problem })];
  test('is read back as it was written, each change under its id and its maker; what waits here is not doubled', () => {
    const text = outboxText(saved);
    const read = readOutboxFile(text, new Set());
    if (!read.ok) throw new Error(read.why);
    expect(read.rows.map(({ id, state, by }) => [id, state, by?.name])).toEqual([
      [height.id, 'waiting', 'Bo'],
      [added.id, 'waiting', undefined],
    ]);
    expect(read.rows[0]!.operation).toEqual(height);
    expect(readBackWords(read)).toBe('2 changes loaded from the file.');
    const again = readOutboxFile(text, new Set([height.id]));
    expect(again.ok && readBackWords(again)).toBe(
      '1 change loaded from the file. 1 change of it was on this phone already.',
    );
  });
  test.each([
    ['{}', /not a file of changes/],
    ['no JSON', /not a file of changes/],
    ['null', /not a file of changes/],
    [JSON.stringify({ operations: [{ ...height, fields: { unheardOf: 1 } }] }), /^Change 1 of this file is damaged/],
  ])('%s is refused in a sentence', (text, why) => {
    const read = readOutboxFile(text, new Set());
    expect(!read.ok && read.why).toMatch(why);
  });
});

describe('mending', () => {
  test('what the server named can be typed anew; a figure stays a figure, decimal comma or point', () => {
    expect(mendable(altitude, problem)).toEqual([
      { at: 'altitudeFt', field: 'altitudeFt', text: '40000', message: problem.errors[0]!.message },
    ]);
    expect(mended(altitude, { altitudeFt: '4000' })).toMatchObject({ fields: { altitudeFt: 4000 } });
    expect(mended(altitude, { altitudeFt: '0,5' })).toMatchObject({ fields: { altitudeFt: 0.5 } });
    expect(mended(altitude, { altitudeFt: '40000' })).toBe(altitude);
  });
  test('within a new record, without changing the one that was refused', () => {
    const deep: Operation = { ...making, record: { id: visit.id, title: 'x', setup: { altitudeFt: 40_000 } } };
    const errors = [{ field: 'record.setup.altitudeFt', message: 'Too high.' }];
    expect(mendable(deep, { ...problem, errors })).toMatchObject([{ field: 'setup.altitudeFt', text: '40000' }]);
    expect(mended(deep, { 'setup.altitudeFt': '620', title: 'Roof 2' })).toMatchObject({
      record: { title: 'Roof 2', setup: { altitudeFt: 620 } },
    });
    expect(deep).toMatchObject({ record: { title: 'x', setup: { altitudeFt: 40_000 } } });
  });
  test('without a named field a patch offers its own; what is no text or figure is not offered', () => {
    expect(mendable(altitude, undefined).map(({ field }) => field)).toEqual(['altitudeFt']);
    const table: Operation = { ...altitude, fields: { altitudeFt: null } };
    expect(mendable(table, undefined)).toEqual([]);
    expect(mendable(reading, undefined)).toEqual([]);
  });
});

describe('the page', () => {
  test('with nothing that waits says so, and offers nothing', () => {
    renderThemed(<WaitingPage />);
    expect(screen.getByText(/^Everything on this phone is synced/)).toBeTruthy();
    expect(screen.queryByText('Try now')).toBeNull();
  });
  test('what only waits is told by record, in its order; it can be tried now and saved', () => {
    mockRows = [row(making), row(reading), row(altitude)];
    expect(byRecord(mockRows).map((group) => group.length)).toEqual([2, 1]);
    mockStatus = { phase: 'noAnswer', everTold: true };
    renderThemed(<WaitingPage />);
    expect(screen.getByText('Visit Roof 1')).toBeTruthy();
    expect(screen.getByText('Static at R2: −0.31 in. w.c.')).toBeTruthy();
    expect(screen.getByText(/^2 records not synced yet.*No answer from the server/)).toBeTruthy();
    fireEvent.press(screen.getByText('Try now'));
    expect(mockWake).toHaveBeenCalled();
    fireEvent.press(screen.getByText('Save all to file'));
    expect(mockSaveFile).toHaveBeenCalledWith(
      expect.stringMatching(/^huff-waiting-.*\.json$/),
      'application/json',
      expect.any(String),
    );
  });
  test('of what was refused the reason stands; it is mended, or dropped with its content in sight', () => {
    mockRows = [row(altitude, { state: 'refused', problem })];
    renderThemed(<WaitingPage />);
    expect(screen.getByText('Site Quay library')).toBeTruthy();
    expect(screen.getByText(problem.detail)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Altitude, ft'), '4000');
    fireEvent.press(screen.getByText('Send as is'));
    expect(mockOutbox.sendAgain).toHaveBeenCalledWith(
      mockRows[0],
      expect.objectContaining({ fields: { altitudeFt: 4000 } }),
    );
    fireEvent.press(screen.getByText('Delete it…'));
    expect(mockOutbox.drop).not.toHaveBeenCalled();
    fireEvent.press(screen.getByText('Delete it: Altitude, ft: 40000'));
    expect(mockOutbox.drop).toHaveBeenCalledWith(mockRows[0]);
  });
  test('of two values both stand with who and when; a touch chooses', () => {
    const conflict = {
      revision: 9,
      fields: [{ field: 'altitudeFt', yours: 810, theirs: 700, by: 'Technician', at: '2026-05-12T10:00:00.000Z' }],
    };
    mockRows = [row(altitude, { state: 'conflict', conflict })];
    renderThemed(<WaitingPage />);
    expect(screen.getByText(/^Technician, May 12/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Use yours: 810'));
    expect(mockOutbox.settle).toHaveBeenCalledWith(mockRows[0], 'altitudeFt', 'mine');
    fireEvent.press(screen.getByLabelText('Use theirs: 700, by Technician'));
    expect(mockOutbox.settle).toHaveBeenCalledWith(mockRows[0], 'altitudeFt', 'theirs');
  });
  test('a place made twice is one, or gets a name of its own', () => {
    const site: Operation = {
      ...made('s'),
      kind: 'create',
      of: 'site',
      recordId: 'mine',
      record: { id: 'mine', name: 'heron mill' },
    };
    const conflict = { revision: 9, fields: [], sameName: { recordId: 'theirs', name: 'Heron Mill' } };
    mockRows = [row(site, { state: 'conflict', conflict })];
    renderThemed(<WaitingPage />);
    fireEvent.press(screen.getByText('Use theirs: same place'));
    expect(mockOutbox.sameSite).toHaveBeenCalledWith(mockRows[0]);
    const name = screen.getByLabelText('New name');
    fireEvent.changeText(name, ' HERON mill');
    expect(screen.queryByText('Save as separate place')).toBeNull();
    fireEvent.changeText(name, 'Heron Mill annex');
    fireEvent.press(screen.getByText('Save as separate place'));
    expect(mockOutbox.sendAgain).toHaveBeenCalledWith(
      mockRows[0],
      expect.objectContaining({ record: { id: 'mine', name: 'Heron Mill annex' } }),
    );
  });
  test('what the storage lacks is said, and the open check is told of', () => {
    mockRows = [row(making, { state: 'held' })];
    mockStatus = { phase: 'upToDate', everTold: true, fault: 'This phone’s storage is full.' };
    renderThemed(<WaitingPage />);
    expect(screen.getByText('This phone’s storage is full.')).toBeTruthy();
    expect(screen.getByText(/open check is on this phone too/)).toBeTruthy();
  });
});
