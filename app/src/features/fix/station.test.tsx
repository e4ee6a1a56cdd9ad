import { assess, partVisit, type DecidedPlan, type VisitDto } from '@huff/contract';
import { plainShop, planRequest } from '@huff/contract/fix';
import { keptText, type ChosenMove } from '@huff/core';
import { planOf, problemOf, offeredMoves } from '@huff/core/fix';
import { fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { WholeVisit } from '../visitState/WholeVisit';
import { renderThemed } from '../../testing/render';
import { measured, NOW, onTap3 } from '../../testing/visits';
import { withFact } from '../visitState/newFact';
import { FixStep } from './FixStep';
import { FixStation } from './FixStation';
import { KnowMore } from './KnowMore';
import { withMove, withoutMove, type Fix } from './useFix';

jest.mock('../../data/fixChoice', () => ({ useFixChoice: jest.fn() }));
jest.mock('../../data/useShop', () => ({ useShop: () => mockShop }));

const shop = plainShop('11110000-0000-4000-8000-000000000001');
const mockShop = shop;
const loaded = withFact(measured(), 'look', { item: 'filter', state: 'loaded' }, NOW);
const spies = { onDriveBench: jest.fn(), onVisit: jest.fn(), onMethod: jest.fn() };
beforeEach(() => Object.values(spies).forEach((spy) => spy.mockClear()));

const checked = (label: RegExp): unknown =>
  (screen.getByLabelText(label).props as { accessibilityState?: { checked?: boolean } }).accessibilityState?.checked;

/** The station with choices that live as long as it does. */
function Station({ visit, speedFirst }: { readonly visit: VisitDto; readonly speedFirst?: jest.Mock }) {
  const [chosen, setChosen] = useState<readonly ChosenMove[]>([]);
  const assessment = assess(visit);
  const request = planRequest(visit, assessment, shop, { typed: {} });
  const fix: Fix = {
    request,
    chosen,
    offered: request ? offeredMoves(request.system, { goal: request.goal, looks: assessment.looks }) : [],
    planned: request && planOf(problemOf(request), chosen, request.sure, request.seed),
    speedFirst: false,
    choose: setChosen,
    toggle: (move) =>
      setChosen(chosen.some((one) => one.id === move.id) ? withoutMove(chosen, move.id) : withMove(chosen, move)),
    type: (id, inputs) => setChosen(withMove(chosen, { id, inputs })),
    setSpeedFirst: speedFirst ?? jest.fn(),
  };
  return <FixStation visit={visit} assessment={assessment} shop={shop} fix={fix} {...spies} />;
}

describe('the station Fix', () => {
  test('before a system is known it says what is lacking', () => {
    renderThemed(<Station visit={onTap3()} />);
    expect(screen.getByText('No prediction yet')).toBeTruthy();
    expect(screen.getByText('Missing: static at R2 and S1.')).toBeTruthy();
  });

  test('a move is ticked and unticked; before and after stand below', () => {
    renderThemed(<Station visit={loaded} />);
    expect(screen.queryByLabelText('Before and after')).toBeNull();
    fireEvent.press(screen.getByLabelText(/^Clean or new filter, same kind\./));
    expect(screen.getByLabelText('Before and after')).toBeTruthy();
    expect(screen.getByText(/in every plan/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText(/^Clean or new filter, same kind\./));
    expect(screen.queryByLabelText('Before and after')).toBeNull();
  });

  test('a deeper filter takes the place of a new one: both change the same thing', () => {
    renderThemed(<Station visit={loaded} />);
    fireEvent.press(screen.getByLabelText(/^Clean or new filter, same kind\./));
    fireEvent.press(screen.getByLabelText(/^Deeper media filter\./));
    expect(checked(/^Clean or new filter, same kind\./)).toBe(false);
    expect(checked(/^Deeper media filter\./)).toBe(true);
  });

  test('moves that nothing asks for can be weighed all the same', () => {
    renderThemed(<Station visit={loaded} />);
    fireEvent.press(screen.getByText('Other fixes'));
    fireEvent.press(screen.getByLabelText('Try Seal a leak or an open duct'));
    fireEvent.press(screen.getByText('Try these values'));
    expect(screen.getByText(/would run at 0\.\d\d in\. w\.c\., over the nameplate’s 0\.50/)).toBeTruthy();
  });

  test('one without anything to type that cannot be done says why at once', () => {
    renderThemed(<Station visit={loaded} />);
    fireEvent.press(screen.getByText('Other fixes'));
    fireEvent.press(screen.getByLabelText('Try Clean the blower wheel'));
    expect(screen.getByText('The wheel is not reported caked, so cleaning predicts no gain.')).toBeTruthy();
  });

  test('a tap of the advice is weighed by a touch', () => {
    renderThemed(<Station visit={loaded} />);
    fireEvent.press(screen.getByLabelText(/^Tap 4: /));
    expect(screen.getByText('24 V lead: tap 3 to tap 4')).toBeTruthy();
    fireEvent.press(screen.getByLabelText(/^Tap 3: /));
    expect(screen.queryByText('24 V lead: tap 3 to tap 4')).toBeNull();
  });

  test('speed first is a switch, off by itself', () => {
    const speedFirst = jest.fn();
    renderThemed(<Station visit={loaded} speedFirst={speedFirst} />);
    fireEvent.press(screen.getByRole('switch'));
    expect(speedFirst).toHaveBeenCalledWith(true);
  });

  test('what is taken and not measured is said', () => {
    renderThemed(<Station visit={withFact(loaded, 'look', { item: 'wheel', state: 'caked' }, NOW)} />);
    expect(screen.getByText(/A caked blower wheel is assumed to cost 15 % of the speed, ± 40 % of that/)).toBeTruthy();
    expect(screen.getByLabelText(/^Clean the blower wheel\. costs 15 % of the speed, assumed/)).toBeTruthy();
  });
});

describe('so that it can say more', () => {
  const show = (visit: VisitDto) =>
    renderThemed(<KnowMore visit={visit} onVisit={spies.onVisit} onMethod={spies.onMethod} />);
  test('amps are measured by their own sheet', () => {
    show(loaded);
    fireEvent.press(screen.getByLabelText(/^Motor amps and watts: for power/));
    expect(spies.onMethod).toHaveBeenCalledWith('motorLoad');
  });
  test('the nameplate and the speeds are kept with the unit; wrong ones are named', () => {
    show(loaded);
    fireEvent.press(screen.getByLabelText(/^Motor nameplate/));
    fireEvent.changeText(screen.getByLabelText(/^Full-load amps/), '-2');
    fireEvent.press(screen.getByText('Save'));
    expect(spies.onVisit).not.toHaveBeenCalled();
    expect(screen.getByText('Full-load amps must be between 0.05 and 300 A.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText(/^Full-load amps/), '6.8');
    fireEvent.press(screen.getByText('Save'));
    expect(spies.onVisit).toHaveBeenCalledWith(
      expect.objectContaining({ setup: expect.objectContaining({ motorPlate: { plateAmps: 6.8, phases: 'one' } }) }),
    );
    fireEvent.press(screen.getByLabelText(/^Other speeds/));
    fireEvent.changeText(screen.getByLabelText(/^Heating tap/), '5');
    fireEvent.changeText(screen.getByLabelText(/^Heat output/), '40000');
    fireEvent.press(screen.getByText('Save'));
    expect(spies.onVisit).toHaveBeenLastCalledWith(
      expect.objectContaining({
        setup: expect.objectContaining({
          speeds: { heatTap: '5', heatOutputBtuH: 40_000, lowSharePercent: undefined },
        }),
      }),
    );
  });
  test('what is known already says so', () => {
    show({ ...withFact(loaded, 'motorLoad', { phases: 'one', volts: 230, amps: 2 }, NOW), setup: { motorPlate: {} } });
    expect(screen.getByLabelText('Motor amps and watts: measured')).toBeTruthy();
    expect(screen.getByLabelText('Motor nameplate: known')).toBeTruthy();
  });
});

describe('a decided plan', () => {
  const request = planRequest(loaded, assess(loaded), shop, { typed: {} })!;
  const plan: DecidedPlan = {
    factId: '11110000-0000-4000-8000-000000000009',
    takenAt: '2026-05-12T11:00:00.000Z',
    record: {
      moves: [{ id: 'changeTap', inputs: { tap: '4' } }],
      words: [keptText('Blower speed: 3 to 4')],
      from: request,
      promise: { flowCfm: 1036, tespInWc: 0.7 },
      chance: 0.2,
      minutes: 10,
      cost: 0,
      cautionsRead: [],
    },
  };
  const decided = withFact(loaded, 'plan', JSON.parse(JSON.stringify(plan.record)) as Record<string, unknown>, NOW);
  test('reads as it was decided, and can be taken back', () => {
    const onVisit = jest.fn();
    renderThemed(
      <WholeVisit visit={decided} onVisit={onVisit}>
        <FixStep
          parted={partVisit(decided)}
          onProve={jest.fn()}
          onMethod={jest.fn()}
          frame={({ main, foot }) => (
            <>
              {main}
              {foot}
            </>
          )}
        />
      </WholeVisit>,
    );
    expect(screen.getByText('Blower speed: 3 to 4')).toBeTruthy();
    expect(screen.getByText(/Predicted 1,036 CFM at 0\.70/)).toBeTruthy();
    fireEvent.press(screen.getByText('Withdraw plan'));
    expect(partVisit(onVisit.mock.lastCall![0] as VisitDto).plan).toBeUndefined();
  });
  test('taken back, the visit is whole again', () => {
    expect(partVisit(decided).plan?.record.words).toEqual(['Blower speed: 3 to 4']);
    expect(partVisit(withFact(decided, 'plan', { withdrawn: true }, NOW)).plan).toBeUndefined();
  });
});
