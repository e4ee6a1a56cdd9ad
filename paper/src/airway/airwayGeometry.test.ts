import { LAYOUT_IDS, LAYOUTS } from '@huff/core';
import { planAirway, splitAtAxis } from './airwayGeometry';

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
