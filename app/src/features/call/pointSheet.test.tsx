import type { VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { onTap3 } from '../../testing/visits';
import { MeterProvider, type Meter } from '../visitState/meter';
import { WholeVisit } from '../visitState/WholeVisit';
import { PointSheet } from './PointSheet';

const show = (asked: string, meter?: Meter) => {
  const onVisit = jest.fn<void, [VisitDto]>();
  const call = { checks: new Map(), context: { lineVolts: 240 }, power: {} } as unknown as Parameters<
    typeof PointSheet
  >[0]['call'];
  const sheet = (
    <WholeVisit visit={onTap3()} onVisit={onVisit}>
      <PointSheet asked={asked} call={call} onClose={jest.fn()} />
    </WholeVisit>
  );
  renderThemed(meter ? <MeterProvider value={meter}>{sheet}</MeterProvider> : sheet);
  return onVisit;
};

test('at a visit a point is typed at once', () => {
  show('lineVolts');
  expect(screen.getByLabelText('1')).toBeTruthy();
  expect(screen.queryByText('Test it')).toBeNull();
});

test('in a drill opening a point does nothing yet: what to mind is read before the leads go on', () => {
  const touch = jest.fn();
  show('lineVolts', { isOn: () => false, shows: () => ({ point: 'lineVolts', value: 0 }), touch, isSilent: false });
  expect(screen.getByText(/Power on, live parts open/)).toBeTruthy();
  expect(screen.queryByText(/^Here: /)).toBeNull();
  expect(touch).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('Test it'));
  expect(touch).toHaveBeenCalledWith('lineVolts');
});

test('once the leads are on, what the meter shows is there to be typed', () => {
  show('lineVolts', {
    isOn: () => true,
    shows: () => ({ point: 'lineVolts', value: 238 }),
    touch: jest.fn(),
    isSilent: false,
  });
  expect(screen.getByText(/^Here: 238 V\./)).toBeTruthy();
});
