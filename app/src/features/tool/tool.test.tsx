import { act, fireEvent, renderHook, screen } from '@testing-library/react-native';
import { solveTool, toolOf } from '@huff/core';
import { renderThemed } from '../../testing/render';
import { measured, NOW } from '../../testing/visits';
import { addressOf, textsFrom } from '../bench/toolAddress';
import { MethodSheet } from '../visit/MethodSheet';
import { withFact } from '../visitState/newFact';
import { assess } from '../visitState/useAssessment';
import { ToolAnswerView } from './ToolAnswerView';
import { fromListText, rawOf, textsOf, typedInputs } from './toolText';
import { useToolForm } from './useToolForm';

const heat = toolOf('electricHeat')!;
const traverse = toolOf('traverse')!;
const HEAT = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };

test.each([
  ['800 810', [800, 810]],
  ['800, 810', [800, 810]],
  ['0,010 0,012', [0.01, 0.012]],
  ['800\n810;820', [800, 810, 820]],
  ['226,229,233', [226, 229, 233]],
  ['1,250 1,310', [1250, 1310]],
  ['800 x', [800, 'x']],
  ['', []],
])('a list typed as %j', (text, list) => expect(fromListText(text)).toEqual(list));

test('texts and inputs lead to each other; what is no number stays as it was typed', () => {
  const texts = textsOf(heat, HEAT);
  expect(texts).toMatchObject({ volts: '238', phase: 'single', altitudeFt: '' });
  expect(typedInputs(heat, rawOf(heat, texts))).toEqual({ ...HEAT, phase: 'single' });
  expect(rawOf(heat, { ...texts, amps: 'many' }).amps).toBe('many');
});

test('a hidden field is not kept', () => {
  const raw = { shape: 'round', diameterIn: 14, widthIn: 20, readings: [] };
  expect(typedInputs(traverse, raw)).toEqual({ shape: 'round', diameterIn: 14 });
});

test('an address carries the inputs and gives them back', () => {
  const address = addressOf('traverse', { shape: 'round', diameterIn: 14, readings: [800, 810.5] });
  expect(address).toBe('/bench/traverse?shape=round&diameterIn=14&readings=800%7E810.5');
  const query = Object.fromEntries(new URLSearchParams(address.split('?')[1]));
  expect(rawOf(traverse, textsFrom(query))).toMatchObject({ shape: 'round', diameterIn: 14, readings: [800, 810.5] });
  expect(addressOf('airState', {})).toBe('/bench/airState');
});

test('the form answers at once, and does not scold a field before it was left', () => {
  const { result } = renderHook(() => useToolForm(heat, { ...HEAT, amps: 0 }));
  expect(result.current.errors).toMatchObject([{ field: 'amps' }]);
  expect(result.current.shown('amps')).toBe(false);
  act(() => result.current.onLeave('amps'));
  expect(result.current.shown('amps')).toBe(true);
  expect(result.current.shown('volts')).toBe(false);
  act(() => result.current.send());
  expect(result.current.shown('volts')).toBe(true);
});

test('what the visit gives goes before what is typed', () => {
  const { result } = renderHook(() => useToolForm(heat, HEAT, { altitudeFt: 5000 }));
  expect(result.current.outcome).toMatchObject({ ok: true, headline: { value: expect.closeTo(1182, 0) } });
  expect(result.current.inputs.altitudeFt).toBe(5000);
});

describe('the answer', () => {
  test('a figure with its unit, its certainty, its lines and its formula', () => {
    renderThemed(<ToolAnswerView outcome={solveTool(heat, HEAT)} />);
    expect(screen.getByText('983')).toBeTruthy();
    expect(screen.getByText('± 6 %')).toBeTruthy();
    expect(screen.getByText('31.5 °F')).toBeTruthy();
    expect(screen.getByText(/^CFM = V × A × 3.412/)).toBeTruthy();
  });

  test('one thing missing is named, several are counted', () => {
    renderThemed(<ToolAnswerView outcome={solveTool(heat, { ...HEAT, amps: 0 })} />);
    expect(screen.getByText('Amps of the elements must be above 0.')).toBeTruthy();
    renderThemed(<ToolAnswerView outcome={solveTool(heat, {})} />);
    expect(screen.getByText('4 figures are still to be typed or mended.')).toBeTruthy();
  });
});

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
