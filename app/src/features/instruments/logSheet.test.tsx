import { logHead } from '@huff/contract/csv';
import type { VisitDto } from '@huff/contract';
import { fireEvent, screen, within } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { measured, NOW, onTap3 } from '../../testing/visits';
import { assess } from '../visitState/useAssessment';
import { liveInputs } from './liveInputs';
import { LogSheet } from './LogSheet';

const HEAD = 'Zeit,Kanal,Wert,Einheit';
/** A minute at rest for each channel, one value a second. */
const rowsOf = (name: string, value: number, unit: string) =>
  Array.from({ length: 60 }, (_, i) => `${new Date(NOW.getTime() + 1000 * i).toISOString()},${name},${value},${unit}`);
const text = [HEAD, ...rowsOf('R2', 77.2, 'Pa'), ...rowsOf('probe 7', 24, '°C'), 'soon,R2,1,Pa'].join('\n');

let kept: Record<string, string> = {};
beforeEach(() => {
  kept = {};
  jest.useFakeTimers({ now: NOW.getTime() + 600_000 });
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept[key] ?? null,
      setItem: (key: string, value: string) => void (kept[key] = value),
    },
  });
});
afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(globalThis, 'localStorage');
});

function open(visit: VisitDto) {
  const onVisit = jest.fn<void, [VisitDto]>();
  const page = renderThemed(
    <LogSheet
      log={{ name: 'log.csv', text, head: logHead(text)! }}
      visit={visit}
      assessment={assess(visit)}
      onVisit={onVisit}
      onClose={jest.fn()}
    />,
  );
  return { onVisit, page };
}

const sayColumns = () => {
  for (const [part, column] of [
    ['Time', 'Zeit'],
    ['Channel', 'Kanal'],
    ['Value', 'Wert'],
    ['Unit', 'Einheit'],
  ] as const)
    fireEvent.press(within(screen.getByLabelText(part)).getByText(column));
  fireEvent.press(screen.getByText('Read the log'));
};

test('columns are said once; the next log of the same instrument opens at its values', () => {
  const { page } = open(onTap3());
  expect(screen.getByText(/^Choose the column for: time, channel, value, unit/)).toBeTruthy();
  sayColumns();
  expect(screen.getByText('One row left out.')).toBeTruthy();
  expect(screen.getByText('Line 122: “soon” is not a time.')).toBeTruthy();
  page.unmount();
  open(onTap3());
  expect(screen.queryByText('Read the log')).toBeNull();
  expect(screen.getByText('Change columns')).toBeTruthy();
});

test('a steady stretch becomes the reading of its port, at its own time, with its trace beside it', () => {
  const { onVisit } = open(measured());
  sayColumns();
  fireEvent.press(screen.getByText('Save at R2'));
  const [visit] = onVisit.mock.lastCall!;
  const reading = visit.readings.at(-1)!;
  expect(reading).toMatchObject({ port: 'R2', origin: 'probe' });
  // It corrects the one that was typed before.
  expect(visit.readings.slice(0, -1).map(({ id }) => id)).toContain(reading.replacesId);
  // Suction, whichever way the hoses were.
  expect(reading.value).toBeCloseTo(-0.31, 2);
  expect(Date.parse(reading.takenAt) - NOW.getTime()).toBe(59_000);
  expect(visit.facts!.at(-1)).toMatchObject({ kind: 'trace', inputs: { readingId: reading.id, probe: 'R2' } });
  expect(screen.getByText('saved')).toBeTruthy();
});

test('a value that is no port’s waits for the form that asks for it', () => {
  const visit = onTap3();
  const { onVisit } = open(visit);
  sayColumns();
  expect(liveInputs(visit, 'measuredDrop')).toEqual({});
  fireEvent.press(within(screen.getByLabelText('Place of probe 7')).getByText('Return dry bulb'));
  fireEvent.press(screen.getByText('Save at Return dry bulb'));
  expect(onVisit).not.toHaveBeenCalled();
  expect(screen.getByText('ready in its form')).toBeTruthy();
  expect(liveInputs(visit, 'measuredDrop')).toEqual({ returnF: 75.2 });
  // Another visit knows nothing of it.
  expect(liveInputs(onTap3(), 'measuredDrop')).toEqual({});
});
