import { fireEvent, screen } from '@testing-library/react-native';
import { assessVisit, DEFAULT_RULES, LAYOUTS, type PortId, type PressureReading } from '@huff/core';
import { renderThemed } from '../../testing/render';
import { Airway, airwaySentence } from './Airway';

const conditions = { door: 'on', filter: 'in', coil: 'wet' } as const;
const reading = (port: PortId, staticInWc: number): PressureReading => ({ id: port, port, staticInWc, conditions });
const readings = [reading('R1', -0.16), reading('R2', -0.31), reading('S1', 0.27)];
const unit = { layout: 'airHandler', motor: 'psc' } as const;
const { sections } = assessVisit({ unit, mode: 'cooling', readings, facts: [] }, DEFAULT_RULES).judgement;
const pressures = new Map(readings.map((r) => [r.port, r.staticInWc]));

test('the drawing is heard as a sentence', () => {
  expect(airwaySentence(sections, 0.58)).toBe(
    'The air path from room to room, in. w.c.: Return duct uses 0.16, Filter uses 0.15, Supply duct uses 0.27. Blower pressure rise 0.58.',
  );
  expect(airwaySentence([], undefined)).toContain('No pressure read yet');
});

test('ports are touched to read them, sections to see their working', () => {
  const onPort = jest.fn();
  const onWorking = jest.fn();
  renderThemed(
    <Airway
      layout={LAYOUTS.airHandler}
      sections={sections}
      pressures={pressures}
      width={358}
      onPort={onPort}
      onWorking={onWorking}
    />,
  );
  fireEvent.press(screen.getByLabelText(/^Port S1, supply plenum: 0.27/));
  expect(onPort).toHaveBeenCalledWith('S1');
  expect(screen.getByText('30 % · budget 20 %')).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^Filter: Uses 0.15/));
  expect(onWorking).toHaveBeenCalledWith(sections[1]);
});
