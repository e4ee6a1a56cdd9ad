import { act, fireEvent, screen } from '@testing-library/react-native';
import { bridge, connectSimulated, disconnect, troubleProbe } from '../../data/bridge/bridge';
import { renderThemed } from '../../testing/render';
import { measured } from '../../testing/visits';
import { MeterProvider } from '../visitState/meter';
import { assess } from '../visitState/useAssessment';
import { CaptureLive } from './CaptureLive';
import { InstrumentsLine } from './InstrumentsLine';
import { withFact } from '../visitState/newFact';
import { liveInputs, withMethodTraces } from './liveInputs';
import { LivePoint } from './LivePoint';
import { withTrace } from './withTrace';

beforeEach(() => {
  jest.useFakeTimers();
  connectSimulated((place) => ({ R2: -0.31, S1: 0.27, supplyDry: 55, returnDry: 75, duct: 800 })[place as string], 3);
});
afterEach(() => {
  disconnect();
  jest.useRealTimers();
});
const wait = (seconds: number) => act(() => void jest.advanceTimersByTime(seconds * 1000));

test('a steady value is saved by a touch', () => {
  const onCapture = jest.fn<void, [number, boolean]>();
  renderThemed(<CaptureLive port="R2" onCapture={onCapture} />);
  wait(20);
  expect(screen.getByLabelText(/^Manometer A: −0\.3\d in\. w\.c\., steady$/)).toBeTruthy();
  fireEvent.press(screen.getByText('Save probe value'));
  expect(onCapture.mock.calls[0]![0]).toBeCloseTo(-0.31, 1);
  expect(onCapture.mock.calls[0]![1]).toBe(true);
});

test('one that still moves can be waited for: it saves itself at rest, once', () => {
  const onCapture = jest.fn<void, [number, boolean]>();
  renderThemed(<CaptureLive port="R2" onCapture={onCapture} />);
  wait(1);
  fireEvent.press(screen.getByText('Save when steady'));
  expect(onCapture).not.toHaveBeenCalled();
  // Second by second: the page draws in between.
  for (let second = 0; second < 20 && onCapture.mock.calls.length === 0; second++) wait(1);
  expect(onCapture).toHaveBeenCalledTimes(1);
  expect(onCapture.mock.calls[0]![1]).toBe(true);
});

test('saved though it moves, it says so', () => {
  const onCapture = jest.fn<void, [number, boolean]>();
  renderThemed(<CaptureLive port="R2" onCapture={onCapture} />);
  wait(1);
  fireEvent.press(screen.getByText('Save now'));
  expect(onCapture.mock.calls[0]![1]).toBe(false);
});

test('a probe that falls silent is said to, and nothing can be saved from it', () => {
  renderThemed(<CaptureLive port="R2" onCapture={jest.fn()} />);
  wait(10);
  act(() => troubleProbe('Manometer A', 'quiet'));
  wait(8);
  expect(screen.getByText(/^Manometer A is quiet/)).toBeTruthy();
  expect(screen.queryByText('Save probe value')).toBeNull();
});

test('without a probe there nothing is drawn', () => {
  renderThemed(<CaptureLive port="R1" onCapture={jest.fn()} />);
  wait(5);
  expect(screen.queryByText('Save when steady')).toBeNull();
});

const visit = measured();

test('a method begins with what steady probes show, and with nothing of those that move', () => {
  wait(5);
  expect(liveInputs(visit, 'measuredDrop')).toEqual({});
  wait(90);
  const { returnF, supplyF } = liveInputs(visit, 'measuredDrop') as { returnF: number; supplyF: number };
  expect(returnF).toBeCloseTo(75, 0);
  expect(supplyF).toBeCloseTo(55, 0);
  expect(liveInputs(visit, 'traverse')).toEqual({});
});

test('beside a captured value stays what the probe did before', () => {
  wait(10);
  const probe = bridge.get().probes.find(({ id }) => id === 'Manometer A')!;
  const { facts } = withTrace(measured(), probe, 'reading-1', new Date());
  expect(facts!.at(-1)).toMatchObject({
    kind: 'trace',
    inputs: { readingId: 'reading-1', place: 'R2', probe: 'Manometer A' },
  });
  const { seconds, values } = facts!.at(-1)!.inputs as { seconds: number[]; values: number[] };
  expect(seconds.length).toBe(values.length);
  expect(seconds.length).toBeGreaterThan(5);
});

describe('a list read point by point', () => {
  /** The page is drawn with each value that comes. */
  const watch = (seconds: number) => {
    for (let tenth = 0; tenth < 10 * seconds; tenth++) wait(0.1);
  };
  test('one touch averages a point for five seconds', () => {
    const onPoint = jest.fn<void, [number]>();
    renderThemed(<LivePoint place="duct" word="point 3" isSweep={false} onPoint={onPoint} />);
    wait(20);
    fireEvent.press(screen.getByText('Average point 3'));
    watch(4);
    expect(onPoint).not.toHaveBeenCalled();
    watch(3);
    expect(onPoint).toHaveBeenCalledTimes(1);
    expect(Math.abs(onPoint.mock.calls[0]![0] - 800)).toBeLessThan(25);
  });
  test('a sweep is averaged until it is touched again, and a touch by mistake ends none', () => {
    const onPoint = jest.fn<void, [number]>();
    renderThemed(<LivePoint place="duct" word="point 1" isSweep onPoint={onPoint} />);
    wait(20);
    fireEvent.press(screen.getByText('Start point 1'));
    wait(1);
    fireEvent.press(screen.getByText('Stop point 1'));
    expect(onPoint).not.toHaveBeenCalled();
    watch(9);
    fireEvent.press(screen.getByText('Stop point 1'));
    expect(Math.abs(onPoint.mock.calls[0]![0] - 800)).toBeLessThan(25);
  });
  test('a probe that falls silent leaves the point unread', () => {
    const onPoint = jest.fn();
    renderThemed(<LivePoint place="duct" word="point 1" isSweep={false} onPoint={onPoint} />);
    wait(20);
    act(() => troubleProbe('Hot wire', 'quiet'));
    wait(3);
    fireEvent.press(screen.getByText('Average point 1'));
    watch(10);
    expect(onPoint).not.toHaveBeenCalled();
    expect(screen.getByText(/^Hot wire is quiet/)).toBeTruthy();
  });
});

test('a figure that a probe showed is saved with its trace; one that was typed over is not', () => {
  wait(90);
  const begun = liveInputs(visit, 'measuredDrop') as { returnF: number; supplyF: number };
  const inputs = { ...begun, supplyF: 57 };
  const now = new Date();
  const { facts } = withMethodTraces(withFact(visit, 'measuredDrop', inputs, now), 'measuredDrop', inputs, now);
  expect(facts!.map(({ kind, inputs: { place } }) => [kind, place])).toEqual([
    ['measuredDrop', undefined],
    ['trace', 'returnDry'],
  ]);
  expect(facts!.at(-1)!.inputs.readingId).toBe(facts![0]!.id);
});

test('in a drill the probes are put in at the unit: nothing is connected from here', () => {
  const line = <InstrumentsLine visit={visit} assessment={assess(visit)} onVisit={jest.fn()} />;
  const page = renderThemed(line);
  expect(screen.getByText('Probes')).toBeTruthy();
  page.unmount();
  renderThemed(
    <MeterProvider value={{ shows: () => undefined, isOn: () => true, touch: () => {}, isSilent: false }}>
      {line}
    </MeterProvider>,
  );
  expect(screen.queryByText('Probes')).toBeNull();
});
