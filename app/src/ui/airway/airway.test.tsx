import { fireEvent, screen } from '@testing-library/react-native';
import { assessVisit, DEFAULT_RULES, LAYOUT_IDS, LAYOUTS, type PortId, type PressureReading } from '@huff/core';
import { renderThemed } from '../../testing/render';
import { Airway, airwaySentence } from './Airway';
import { planAirway, splitAtAxis } from '@huff/paper/airway';

const conditions = { door: 'on', filter: 'in', coil: 'wet' } as const;
const reading = (port: PortId, staticInWc: number): PressureReading => ({ id: port, port, staticInWc, conditions });
const readings = [reading('R1', -0.16), reading('R2', -0.31), reading('S1', 0.27)];
const unit = { layout: 'airHandler', motor: 'psc' } as const;
const { stretches } = assessVisit({ unit, mode: 'cooling', readings, facts: [] }, DEFAULT_RULES).judgement;
const pressures = new Map(readings.map((r) => [r.port, r.staticInWc]));

test.each(LAYOUT_IDS)('the rows of %s cover its stages once, in order', (id) => {
  const plan = planAirway(LAYOUTS[id], [], new Map());
  expect(plan.blocks.flatMap((b) => b.stages)).toEqual(LAYOUTS[id].stages.map((s) => s.kind));
  plan.blocks.forEach((b, i) => expect(b.row).toBe(i === 0 ? 0 : plan.blocks[i - 1]!.row + plan.blocks[i - 1]!.rows));
  expect(plan.marks.map((m) => m.row)).toEqual([...plan.marks.map((m) => m.row)].sort((a, b) => a - b));
  expect(plan.marks.filter((m) => m.port).map((m) => m.port)).toEqual(LAYOUTS[id].ports.map((p) => p.id));
});

test('the area between line and axis is cut where the line crosses', () => {
  const { suction, supply } = splitAtAxis(
    [
      { x: 0, y: 0 },
      { x: 20, y: 10 },
    ],
    10,
  );
  expect(suction).toEqual([
    [
      { x: 0, y: 0 },
      { x: 10, y: 5 },
      { x: 10, y: 5 },
      { x: 10, y: 0 },
    ],
  ]);
  expect(supply[0]![1]).toEqual({ x: 20, y: 10 });
});

test('the drawing is heard as a sentence', () => {
  expect(airwaySentence(stretches, 0.58)).toBe(
    'The air path from room to room, in. w.c.: Return duct takes 0.16, Filter takes 0.15, Supply duct takes 0.27. The blower lifts 0.58.',
  );
  expect(airwaySentence([], undefined)).toContain('No pressure read yet');
});

test('ports are touched to read them, stretches to see their working', () => {
  const onPort = jest.fn();
  const onWorking = jest.fn();
  renderThemed(
    <Airway
      layout={LAYOUTS.airHandler}
      stretches={stretches}
      pressures={pressures}
      width={358}
      onPort={onPort}
      onWorking={onWorking}
    />,
  );
  fireEvent.press(screen.getByLabelText(/^Port S1, supply plenum: 0.27/));
  expect(onPort).toHaveBeenCalledWith('S1');
  expect(screen.getByText('30 % of the plate · share 20 %')).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^Filter: Takes 0.15/));
  expect(onWorking).toHaveBeenCalledWith(stretches[1]);
});
