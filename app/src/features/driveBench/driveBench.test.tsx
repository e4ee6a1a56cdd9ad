import { assess, type VisitDto } from '@huff/contract';
import { plainShop, planRequest } from '@huff/contract/fix';
import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { NOW } from '../../testing/visits';
import { quickCheck, withReading, AS_IT_RUNS } from '../visitState/newVisit';
import { DriveBenchView } from './DriveBenchView';
import { DriveFormSheet } from './DriveFormSheet';

const shop = plainShop('11110000-0000-4000-8000-000000000001');
const statics = [0.2, 0.4, 0.6, 0.8, 1];
const flows = [1800, 2100, 2400, 2700, 3000, 3300];
const rpm = flows.map((q) => statics.map((p) => Math.round(Math.sqrt((p + 1.1e-7 * q * q) / 1.8155e-6))));
const bhp = flows.map((q) => statics.map((p) => Number(((q * (p + 8.5e-8 * q * q)) / 3178).toFixed(2))));
const drive = {
  motorRpm: 1745,
  sheave: 'adjustable',
  leastPitchIn: 2.8,
  mostPitchIn: 3.8,
  turns: 5,
  turnsOpen: 2.5,
  blowerPitchIn: 7,
  beltMark: 'A48',
  leastCentresIn: 15,
  mostCentresIn: 17.5,
  mostBlowerRpm: 1050,
};
const bare: VisitDto = {
  ...quickCheck(NOW),
  layout: 'packaged',
  motor: 'beltDrive',
  tons: 7.5,
  maxTespInWc: 0.8,
  tap: '822.6',
  table: {
    id: '11110000-0000-4000-8000-000000000002',
    name: 'RT',
    staticsInWc: statics,
    taps: [{ tap: '800', flowsCfm: [2800, 2500, 2200, 1900, null] }],
    byRpm: { flowsCfm: flows, rpm, bhp },
  },
  setup: { drive },
};
const read = (visit: VisitDto, port: 'R1' | 'S1', staticInWc: number) =>
  withReading(visit, { port, staticInWc, conditions: AS_IT_RUNS, replacesId: null }, NOW);
const visit = read(read(bare, 'R1', -0.2), 'S1', 0.32);
const request = planRequest(visit, assess(visit), shop, { typed: {} })!;

describe('the Belt drive', () => {
  const show = () => {
    const spies = { onUse: jest.fn(), onEdit: jest.fn() };
    renderThemed(<DriveBenchView request={request} drive={request.system.drive!} shop={shop} {...spies} />);
    return spies;
  };
  test('opens at the least work that lands, and uses it', () => {
    const { onUse } = show();
    expect(screen.getByText('½ turn open')).toBeTruthy();
    expect(screen.getByLabelText(/^Blower: 823 now, 922 RPM in range/)).toBeTruthy();
    fireEvent.press(screen.getByText('Use ½ turn open'));
    expect(onUse).toHaveBeenCalledWith(
      { id: 'setDrive', inputs: expect.objectContaining({ turnsOpen: 0.5, beltInsideIn: 48 }) },
      undefined,
    );
  });
  test('half turns either way, never past the range; as found is no move', () => {
    show();
    fireEvent.press(screen.getByLabelText('Half turn closer'));
    expect(screen.getByText('0 turns open')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Half turn closer'));
    expect(screen.getByText('0 turns open')).toBeTruthy();
    for (let i = 0; i < 5; i += 1) fireEvent.press(screen.getByLabelText('Half turn open'));
    expect(screen.getByText('2½ turns open')).toBeTruthy();
    expect(screen.getByText('Set as found')).toBeTruthy();
  });
  test('what is not known is requested', () => {
    const { onEdit } = show();
    expect(screen.getByText('Measure its amps and enter its nameplate.')).toBeTruthy();
    fireEvent.press(screen.getByText('Installed sheaves, belt, base'));
    expect(onEdit).toHaveBeenCalled();
  });
});

test('the drive as fitted: a wrong turn is named, a right one sets the RPM the table is read at', () => {
  const [onVisit, onClose] = [jest.fn(), jest.fn()];
  renderThemed(
    <DriveFormSheet open unit={{ ...visit, tap: '800' }} table={visit.table} onUnit={onVisit} onClose={onClose} />,
  );
  fireEvent.changeText(screen.getByLabelText(/^Turns open now/), '6');
  fireEvent.press(screen.getByText('Save drive'));
  expect(screen.getByText(/The sheave turns from 0 to 5/)).toBeTruthy();
  expect(onVisit).not.toHaveBeenCalled();
  fireEvent.changeText(screen.getByLabelText(/^Turns open now/), '2.5');
  fireEvent.changeText(screen.getByLabelText(/^Full-load amps/), '6.8');
  fireEvent.press(screen.getByText('Save drive'));
  expect(onVisit).toHaveBeenCalledWith(
    expect.objectContaining({ tap: '822.6', setup: { drive, motorPlate: { plateAmps: 6.8, phases: 'one' } } }),
  );
});
