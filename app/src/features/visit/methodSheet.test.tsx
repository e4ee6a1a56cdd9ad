import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { measured, NOW } from '../../testing/visits';
import { withFact } from '../visitState/newFact';
import { assess } from '../visitState/useAssessment';
import { MethodSheet } from './MethodSheet';

const HEAT = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };

const show = (
  visit = measured(),
  method: 'electricHeat' | 'measuredDrop' | 'requestedFlow' | 'traverse' | 'gasHeat' = 'electricHeat',
) => {
  const onVisit = jest.fn();
  const onClose = jest.fn();
  renderThemed(
    <MethodSheet visit={visit} assessment={assess(visit)} method={method} onVisit={onVisit} onClose={onClose} />,
  );
  return { onVisit, onClose };
};
const press = (label: string | RegExp) => fireEvent.press(screen.getAllByLabelText(label).at(-1)!);
const keys = (figure: string) => {
  for (const key of figure) press(key === '.' ? 'point' : key);
};
/** Types a figure at its spot on the drawing. */
const type = (label: RegExp, figure: string) => {
  press(label);
  keys(figure);
  fireEvent.press(screen.getAllByText(/^Save(, next)?$/).at(-1)!);
};

test('a method is typed on its drawing: what to mind, the answer on the button, kept as a fact', () => {
  const { onVisit, onClose } = show();
  expect(screen.getByText(/Live parts: place meter leads first/)).toBeTruthy();
  press(/^Entering air/);
  keys('70');
  fireEvent.press(screen.getByText('Save'));
  // The other probe is asked for next.
  expect(screen.getByText('Leaving air')).toBeTruthy();
  keys('101.5');
  fireEvent.press(screen.getByText('Save'));
  type(/^Heater volts/, '238');
  type(/^Element amps/, '41.2');
  // The blower's own heat is in the rise: 300 W.
  fireEvent.press(screen.getByText(/^Save 1,014 CFM/));
  expect(onVisit).toHaveBeenCalledTimes(1);
  expect(onVisit.mock.calls[0][0].facts).toMatchObject([{ kind: 'electricHeat', inputs: HEAT }]);
  expect(onClose).toHaveBeenCalled();
});

test('sent too early, nothing is kept and each line says what it lacks', () => {
  const { onVisit } = show();
  fireEvent.press(screen.getByText('Save airflow'));
  expect(onVisit).not.toHaveBeenCalled();
  expect(screen.getByText('Heater volts: enter it, between 90 and 600 V.')).toBeTruthy();
});

test('a figure out of range is named at the keypad and cannot be kept', () => {
  show();
  press(/^Heater volts/);
  keys('24');
  expect(screen.getByText(/^Enter between 90 and 600 V/)).toBeTruthy();
  fireEvent.press(screen.getByText('Check it'));
  expect(screen.getAllByText('Heater volts')[1]).toBeTruthy();
});

test('what the visit knows is not asked again', () => {
  show({ ...measured(), setup: { altitudeFt: 620 } }, 'measuredDrop');
  for (const label of [/^Nominal tons/, /^Altitude/, /^Airflow/]) expect(screen.queryByLabelText(label)).toBeNull();
});

test('temperatures typed for the airflow by drop serve the drop', () => {
  const inputs = { tons: 3, returnF: 75.2, moisture: 'wetBulb', returnWetF: 62.6, outdoorF: 91, supplyF: 51.3 };
  show(withFact(measured(), 'coolingDrop', inputs, NOW), 'measuredDrop');
  expect(screen.getByLabelText(/^Return dry bulb: 75\.2 °F/)).toBeTruthy();
});

test('the static of the visit tells whether a request is reached', () => {
  show({ ...measured(), motor: 'constantAirflow' }, 'requestedFlow');
  type(/^Flashes/, '12');
  type(/^Full-airflow static/, '.5');
  expect(screen.getByText(/0.58 in. w.c. is above the 0.50 in. w.c. limit for full airflow/)).toBeTruthy();
});

test('a traverse goes point by point: after each the next stands ready, until all are read', () => {
  const { onVisit } = show(measured(), 'traverse');
  fireEvent.press(screen.getByLabelText(/sweep/i));
  type(/^Inside width/, '20');
  type(/^Inside depth/, '12');
  press(/, point 1: not read/);
  for (const figure of ['860', '930']) {
    keys(figure);
    fireEvent.press(screen.getByText('Save, next'));
  }
  expect(screen.getByText('Point 3')).toBeTruthy();
  keys('820');
  fireEvent.press(screen.getByText('Save, next'));
  expect(screen.queryByText(/^Point \d/)).toBeNull();
  fireEvent.press(screen.getByText(/^Save 1,450 CFM/));
  expect(onVisit.mock.calls[0][0].facts[0].inputs.readings).toEqual([860, 930, 820]);
});

test('the gas meter is clocked by the watch', () => {
  show(measured(), 'gasHeat');
  const clock = jest.spyOn(performance, 'now').mockReturnValue(1000);
  press(/^Time for that/);
  fireEvent.press(screen.getByText('Start timer'));
  clock.mockReturnValue(47_200);
  fireEvent.press(screen.getByText('Stop timer'));
  expect(screen.getByLabelText(/^Time for that: 46\.2 s/)).toBeTruthy();
  clock.mockRestore();
});
