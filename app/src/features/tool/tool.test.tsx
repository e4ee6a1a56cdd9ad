import { act, renderHook, screen } from '@testing-library/react-native';
import { solveTool, toolOf } from '@huff/core';
import { renderThemed } from '../../testing/render';
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
  expect(typedInputs(heat, rawOf(heat, texts))).toEqual({ ...HEAT, phase: 'single', compressor: 'off' });
  expect(rawOf(heat, { ...texts, amps: 'many' }).amps).toBe('many');
});

test('a hidden field is not kept', () => {
  const raw = { shape: 'round', diameterIn: 14, widthIn: 20, readings: [] };
  expect(typedInputs(traverse, raw)).toEqual({ shape: 'round', diameterIn: 14 });
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
    expect(screen.getByText('Element amps must be above 0.')).toBeTruthy();
    renderThemed(<ToolAnswerView outcome={solveTool(heat, {})} />);
    expect(screen.getByText('4 figures missing or wrong.')).toBeTruthy();
  });
});
