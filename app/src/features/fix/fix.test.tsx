import { assess, partVisit, type VisitDto } from '@huff/contract';
import { plainShop, planRequest } from '@huff/contract/fix';
import { type ChosenMove } from '@huff/core';
import { planNow, planOf, problemOf } from '@huff/core/fix';
import { act, fireEvent, renderHook, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { measured, NOW } from '../../testing/visits';
import { withFact } from '../visitState/newFact';
import { BeginSheet } from './BeginSheet';
import { minutesText, moneyText } from '../../ui/text/effortText';
import { deltaOf, signed } from './fixText';
import { FixFoot } from './FixFoot';
import { MoveRow } from './MoveRow';
import { MoveSheet } from './MoveSheet';
import { PlanCards } from './PlanCards';
import { predictionLines, PredictionTable } from './PredictionTable';
import { SpeedRow } from './SpeedRow';
import { SwitchTable } from './SwitchTable';
import { useReadyPlans, type ReadyPlans } from './useReadyPlans';
import { withMove, withoutMove, type Fix } from './useFix';

jest.mock('../../data/fixChoice', () => ({ useFixChoice: jest.fn() }));

const shop = plainShop('11110000-0000-4000-8000-000000000001');
const loaded = withFact(measured(), 'look', { item: 'filter', state: 'loaded' }, NOW);
const requestOf = (visit: VisitDto) => planRequest(visit, assess(visit), shop, { typed: {} })!;
const request = requestOf(loaded);
const tap4: ChosenMove = { id: 'changeTap', inputs: { tap: '4' } };
const filter: ChosenMove = { id: 'newFilter', inputs: { ratedDropInWc: 0.06, ratedFlowCfm: 940 } };
const planned = (moves: readonly ChosenMove[]) => planOf(problemOf(request), moves, request.sure, 1);
const plan = (moves: readonly ChosenMove[]) => {
  const found = planned(moves);
  if (!found.ok) throw new Error(found.why);
  return found.plan;
};

test('a switch table names what is asked, how far it holds, and what gives up today', () => {
  const table = {
    staticsInWc: [0.5, 0.6, 0.7, 0.8],
    taps: [
      { tap: 'B', flowsCfm: [1870, 1860, 1850, 1840] },
      { tap: 'A', flowsCfm: [2035, 2030, 1900, 1800] },
    ],
  };
  renderThemed(<SwitchTable table={table} now="B" then="A" tespInWc={0.66} />);
  expect(screen.getByLabelText('Setting B: requests 1,870 CFM, holds past 0.80 in. w.c.')).toBeTruthy();
  expect(
    screen.getByLabelText('Setting A: requests 2,035 CFM, holds to 0.60 in. w.c. Airflow falls at today’s static'),
  ).toBeTruthy();
  expect(screen.getByText('B, in use')).toBeTruthy();
});

describe('words', () => {
  test('minutes, money, signs', () => {
    expect([12, 89, 90, 180, 200].map(minutesText)).toEqual(['12 min', '89 min', '1 h 30', '3 h', '3 h 20']);
    expect([38, 1520, 4.11, -48].map((n) => moneyText(n, '$'))).toEqual(['$38', '$1,520', '$4.11', '−$48']);
    expect([signed(27, String), signed(-0.07, (n) => n.toFixed(2))]).toEqual(['+27', '−0.07']);
  });
  test('what a move adds to a choice, or why it cannot', () => {
    expect(deltaOf(request.system, [], [tap4])).toMatchObject({ flow: expect.stringMatching(/^\+\d+ CFM$/) });
    expect(deltaOf(request.system, [], [filter])).toMatchObject({ statics: expect.stringMatching(/^−0\.\d\d$/) });
    expect(deltaOf(request.system, [], [filter, { ...filter, id: 'deeperMedia' }])).toMatchObject({
      why: expect.stringContaining('Choose one'),
    });
    expect(deltaOf(request.system, [], [{ id: 'changeTap', inputs: { tap: '5' } }])).toEqual({
      why: 'off the blower table',
    });
  });
});

test('a move put in takes out what changes the same thing', () => {
  const deeper = { ...filter, id: 'deeperMedia' };
  expect(withMove([filter, tap4], deeper)).toEqual([tap4, deeper]);
  expect(withoutMove([filter, tap4], 'changeTap')).toEqual([filter]);
});

describe('ready plans', () => {
  const ready = (more: Partial<ReadyPlans>): ReadyPlans => ({
    stopped: false,
    stop: jest.fn(),
    again: jest.fn(),
    ...more,
  });
  test('cards say what each is best at; a touch takes the plan over', () => {
    const answer = planNow(request);
    const onTake = jest.fn();
    renderThemed(<PlanCards ready={ready({ answer })} chosen={[]} currency="$" onTake={onTake} />);
    // What was found leads and promises nothing; the rest stands apart, for afterwards.
    fireEvent.press(screen.getByLabelText(/^Fix first.*then re-measure\. Choose this plan/));
    expect(onTake).toHaveBeenLastCalledWith(answer.ready[0]!.moves);
    expect(screen.getByText('If it is still off after that')).toBeTruthy();
    fireEvent.press(screen.getAllByLabelText(/^Least work.*\d+ % chance\. Choose this plan/i)[0]!);
    expect(onTake).toHaveBeenLastCalledWith(answer.ready.find(({ kinds }) => kinds.includes('leastWork'))!.moves);
  });
  test('the plan that is taken explains itself', () => {
    const answer = planNow(request);
    const [first] = answer.ready;
    renderThemed(<PlanCards ready={ready({ answer })} chosen={first!.moves} currency="$" onTake={jest.fn()} />);
    expect(screen.getByText(first!.explanation)).toBeTruthy();
  });
  test('while it searches it shows how far it is and can be stopped; stopped, it can begin again', () => {
    const searching = ready({ progress: 0.4 });
    const { rerender } = renderThemed(<PlanCards ready={searching} chosen={[]} currency="$" onTake={jest.fn()} />);
    expect(screen.getByLabelText('Plans').props['aria-valuenow']).toBe(40);
    fireEvent.press(screen.getByText('Stop'));
    expect(searching.stop).toHaveBeenCalled();
    const stopped = ready({ stopped: true });
    rerender(<PlanCards ready={stopped} chosen={[]} currency="$" onTake={jest.fn()} />);
    fireEvent.press(screen.getByText('Search'));
    expect(stopped.again).toHaveBeenCalled();
  });
  test('the search ends in an answer, and begins anew for another request', async () => {
    const { result, rerender } = renderHook(({ of }: { of: typeof request }) => useReadyPlans(of), {
      initialProps: { of: request },
    });
    expect(result.current.progress).toBe(0);
    await act(async () => Promise.resolve());
    expect(result.current.answer?.ready.length).toBeGreaterThan(0);
    rerender({ of: { ...request, speedFirst: true } });
    expect(result.current.answer).toBeUndefined();
    await act(async () => Promise.resolve());
    expect(result.current.answer).toBeDefined();
    act(() => result.current.again());
    act(() => result.current.stop());
    expect(result.current.stopped).toBe(true);
  });
});

describe('moves', () => {
  test('a row is ticked, and opens what it takes', () => {
    const [onToggle, onOpen] = [jest.fn(), jest.fn()];
    renderThemed(
      <MoveRow
        name="Deeper media filter"
        says="drops 0.06"
        effort="75 min · $165"
        delta={{ flow: '+27 CFM', statics: '−0.07' }}
        chosen={false}
        onToggle={onToggle}
        onOpen={onOpen}
      />,
    );
    fireEvent.press(screen.getByRole('checkbox'));
    fireEvent.press(screen.getByLabelText('Deeper media filter: what it takes'));
    expect([onToggle, onOpen].map((spy) => spy.mock.calls.length)).toEqual([1, 1]);
  });
  test('one that cannot be done says why', () => {
    renderThemed(
      <MoveRow name="Clean" says="" effort="" delta={{ why: 'It is clean.' }} chosen onToggle={jest.fn()} />,
    );
    expect(screen.getByText('It is clean.')).toBeTruthy();
  });
  test('a wrong figure is named and keeps what was typed; a right one is kept', () => {
    const [onKeep, onClose] = [jest.fn(), jest.fn()];
    renderThemed(<MoveSheet id="newFilter" inputs={filter.inputs} onKeep={onKeep} onClose={onClose} />);
    fireEvent.changeText(screen.getByLabelText(/^Clean pressure drop/), '7');
    fireEvent.press(screen.getByText('Try these values'));
    expect(screen.getByText('Clean pressure drop must be between 0.005 and 1 in. w.c.')).toBeTruthy();
    expect(screen.getByDisplayValue('7')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText(/^Clean pressure drop/), '0,05');
    fireEvent.press(screen.getByText('Try these values'));
    expect(onKeep).toHaveBeenCalledWith('newFilter', { ratedDropInWc: 0.05, ratedFlowCfm: 940 });
    expect(onClose).toHaveBeenCalled();
  });
});

describe('speed', () => {
  test('another tap is chosen, the one in use is no move; the wire is said', () => {
    const onChoose = jest.fn();
    const { rerender } = renderThemed(<SpeedRow request={request} chosen={[filter]} onChoose={onChoose} />);
    fireEvent.press(screen.getByText('4'));
    expect(onChoose).toHaveBeenLastCalledWith([filter, tap4]);
    rerender(<SpeedRow request={request} chosen={[filter, tap4]} onChoose={onChoose} />);
    fireEvent.press(screen.getByText('24 V lead: tap 3 to tap 4'));
    expect(screen.getByText(/move the cooling call’s 24 V lead from tap 3 to tap 4/)).toBeTruthy();
    fireEvent.press(screen.getByText('3, in use'));
    expect(onChoose).toHaveBeenLastCalledWith([filter]);
  });
});

describe('before and after', () => {
  test('airflow and static each with their limit', () => {
    const lines = predictionLines(request, plan([filter, tap4]).prediction);
    expect(lines[0]).toMatchObject({ name: 'Airflow', before: '940', under: '1,080 to 1,320 CFM' });
    expect(lines[1]).toMatchObject({ name: 'Total external static', before: '0.58', word: 'outside' });
    renderThemed(<PredictionTable request={request} prediction={plan([tap4]).prediction} />);
    expect(screen.getByLabelText(/^Total external static: 0\.58 now, 0\.\d\d then, out of range/)).toBeTruthy();
  });
  test('heating, the low stage and the motor are shown where they are known', () => {
    const visit: VisitDto = {
      ...loaded,
      setup: {
        riseMinF: 30,
        riseMaxF: 50,
        motorPlate: { plateAmps: 4, serviceFactor: 1, phases: 'one' },
        speeds: { heatTap: '4', heatOutputBtuH: 40_000, lowTap: '3' },
      },
    };
    const full = requestOf(withFact(visit, 'motorLoad', { phases: 'one', volts: 230, amps: 2.2 }, NOW));
    const found = planOf(problemOf(full), [tap4], full.sure, 1);
    const names = predictionLines(full, found.ok ? found.plan.prediction : plan([]).prediction).map(
      (line) => line.name,
    );
    expect(names).toEqual([
      'Airflow',
      'Total external static',
      'Temperature drop',
      'Heating',
      'Low stage',
      'Power',
      'Motor',
    ]);
  });
});

describe('deciding', () => {
  test('cautions are read first; those read before are not asked again', () => {
    const onBegin = jest.fn();
    const common = { open: true, request, plan: plan([filter, tap4]), onBegin, onClose: jest.fn() };
    const { rerender } = renderThemed(<BeginSheet {...common} known={[]} />);
    expect(screen.getByText(/^Lock out and tag out/)).toBeTruthy();
    fireEvent.press(screen.getByText('Confirm cautions, begin'));
    expect(onBegin).toHaveBeenLastCalledWith(['lockOut', 'unusedLeads']);
    rerender(<BeginSheet {...common} known={['lockOut', 'unusedLeads']} />);
    expect(screen.queryByText(/^Lock out/)).toBeNull();
    fireEvent.press(screen.getByText('Begin'));
    expect(onBegin).toHaveBeenLastCalledWith(['lockOut', 'unusedLeads']);
  });
  const fix = (chosen: readonly ChosenMove[]): Fix => ({
    request,
    chosen,
    planned: planned(chosen),
    offered: [],
    speedFirst: false,
    choose: jest.fn(),
    toggle: jest.fn(),
    type: jest.fn(),
    setSpeedFirst: jest.fn(),
  });
  test('the foot says where the choice lands; nothing chosen cannot be begun', () => {
    const onBegin = jest.fn();
    const { rerender } = renderThemed(
      <FixFoot visit={loaded} fix={fix([filter, tap4])} shop={shop} onBegin={onBegin} />,
    );
    fireEvent.press(screen.getByText('Start these fixes'));
    expect(onBegin).toHaveBeenCalledTimes(1);
    expect(screen.getByText('2 fixes')).toBeTruthy();
    const onSave = jest.fn();
    rerender(<FixFoot visit={loaded} fix={fix([])} shop={shop} onBegin={onBegin} onSave={onSave} />);
    fireEvent.press(screen.getByText('Save this visit'));
    expect(onSave).toHaveBeenCalled();
    rerender(
      <FixFoot visit={loaded} fix={fix([filter, { ...filter, id: 'deeperMedia' }])} shop={shop} onBegin={onBegin} />,
    );
    expect(screen.getByText(/change the same thing/)).toBeTruthy();
  });
});

test('a visit without a plan has no part after it', () => expect(partVisit(loaded)).toEqual({ before: loaded }));
