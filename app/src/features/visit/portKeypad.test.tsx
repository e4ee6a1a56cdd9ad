import type { VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { renderThemed } from '../../testing/render';
import { measured, onTap3, read } from '../../testing/visits';
import { assess } from '../visitState/useAssessment';
import { PortKeypad, type AskedPort } from './PortKeypad';

const onVisit = jest.fn<void, [VisitDto]>();
const onAsk = jest.fn<void, [AskedPort | undefined]>();
const readings = () => onVisit.mock.lastCall![0].readings;
beforeEach(() => jest.clearAllMocks());

function Asked({ start, first }: { readonly start: VisitDto; readonly first: AskedPort }) {
  const [visit, setVisit] = useState(start);
  const [asked, setAsked] = useState<AskedPort | undefined>(first);
  return (
    <PortKeypad
      visit={visit}
      assessment={assess(visit)}
      asked={asked}
      onVisit={(next) => {
        onVisit(next);
        setVisit(next);
      }}
      onAsk={(next) => {
        onAsk(next);
        setAsked(next);
      }}
    />
  );
}
const show = (start: VisitDto, port: 'R2' | 'S1', filterOut = false) =>
  renderThemed(<Asked start={start} first={{ port, filterOut }} />);
const type = (figure: string) => {
  for (const key of figure) fireEvent.press(screen.getByLabelText(key === '.' ? 'point' : key));
  fireEvent.press(screen.getByText(/^Save/));
};

test('one port after the other: what was read is kept with how the unit ran, and the next is asked', () => {
  show(onTap3(), 'R2');
  type('.31');
  expect(readings()).toHaveLength(1);
  expect(readings()[0]).toMatchObject({
    port: 'R2',
    value: -0.31,
    replacesId: null,
    conditions: { door: 'on', filter: 'in', tap: '3', mode: 'cooling' },
  });
  expect(onAsk).toHaveBeenLastCalledWith({ port: 'S1', filterOut: false });
  type('.27');
  expect(readings().at(-1)).toMatchObject({ port: 'S1', value: 0.27 });
  expect(onAsk).toHaveBeenLastCalledWith(undefined);
});

test('a port that was read is corrected: the new reading names the one it replaces', () => {
  const visit = measured();
  show(visit, 'R2');
  type('.29');
  expect(readings()).toHaveLength(3);
  expect(readings().at(-1)).toMatchObject({ port: 'R2', value: -0.29, replacesId: visit.readings[0]!.id });
});

test('with the filter out it is another reading: it replaces none and is marked', () => {
  show(measured(), 'R2', true);
  type('.16');
  expect(readings().at(-1)).toMatchObject({
    value: -0.16,
    replacesId: null,
    conditions: { filter: 'out', door: 'on' },
  });
  // The other boundary port is read in the same state, or the two do not belong together.
  expect(onAsk).toHaveBeenLastCalledWith({ port: 'S1', filterOut: true });
});

test('the volts of the line, once they are said, go with each reading', () => {
  const visit = read({ ...onTap3(), setup: { lineVolts: 236 } }, 'R2', -0.31);
  show(visit, 'S1');
  type('.27');
  expect(readings().at(-1)!.conditions).toMatchObject({ lineVolts: 236 });
});
