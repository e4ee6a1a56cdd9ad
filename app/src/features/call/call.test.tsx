import type { VisitDto } from '@huff/contract';
import { COMPLAINTS } from '@huff/core/call';
import { fireEvent, screen, within } from '@testing-library/react-native';
import { useState, type ComponentType } from 'react';
import { View } from 'react-native';
import { WholeVisit } from '../visitState/WholeVisit';
import { renderThemed } from '../../testing/render';
import { measured, NOW, onTap3 } from '../../testing/visits';
import { withFact, withOutcome } from '../visitState/newFact';
import type { StationActs, StepProps } from '../visitState/station';
import { assess } from '../visitState/useAssessment';
import { BuildingStep } from './BuildingStep';
import { ComplaintStep } from './ComplaintStep';
import { FindingsStep } from './FindingsStep';
import { HeatingStep } from './HeatingStep';
import { ElectricalStep } from './ElectricalStep';
import { RefrigerantStep } from './refrigerant/RefrigerantStep';
import { MaintenanceStep } from './MaintenanceStep';

let mockShop: { readonly record: object }[] = [];
let mockUnits: { readonly record: object; readonly revision: number }[] = [];
const mockChange = jest.fn();
beforeEach(() => {
  mockUnits = [];
  mockShop = [];
  mockBefore = undefined;
  mockChange.mockClear();
});
jest.mock('expo-router', () => ({
  Link: jest.fn(({ children }: { children: React.ReactNode }) => children),
  router: { replace: jest.fn() },
}));
let mockBefore: VisitDto | undefined;
jest.mock('../../data/visits', () => ({
  useUnitVisits: () => ({ visits: mockBefore ? [mockBefore] : [] }),
  usePhotos: () => [],
  useDraft: () => null,
  useVisitList: () => ({ visits: [] }),
  useVisit: () => ({ kept: mockBefore && { record: mockBefore } }),
}));
jest.mock('../../data/records', () => ({
  sites: { useList: () => ({ records: [] }) },
  blowerTables: { useList: () => ({ records: [] }) },
  shop: { useList: () => ({ records: mockShop }) },
  units: { useList: () => ({ records: mockUnits }), change: (...change: unknown[]) => mockChange(...change) },
}));

const check = (visit: VisitDto, point: string, read: number | string, now = NOW): VisitDto =>
  withFact(visit, 'check', { point, ...(typeof read === 'number' ? { value: read } : { state: read }) }, now);
const psc = (): VisitDto => ({ ...onTap3(), motor: 'psc', table: null });

/** Shows a station; answers what it changed the visit to, and where it led. */
function show(Place: ComponentType<StepProps>, visit: VisitDto) {
  const onWhole = jest.fn<void, [VisitDto]>();
  const goTo = jest.fn();
  const acts = { goTo } as unknown as StationActs;
  renderThemed(
    <WholeVisit visit={visit} onVisit={onWhole}>
      <Place
        visit={visit}
        assessment={assess(visit)}
        parted={{ before: visit }}
        wholeParted={{ before: visit }}
        acts={acts}
        width={358}
        frame={({ main, foot }) => (
          <View>
            {main}
            <View testID="foot">{foot}</View>
          </View>
        )}
      />
    </WholeVisit>,
  );
  return { last: () => onWhole.mock.calls.at(-1)?.[0].facts?.at(-1), goTo };
}
/** The same, with every change taken up as the visit page does. */
function showLive(Place: ComponentType<StepProps>, begin: VisitDto) {
  let now = begin;
  function Live() {
    const [visit, setVisit] = useState(begin);
    now = visit;
    const acts = { goTo: jest.fn() } as unknown as StationActs;
    const parts = { parted: { before: visit }, wholeParted: { before: visit } };
    const frame: StepProps['frame'] = ({ main }) => <View>{main}</View>;
    const read = { visit, assessment: assess(visit), acts, width: 358, frame };
    return (
      <WholeVisit visit={visit} onVisit={setVisit}>
        <Place {...parts} {...read} />
      </WholeVisit>
    );
  }
  renderThemed(<Live />);
  return { last: () => now.facts?.at(-1), visit: () => now };
}
const press = (label: string | RegExp) => fireEvent.press(screen.getByLabelText(label));
const typed = (figure: string) => {
  for (const key of figure) press(key === '.' ? 'point' : key);
  fireEvent.press(screen.getByText('Save'));
};

describe('Complaint', () => {
  test('the complaint is kept as a fact', () => {
    const { last } = show(ComplaintStep, psc());
    press('no heat');
    expect(last()).toMatchObject({ kind: 'check', inputs: { point: 'complaint', state: 'noHeat' } });
  });
  test('the first three steps lead to their stations', () => {
    const { last, goTo } = show(ComplaintStep, check(psc(), 'complaint', 'noRun'));
    press(/^2\. Power at the unit/);
    expect(goTo).toHaveBeenCalledWith('power');
    fireEvent.press(screen.getByText('Change'));
    press('water');
    expect(last()).toMatchObject({ inputs: { state: 'water' } });
  });
  test('its cautions are read together, each kept by itself', () => {
    const { visit } = showLive(ComplaintStep, check(psc(), 'complaint', 'noRun'));
    fireEvent.press(screen.getByText(/^Read (all|both)/));
    const read = (visit().facts ?? []).filter(({ inputs }) => inputs.state === 'read');
    expect(read.map(({ inputs }) => inputs.point)).toEqual(
      COMPLAINTS.find(({ id }) => id === 'noRun')!.cautions.map((id) => `caution-${id}`),
    );
    expect(screen.queryByText(/^Read (all|both)/)).toBeNull();
  });
});

describe('Electrical', () => {
  test('says the odds before any test, and asks for the test worth most', () => {
    show(ElectricalStep, psc());
    expect(screen.getByText(/^Nothing tested yet\. Before any test/)).toBeTruthy();
    expect(within(screen.getByTestId('foot')).getByText(/^Next: /)).toBeTruthy();
  });
  test('what stands here was not said: the commonest is drawn, and it is said that it is taken', () => {
    show(ElectricalStep, { ...psc(), setup: { unsaid: ['layout', 'motor'] } });
    expect(screen.getByText(/^PSC motor, fan switched by a board: assumed; set up equipment$/)).toBeTruthy();
  });
  test('the shop’s own odds are where it begins', () => {
    mockShop = [{ record: { odds: { doorSwitch: 90, thermostat: null } } }];
    show(ElectricalStep, psc());
    expect(screen.getByText(/^Nothing tested yet\. Before any test: door switch \d\d %/)).toBeTruthy();
  });
  test('a capacitor that was read asks for the rating on its can, and is judged by it', () => {
    const { visit } = showLive(ElectricalStep, { ...psc(), plate: null, setup: {} });
    press(/^T5, Run capacitor/);
    fireEvent.press(screen.getByText('Enter the figure'));
    typed('5.1');
    expect(screen.getByText('Rated µF')).toBeTruthy();
    typed('7.5');
    expect(screen.queryByText('Rated µF')).toBeNull();
    const read = (visit().facts ?? []).map(({ inputs }) => [inputs.point, inputs.value]);
    expect(read).toEqual([
      ['capacitor', 5.1],
      ['ratedMicrofarads', 7.5],
    ]);
    expect(screen.getByLabelText(/^T5, Run capacitor: 5\.1 µF/)).toBeTruthy();
    expect(screen.queryByText(/Type the rating printed/)).toBeNull();
  });
  test('a point is touched, a figure typed; 24 where line is asked is questioned and kept', () => {
    const { last } = show(ElectricalStep, psc());
    press(/^T1, Disconnect, door: not tested/);
    for (const key of '24') press(key);
    expect(screen.getByText(/24 V is control voltage/)).toBeTruthy();
    fireEvent.press(screen.getByText('Save'));
    expect(last()).toMatchObject({ kind: 'check', inputs: { point: 'lineVolts', value: 24 } });
  });
  test('power is drawn as far as it was shown, and where it stops', () => {
    show(ElectricalStep, check(check(psc(), 'callVolts', 25.6), 'motorVolts', 0));
    expect(screen.getByLabelText('T1, Disconnect, door: shown by what is read after it')).toBeTruthy();
    expect(screen.getByLabelText(/^T4, Line at the motor: 0 V\. Power stops before this/)).toBeTruthy();
    expect(screen.getByText(/^Board output \d\d %/)).toBeTruthy();
  });
  test('ohms may be open; a state is one of a few', () => {
    const { last } = show(ElectricalStep, check(psc(), 'scheme', 'pscRelay'));
    press('Relay coil, ohms: not tested');
    fireEvent.press(screen.getByText('open (OL)'));
    expect(last()).toMatchObject({ inputs: { point: 'coilOhms', state: 'open' } });
    press('T8, Wheel: not tested');
    press('rocks');
    expect(last()).toMatchObject({ inputs: { point: 'wheel', state: 'rocks' } });
  });
  test('a flash code is typed with the words of nameplate', () => {
    const { last } = show(ElectricalStep, psc());
    press('Plug and leads of the motor: not tested');
    press('sound');
    expect(last()).toMatchObject({ inputs: { point: 'motorLead', state: 'sound' } });
    expect(last()!.inputs).not.toHaveProperty('note');
    show(HeatingStep, { ...psc(), layout: 'furnaceCasedCoil' });
    press('Flash code: not tested');
    fireEvent.changeText(screen.getByLabelText(/what the door list says/), '3 flashes: pressure switch');
    press('flashing');
    show(
      HeatingStep,
      withFact(
        { ...psc(), layout: 'furnaceCasedCoil' },
        'check',
        { point: 'flashCode', state: 'flashing', note: '3 flashes: pressure switch' },
        NOW,
      ),
    );
    expect(screen.getByLabelText('Flash code: flashing: 3 flashes: pressure switch')).toBeTruthy();
  });
  test('three legs where the nameplate says single-phase are asked about', () => {
    const plate = { plateVolts: 230, phases: 'one' };
    show(ElectricalStep, check({ ...psc(), motor: 'beltDrive', setup: { motorPlate: plate } }, 'scheme', 'threePhase'));
    expect(screen.getByText(/nameplate says single phase, so there are no three legs/)).toBeTruthy();
    expect(screen.getByText(/draws more with the door open/)).toBeTruthy();
  });
  test('another kind of control may be said', () => {
    const { last } = show(ElectricalStep, psc());
    fireEvent.press(screen.getByText('Change control'));
    press('Small terminal fan, speed switch');
    expect(last()).toMatchObject({ inputs: { point: 'scheme', state: 'terminalFan' } });
  });
  test('after a new motor: what is proved before the panel is shut', () => {
    const { last } = show(ElectricalStep, psc());
    fireEvent.press(screen.getByText('Open motor checklist'));
    press('Rotation: not yet');
    press('backwards');
    expect(last()).toMatchObject({ inputs: { point: 'afterRotation', state: 'wrong' } });
  });
  test('no motor without a static reading', () => {
    const dead = [
      ['motorVolts', 238],
      ['capacitor', 10],
      ['windings', 'open'],
      ['wheel', 'free'],
    ] as const;
    show(
      ElectricalStep,
      dead.reduce((visit, [point, read]) => check(visit, point, read), psc()),
    );
    expect(screen.getByText(/^Do not replace the motor without a static reading/)).toBeTruthy();
  });
});

describe('Motor', () => {
  test('windings are typed by pair, and tell together', () => {
    const { last } = show(ElectricalStep, check({ ...psc(), motor: 'psc' }, 'windingPair1', 3.1));
    press(/Windings: /);
    expect(screen.getByLabelText('Common to run: 3.1 Ω')).toBeTruthy();
    press('Common to start: not yet');
    fireEvent.press(screen.getByText('open (OL)'));
    expect(last()).toMatchObject({ inputs: { point: 'windingPair2', state: 'open' } });
    // Back at the windings, where the others are typed.
    expect(screen.getByLabelText('Run to start: not yet')).toBeTruthy();
  });
  test('amps are read again after minutes; the smell of the motor has its place', () => {
    const later = new Date(NOW.getTime() + 12 * 60_000);
    const visit = check(check(psc(), 'ampsCooling', 4), 'ampsCooling', 4.6, later);
    const { last } = show(ElectricalStep, visit);
    expect(screen.getByText(/^Cooling: 4 to 4.6 A in 12 min: rising/)).toBeTruthy();
    press('Smell of the motor: not yet');
    press('varnish or burnt');
    expect(last()).toMatchObject({ inputs: { point: 'motorSmell', state: 'varnish' } });
  });
});

describe('Heating', () => {
  test('electric: a kit is read circuit by circuit and named', () => {
    const visit = check(check(check(psc(), 'kitVolts', 208), 'kitAmps1', 36), 'kitBlowerAmps', 4);
    const { last } = show(HeatingStep, check(visit, 'kitBreakerA', 60));
    expect(screen.getByText('Kit of 10 kW')).toBeTruthy();
    expect(screen.getByText(/^Breaker 60 A, larger than the 50 A/)).toBeTruthy();
    press('Circuit 2: not yet');
    typed('18.2');
    expect(last()).toMatchObject({ inputs: { point: 'kitAmps2', value: 18.2 } });
  });
  test('gas or electric is only taken until somebody said what stands here', () => {
    show(HeatingStep, { ...psc(), setup: { unsaid: ['layout'] } });
    expect(screen.getByText('Assuming electric. Touch the line at the top to change it.')).toBeTruthy();
  });
  test('electric: touches are facts with their time, elements without air stop', () => {
    const { last } = show(HeatingStep, psc());
    fireEvent.press(screen.getByText('Element on'));
    expect(last()).toMatchObject({ inputs: { point: 'element', state: 'on' } });
    show(HeatingStep, check(psc(), 'element', 'on'));
    expect(screen.getByText(/Shut heat off now/)).toBeTruthy();
  });
  test('gas: the sequence is a ladder; limit trips ask for air first', () => {
    show(HeatingStep, check({ ...psc(), layout: 'furnaceCasedCoil' }, 'limitTrips', 'trips'));
    expect(screen.getByLabelText(/^T10, Limit while it burns: trips/)).toBeTruthy();
    expect(screen.getByText(/check airflow first/)).toBeTruthy();
  });
});

describe('Refrigerant', () => {
  const charge = {
    circuit: '1',
    refrigerant: 'R-32',
    metering: 'valve',
    highPort: 'liquid',
    suctionPsig: 123,
    highPsig: 355,
    suctionLineF: 61,
    liquidLineF: 101,
    outdoorF: 84,
    returnF: 74,
  };
  test('the gate says what is shut and leads there', () => {
    const { goTo, last } = show(RefrigerantStep, measured());
    expect(screen.getByText('Not ready to judge charge')).toBeTruthy();
    press(/Look for ice/);
    expect(goTo).toHaveBeenCalledWith('look');
    press(/^Run it 10/);
    typed('16');
    expect(last()).toMatchObject({ kind: 'ladder', inputs: { circuit: '1', minutesRunning: 16 } });
  });
  test('a thaw is timed from the touch, which is kept', () => {
    const iced = withFact(measured(), 'look', { item: 'ice', state: 'coil' }, NOW);
    const { last } = show(RefrigerantStep, iced);
    fireEvent.press(screen.getByText('Run fan 45 min'));
    expect(last()).toMatchObject({ inputs: { point: 'thaw', state: 'begun' } });
    show(RefrigerantStep, check(iced, 'thaw', 'begun'));
    expect(screen.getByText(/^Fan only since \d{1,2}:\d\d [AP]M: check again at \d{1,2}:\d\d [AP]M\.$/)).toBeTruthy();
  });
  test('a mark is touched to type it; what was read before stays', () => {
    const { last } = show(RefrigerantStep, withFact(measured(), 'ladder', charge, NOW));
    press(/^suction line, 61 degrees/);
    typed('52');
    expect(last()).toMatchObject({ inputs: { ...charge, suctionLineF: 52 } });
  });
  test('the keypad goes on to the marks that were not typed, and ends with the last', () => {
    const { visit } = showLive(RefrigerantStep, measured());
    press(/^evaporating, not read/);
    press('R-410A');
    for (const figure of ['128', '370', '96', '95', '76', '56']) typed(figure);
    expect(visit().facts!.at(-1)!.inputs).toMatchObject({
      suctionPsig: 128,
      highPsig: 370,
      liquidLineF: 96,
      outdoorF: 95,
      returnF: 76,
      suctionLineF: 56,
    });
    expect(screen.queryByText('Keep')).toBeNull();
    // A mark that is cleared asks for nothing more.
    press(/^suction line, 56 degrees/);
    fireEvent.press(screen.getByText('not known'));
    expect(screen.queryByText('Keep')).toBeNull();
  });
  test('a gauge asks for its refrigerant first; none is taken', () => {
    const { last } = show(RefrigerantStep, measured());
    expect(screen.getByText('Refrigerant not entered · expansion valve')).toBeTruthy();
    press(/^evaporating, not read/);
    press('R-454B');
    expect(last()).toMatchObject({ inputs: { refrigerant: 'R-454B' } });
  });
  test('a second circuit does not begin with the first one’s pressures', () => {
    const { last } = show(RefrigerantStep, withFact(measured(), 'ladder', charge, NOW));
    press('+ 2');
    press(/^evaporating, not read/);
    typed('118');
    expect(last()!.inputs).toMatchObject({ circuit: '2', refrigerant: 'R-32', suctionPsig: 118, outdoorF: 84 });
    expect(last()!.inputs).not.toHaveProperty('highPsig');
  });
  test('a ladder begins with the unit’s nameplate, and what was typed here may be kept on it', () => {
    const unit = { id: 'unit-1', name: 'Loft', plate: { refrigerant: 'R-454B', metering: 'valve', subcoolingF: 8 } };
    mockUnits = [{ record: unit, revision: 3 }];
    const visit: VisitDto = { ...measured(), unitId: 'unit-1' };
    const { last } = show(RefrigerantStep, visit);
    press(/^evaporating, not read/);
    typed('118');
    expect(last()).toMatchObject({ inputs: { refrigerant: 'R-454B', plateSubcoolingF: 8, suctionPsig: 118 } });
    expect(screen.queryByText(/^Save to unit/)).toBeNull();
    show(RefrigerantStep, withFact(visit, 'ladder', { ...charge, chartOutdoorF: [75, 95], chartAskedF: [12, 8] }, NOW));
    fireEvent.press(screen.getByText(/^Save to unit/));
    expect(mockChange.mock.calls[0]![1]).toMatchObject({
      plate: { refrigerant: 'R-32', subcoolingF: 8, chartOutdoorF: [75, 95], chartAskedF: [12, 8] },
    });
  });
  test('hoses swapped are asked about', () => {
    show(RefrigerantStep, withFact(measured(), 'ladder', { ...charge, suctionPsig: 360, highPsig: 118 }, NOW));
    expect(screen.getByText(/Are the hoses swapped/)).toBeTruthy();
  });
});

describe('Beside the gauges', () => {
  test('a leak is kept with where it is; a washed coil shuts the gate', () => {
    const { last } = show(RefrigerantStep, check(psc(), 'coilWet', 'washed'));
    expect(screen.getByLabelText(/^The coil is wet from washing/)).toBeTruthy();
    press('Leaks: not yet');
    fireEvent.changeText(screen.getByLabelText('Where'), 'flare at the suction valve');
    press('leak found');
    expect(last()).toMatchObject({
      inputs: { point: 'leakSearch', state: 'found', note: 'flare at the suction valve' },
    });
    press(/^The coil is wet from washing/);
    expect(last()).toMatchObject({ inputs: { point: 'coilWet', state: 'normal' } });
  });
});

test('the sheet of nameplate and chart takes no refrigerant that nobody said', () => {
  const { last } = showLive(RefrigerantStep, psc());
  fireEvent.press(screen.getByText('Edit nameplate and chart'));
  fireEvent.press(screen.getByText('Save'));
  expect(last()).toMatchObject({ kind: 'ladder' });
  expect(last()!.inputs).not.toHaveProperty('refrigerant');
});

describe('Building, upkeep, found', () => {
  test('flows are typed on the building; a pulled one is said', () => {
    const { last } = show(BuildingStep, psc());
    press(/^Exhaust: not read/);
    typed('2400');
    expect(last()).toMatchObject({ inputs: { point: 'exhaustCfm', value: 2400 } });
    const half = check(check(psc(), 'exhaustCfm', 2400), 'outdoorAirCfm', 600);
    show(BuildingStep, half);
    expect(screen.getByText('Make-up air not entered. Enter 0 if there is none.')).toBeTruthy();
    show(BuildingStep, check(half, 'makeUpCfm', 0));
    expect(screen.getAllByText(/^Net −1,800 CFM\. More air goes out than comes in/).length).toBe(1);
  });
  test('upkeep counts what is done and found, for what stands here', () => {
    show(MaintenanceStep, check(check(psc(), 'upkeepCabinet', 'done'), 'drainTrap', 'found'));
    expect(screen.getByText(/^2 of \d+ done, 1 found/)).toBeTruthy();
    expect(screen.queryByLabelText(/^Belt and spare/)).toBeNull();
    expect(screen.queryByLabelText(/^Burner, sensor/)).toBeNull();
  });
  test('each item stands beside what was found at the visit before', () => {
    const unit: VisitDto = { ...psc(), unitId: 'unit-1' };
    mockBefore = { ...check(unit, 'drainTrap', 'found'), id: 'before', startedAt: '2025-05-12T10:00:00Z' };
    show(MaintenanceStep, unit);
    expect(screen.getByText('last time: found')).toBeTruthy();
    mockBefore = { ...mockBefore, startedAt: '2027-05-12T10:00:00Z' };
    show(MaintenanceStep, unit);
    expect(screen.queryByText('last time: found')).toBeNull();
  });
  test('what is found is fixed, declined, or opened again; a look keeps its own', () => {
    const looked = withFact(psc(), 'look', { item: 'filter', state: 'loaded' }, NOW);
    const { last } = show(FindingsStep, check(looked, 'drainTrap', 'found'));
    press('Filter: loaded: fixed');
    expect(last()).toMatchObject({ kind: 'outcome', inputs: { finding: 'look-filter', state: 'dealtWith' } });
    press('Trap is missing or the wrong depth: declined');
    expect(last()).toMatchObject({
      kind: 'outcome',
      inputs: { finding: 'check-drainTrap', state: 'declined' },
    });
    press('Trap is missing or the wrong depth: quoted');
    typed('85');
    expect(last()).toMatchObject({ inputs: { finding: 'check-drainTrap', state: 'quoted', price: 85 } });
    press('Filter: loaded: watch');
    expect(last()).toMatchObject({ inputs: { finding: 'look-filter', state: 'watch' } });
    expect(screen.getByText(/^Open: 2 · about \d+ min, parts about \$\d+$/)).toBeTruthy();
  });
  test('a finding in one’s own words is added, changed and removed', () => {
    const { last, visit } = showLive(FindingsStep, psc());
    fireEvent.press(screen.getByText('Add a finding'));
    fireEvent.press(screen.getByText('Save'));
    expect(screen.getByText('Finding: type it.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText(/^Finding/), 'Mouse nest in the blower');
    press('damage');
    fireEvent.press(screen.getByText('Save'));
    expect(last()).toMatchObject({ kind: 'finding', inputs: { words: 'Mouse nest in the blower', concern: 'damage' } });
    const said = last()!;
    expect(screen.getByText('Concern: damage')).toBeTruthy();
    fireEvent.press(screen.getByText('Change'));
    fireEvent.changeText(screen.getByLabelText(/^Finding/), 'Nest in the wheel');
    fireEvent.press(screen.getByText('Save'));
    expect(last()).toMatchObject({ inputs: { words: 'Nest in the wheel' }, replacesId: said.id });
    fireEvent.press(screen.getByText('Change'));
    fireEvent.press(screen.getByText('Remove this finding'));
    expect(last()).toMatchObject({ kind: 'takenBack' });
    expect(screen.queryByText('Nest in the wheel')).toBeNull();
    expect(visit().facts).toHaveLength(3);
  });
  test('replacing the unit is begun by its reasons, and keeps what was typed before', () => {
    const { last } = showLive(FindingsStep, psc());
    fireEvent.press(screen.getByText('Add a finding'));
    fireEvent.changeText(screen.getByLabelText(/^Parts price/), '6400');
    fireEvent.press(screen.getByText('Recommend replacing the unit'));
    press('coil leaks');
    press('past its usual life');
    press('heat exchanger cracked');
    press('heat exchanger cracked');
    fireEvent.press(screen.getByText('Use these reasons'));
    fireEvent.press(screen.getByText('Save'));
    expect(last()).toMatchObject({
      kind: 'finding',
      inputs: { words: 'Replace the unit: past its usual life, coil leaks', concern: 'damage', price: 6400 },
    });
  });
  test('an answer at a point can be cleared: it stays on record and tells nothing', () => {
    const { last, visit } = showLive(MaintenanceStep, check(psc(), 'drainTrap', 'found'));
    press('Trap refilled: found');
    fireEvent.press(screen.getByText('Clear answer'));
    expect(last()).toMatchObject({ kind: 'takenBack', replacesId: expect.any(String) });
    expect(screen.getByLabelText('Trap refilled: not yet')).toBeTruthy();
    expect(visit().facts).toHaveLength(2);
  });
  test('the foot sums up what is open; what is quoted is counted by itself', () => {
    const found = check(withFact(psc(), 'look', { item: 'filter', state: 'loaded' }, NOW), 'drainTrap', 'found');
    show(FindingsStep, withOutcome(found, { finding: 'check-drainTrap', state: 'quoted', price: 85 }));
    expect(screen.getByText('Open: 1 · about 5 min, parts about $12 · quoted: 1')).toBeTruthy();
  });
  test('upkeep says what to bring, and what it takes to bring a neglected unit into shape', () => {
    mockBefore = { ...check(psc(), 'upkeepContactor', 'found'), id: 'before', startedAt: '2020-01-01T00:00:00Z' };
    const setup = { filterCount: 2, filterWidthIn: 16, filterHeightIn: 25, filterMedia: 'merv13x4' as const };
    const unit = { ...psc(), unitId: 'unit', setup };
    const { last } = show(MaintenanceStep, check(unit, 'upkeepNeglect', 'neglected'));
    expect(screen.getByText('2 filters 16 × 25 in., 4–5 in. MERV 13')).toBeTruthy();
    expect(screen.getByText('contactor')).toBeTruthy();
    expect(screen.getByText(/^Into shape: about .* on time and materials; then every 6 months\.$/)).toBeTruthy();
    fireEvent.press(screen.getByText('Change equipment'));
    press('exhaust or transfer fan');
    expect(last()).toMatchObject({ inputs: { point: 'upkeepEquipment', state: 'exhaustFan' } });
  });
});
