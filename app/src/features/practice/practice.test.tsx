import type { DrillDto, VisitDto } from '@huff/contract';
import { caseVisit } from '@huff/contract/practice';
import { NAMED_DRILLS, type Debrief } from '@huff/core/practice';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react-native';
import { router } from 'expo-router';
import { v4 as uuid } from 'uuid';
import { renderThemed } from '../../testing/render';
import { withFact } from '../visitState/newFact';
import { AS_IT_RUNS, withReading } from '../visitState/newVisit';
import { DrillPage } from './DrillPage';
import { caseOf, drillStore } from './drillStore';
import { NamedDrillPage } from './NamedDrillPage';
import { PracticePage } from './PracticePage';
import { ProgressPage } from './ProgressPage';
import { readActs } from './readActs';

const mockRecords: { record: DrillDto }[] = [];
const mockCreate = jest.fn<void, [DrillDto]>();
const mockDebrief = jest.fn<Promise<Partial<Debrief>>, []>();
let mockDrill = 'firstLook';
jest.mock('expo-router', () => ({
  router: { push: jest.fn(), replace: jest.fn() },
  usePathname: () => '/practice',
  useLocalSearchParams: () => ({ drill: mockDrill }),
}));
jest.mock('../../data/records', () => ({
  drills: {
    useList: () => ({ records: mockRecords, isPending: false }),
    create: (record: DrillDto) => mockCreate(record),
  },
  shop: { useList: () => ({ records: [] }) },
}));
jest.mock('../../data/session', () => ({ useSession: () => ({ session: { person: { name: 'Wren' } } }) }));
jest.mock('../../data/useRules', () => ({
  useRules: () => jest.requireActual<{ DEFAULT_RULES: object }>('@huff/core').DEFAULT_RULES,
}));
jest.mock('../call/useCall', () => ({ useCall: () => ({ power: {} }) }));
jest.mock('../causes/useExplanation', () => ({ useExplaining: () => {}, useExplainedNext: () => undefined }));
jest.mock('../visit/VisitWorkspace', () => ({ VisitWorkspace: () => null }));
jest.mock('./runPractice', () => ({
  prepareDebrief: () => {},
  drawCode: () => Promise.resolve('0300-KHF3'),
  computeDebrief: () => mockDebrief(),
}));

const codeOf = (id: string) => NAMED_DRILLS.find((one) => one.id === id)!.code;

beforeEach(() => {
  mockRecords.length = 0;
  mockDrill = 'firstLook';
  act(() => drillStore.leave());
});
afterEach(() => act(() => drillStore.leave()));

const begin = (id: string, isExam = false) => act(() => drillStore.begin(codeOf(id), isExam, new Date()));

describe('the start', () => {
  test('a code with a typing error is refused in a sentence, and stays as it was typed', () => {
    renderThemed(<PracticePage />);
    fireEvent.changeText(screen.getByLabelText('Case code'), '0300-KHF4');
    fireEvent.press(screen.getByText('Open this case'));
    expect(screen.getByText('This code has a typing error. Compare it sign by sign.')).toBeTruthy();
    expect(screen.getByLabelText('Case code').props.value).toBe('0300-KHF4');
    expect(drillStore.get()).toBeUndefined();
  });
  test('a good code opens its case, however it is typed', () => {
    renderThemed(<PracticePage />);
    fireEvent.changeText(screen.getByLabelText('Case code'), ' o3oo khf3 ');
    fireEvent.press(screen.getByText('Open this case'));
    expect(drillStore.get()).toMatchObject({ code: '0300-KHF3', isExam: false, acts: [] });
    expect(router.push).toHaveBeenLastCalledWith('/practice/drill');
  });
  test('an exam is drawn without hints', async () => {
    renderThemed(<PracticePage />);
    fireEvent.press(screen.getByText('exam, no hints'));
    fireEvent.press(screen.getByText('Begin a drill'));
    await waitFor(() => expect(drillStore.get()).toMatchObject({ isExam: true }));
    renderThemed(<DrillPage />);
    expect(screen.queryByText('Hint')).toBeNull();
  });
  test('a named drill says what it teaches; one that is none says so', () => {
    const page = renderThemed(<NamedDrillPage />);
    expect(screen.getByText('Two minutes, and no reading is needed.')).toBeTruthy();
    fireEvent.press(screen.getByText('Begin this drill'));
    expect(drillStore.get()?.code).toBe(codeOf('firstLook'));
    page.unmount();
    mockDrill = 'no such drill';
    renderThemed(<NamedDrillPage />);
    expect(screen.getByText('There is no drill with this name.')).toBeTruthy();
  });
});

describe('a drill at its unit', () => {
  test('a panel is taken off, the filter is looked at and called what it is; that is written down', () => {
    begin('firstLook');
    renderThemed(<DrillPage />);
    fireEvent.press(screen.getByLabelText('Filter door, on'));
    fireEvent.press(screen.getByText('Take it off'));
    fireEvent.press(screen.getByLabelText('Look: Filter'));
    expect(screen.getByText(/^Gray felt from edge to edge/)).toBeTruthy();
    fireEvent.press(within(screen.getByLabelText('What you call it: Filter')).getByText('loaded'));
    expect(drillStore.get()!.visit.facts!.at(-1)).toMatchObject({
      kind: 'look',
      inputs: { item: 'filter', state: 'loaded' },
    });
    expect(drillStore.get()!.acts.map(({ kind }) => kind)).toEqual(['panel', 'look', 'look']);
  });
  test('hands in a live cabinet end the drill there and then', async () => {
    mockDebrief.mockResolvedValue({ ...WENT, stop: 'The power was on.', isHit: false });
    begin('packedWheel');
    renderThemed(<DrillPage />);
    fireEvent.press(screen.getByLabelText('Blower door, on'));
    fireEvent.press(screen.getByText('Take it off'));
    fireEvent.press(screen.getByLabelText('Look: Blower wheel'));
    expect(await screen.findByText('Stopped')).toBeTruthy();
    expect(drillStore.get()).toMatchObject({ isOver: true });
    await waitFor(() =>
      expect(mockCreate).toHaveBeenCalledWith(expect.objectContaining({ isStopped: true, isHit: false })),
    );
  });
  test('locked out and verified dead, the wheel is looked at', () => {
    begin('packedWheel');
    renderThemed(<DrillPage />);
    fireEvent.press(screen.getByLabelText('Disconnect, on'));
    fireEvent.press(screen.getByText('Switch off'));
    fireEvent.press(screen.getByText('Lock it out'));
    fireEvent.press(screen.getByText('Verify it is dead'));
    expect(screen.getByText('Off, locked out, verified dead.')).toBeTruthy();
    act(() => {
      drillStore.act({ kind: 'panel', panel: 'blowerDoor', isOpen: true });
      drillStore.act({ kind: 'look', item: 'wheel' });
    });
    expect(drillStore.get()).toMatchObject({ isOver: false });
    expect(screen.getByLabelText('Disconnect, locked out')).toBeTruthy();
  });
  test('a cause that is named too early is asked about once; in an exam it is taken', () => {
    begin('shortOfCharge');
    const page = renderThemed(<DrillPage />);
    const name = () => {
      fireEvent.press(screen.getAllByText('Name the cause')[0]!);
      fireEvent.press(screen.getByText('Low refrigerant charge'));
      fireEvent.press(screen.getAllByText('Name the cause').at(-1)!);
    };
    name();
    expect(screen.getByText('Not yet: nothing was read or looked at.')).toBeTruthy();
    expect(drillStore.get()!.acts).toEqual([]);
    fireEvent.press(screen.getByText('Name it anyway'));
    expect(drillStore.get()!.acts).toMatchObject([{ kind: 'answer', causes: ['lowCharge'] }]);
    page.unmount();
    begin('shortOfCharge', true);
    renderThemed(<DrillPage />);
    name();
    expect(drillStore.get()!.acts).toMatchObject([{ kind: 'answer', causes: ['lowCharge'] }]);
  });
  test('without a drill the page says so', () => {
    renderThemed(<DrillPage />);
    fireEvent.press(screen.getByText('Choose a drill'));
    expect(router.replace).toHaveBeenLastCalledWith('/practice');
  });
});

const WENT: Debrief = {
  truth: ['Loaded filter'],
  named: ['Loaded filter'],
  isHit: true,
  steps: [{ id: 'look filter', minutes: 2, truthShare: 0.9 }],
  best: [{ id: 'R2', minutes: 1, truthShare: 0.4 }],
  minutes: 12,
  bestMinutes: 9,
  cost: 18,
  hints: 1,
  toldMost: ['Look: filter'],
  skipped: ['A panel was left off.'],
  then: [{ id: 'filterLoaded', share: 0.4 }],
  now: [{ id: 'filterLoaded', share: 0.9 }],
  fix: { isOnTarget: true, flowCfm: 1180, targetCfm: 1200 },
  differently: 'A panel was left off.',
  skills: { air: 'hit', places: 'miss', safety: 'hit' },
};

describe('a debrief', () => {
  test('the truth beside both paths; it is kept once, under the name of who is signed in', async () => {
    mockDebrief.mockResolvedValue(WENT);
    mockCreate.mockClear();
    begin('firstLook');
    act(() => drillStore.finish());
    renderThemed(<DrillPage />);
    expect(await screen.findByText('You found it')).toBeTruthy();
    expect(screen.getByLabelText('Look: filter, 2 min, truth 90 % likely')).toBeTruthy();
    expect(screen.getByText('on target')).toBeTruthy();
    await waitFor(() => expect(mockCreate).toHaveBeenCalledTimes(1));
    expect(mockCreate.mock.lastCall![0]).toMatchObject({
      code: '0300-KHF3',
      person: 'Wren',
      isHit: true,
      hits: ['air', 'safety'],
      misses: ['places'],
      cautions: 1,
    });
    fireEvent.press(screen.getByText('Next drill'));
    expect(drillStore.get()).toBeUndefined();
  });
  test('one that cannot be computed says so', async () => {
    mockDebrief.mockRejectedValue(new Error('no worker'));
    begin('firstLook');
    act(() => drillStore.finish());
    renderThemed(<DrillPage />);
    expect(await screen.findByText('The debrief could not be computed. Open the drill again.')).toBeTruthy();
  });
});

test('what is written down tells what was read: ports, the filter out, temperatures, gauges, looks', () => {
  const now = new Date();
  const visit = caseVisit(caseOf(codeOf('firstLook')), now, uuid);
  const port = (from: VisitDto, filter: 'in' | 'out') =>
    withReading(from, { port: 'R2', staticInWc: -0.3, conditions: { ...AS_IT_RUNS, filter }, replacesId: null }, now);
  expect(readActs(visit, port(visit, 'in'))).toEqual([{ kind: 'read', what: 'R2', minutes: 1 }]);
  expect(readActs(visit, port(visit, 'out'))).toEqual([{ kind: 'read', what: 'R2 filterOut', minutes: 3 }]);
  const drop = withFact(visit, 'measuredDrop', { returnF: 75, supplyF: 56, roomF: 75 }, now);
  expect(readActs(visit, drop).map((one) => one.kind === 'read' && one.what)).toEqual(['drop', 'returnOverRoom']);
  const half = withFact(visit, 'ladder', { circuit: '1', suctionPsig: 118 }, now);
  expect(readActs(visit, half)).toEqual([]);
  const gauges = withFact(visit, 'ladder', { circuit: '1', suctionPsig: 118, highPsig: 370 }, now);
  expect(readActs(visit, gauges)).toEqual([{ kind: 'read', what: 'gauges', minutes: 10 }]);
  const washed = withFact(visit, 'check', { point: 'outdoorWashed', state: 'dirty' }, now);
  expect(readActs(visit, washed)).toEqual([{ kind: 'look', item: 'outdoorCoil', said: 'dirty' }]);
  expect(readActs(visit, visit)).toEqual([]);
});

test('progress: each skill of a person, and a class by its case', () => {
  const drill = (person: string, isHit: boolean, minutes: number): { record: DrillDto } => ({
    record: {
      id: uuid(),
      code: codeOf('smallReturn'),
      person,
      doneAt: '2031-05-01T10:00:00.000Z',
      isExam: false,
      isHit,
      isStopped: false,
      minutes,
      bestMinutes: 19,
      cost: 0,
      hints: 0,
      cautions: 0,
      hits: isHit ? ['air'] : [],
      misses: isHit ? [] : ['air'],
    },
  });
  mockRecords.push(drill('Wren', false, 35), drill('Rowan', true, 22), drill('Tamsin', true, 20));
  renderThemed(<ProgressPage />);
  const table = within(screen.getByLabelText('A small return grille, 0200-KH2Q'));
  // Who found it first, and among them the quickest.
  const names = table
    .getAllByText(/^(Wren|Rowan|Tamsin)$/)
    .map(({ props }) => (props as { children: string }).children);
  expect(names).toEqual(['Tamsin', 'Rowan', 'Wren']);
  fireEvent.press(screen.getAllByText('Wren')[0]!);
  expect(screen.getByLabelText(/^Air verdict: 0 of 1 right, again /)).toBeTruthy();
});
