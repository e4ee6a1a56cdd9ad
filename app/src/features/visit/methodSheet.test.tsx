import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { measured, NOW } from '../../testing/visits';
import { withFact } from '../visitState/newFact';
import { assess } from '../visitState/useAssessment';
import { MethodSheet } from './MethodSheet';

const HEAT = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };

describe('a method at a visit', () => {
  const show = (visit = measured(), method: 'electricHeat' | 'measuredDrop' | 'requestedFlow' = 'electricHeat') => {
    const onVisit = jest.fn();
    const onClose = jest.fn();
    renderThemed(
      <MethodSheet visit={visit} assessment={assess(visit)} method={method} onVisit={onVisit} onClose={onClose} />,
    );
    return { onVisit, onClose };
  };
  const type = (label: RegExp, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);

  test('what to mind stands first; the airflow is kept as a fact', () => {
    const { onVisit, onClose } = show();
    expect(screen.getByText(/Live parts: meter leads first/)).toBeTruthy();
    type(/^Volts/, '238');
    type(/^Amps/, '41.2');
    type(/^Air into/, '70');
    type(/^Air out/, '101.5');
    fireEvent.press(screen.getByText('Keep this airflow'));
    expect(onVisit).toHaveBeenCalledTimes(1);
    expect(onVisit.mock.calls[0][0].facts).toMatchObject([{ kind: 'electricHeat', inputs: HEAT }]);
    expect(onClose).toHaveBeenCalled();
  });

  test('sent too early, nothing is kept and each field says what it lacks', () => {
    const { onVisit } = show();
    fireEvent.press(screen.getByText('Keep this airflow'));
    expect(onVisit).not.toHaveBeenCalled();
    expect(screen.getByText('Volts at the heater: type it, between 90 and 600 V.')).toBeTruthy();
  });

  test('what the visit knows is not asked again', () => {
    show({ ...measured(), setup: { altitudeFt: 620 } }, 'measuredDrop');
    expect(screen.queryByLabelText(/^Nominal tons/)).toBeNull();
    expect(screen.queryByLabelText(/^Altitude/)).toBeNull();
    expect(screen.queryByLabelText(/^Airflow/)).toBeNull();
  });

  test('temperatures typed for the airflow by drop serve the drop', () => {
    const inputs = { tons: 3, returnF: 75.2, moisture: 'wetBulb', returnWetF: 62.6, outdoorF: 91, supplyF: 51.3 };
    show(withFact(measured(), 'coolingDrop', inputs, NOW), 'measuredDrop');
    expect(screen.getByLabelText(/^Return dry bulb/).props.value).toBe('75.2');
  });

  test('the static of the visit tells whether a request is reached', () => {
    show({ ...measured(), motor: 'constantAirflow' }, 'requestedFlow');
    type(/^Flashes/, '12');
    type(/^Static it holds/, '0.5');
    expect(screen.getByText(/0.58 in. w.c. is above the 0.50 in. w.c. it holds its flow to/)).toBeTruthy();
  });
});
