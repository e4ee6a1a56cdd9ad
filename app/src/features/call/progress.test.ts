import type { VisitDto } from '@huff/contract';
import { CHECK_POINTS, STEP_POINTS, stepOfPoint, type PointStep } from '@huff/core/call';
import { measured } from '../../testing/visits';
import type { StationFacts } from '../visitState/station';
import { building, heat, power, refrigerant, upkeep } from './stations';

const STEPS = { power, heat, refrigerant, building, upkeep };

/** How far a step is when one point was read. */
function stateAfter(step: keyof typeof STEPS, point: string) {
  const fact = { id: '1', kind: 'check', inputs: { point, state: 'any' }, takenAt: '2026-05-12T10:42:00Z' } as const;
  const whole: VisitDto = { ...measured(), facts: [fact] };
  return STEPS[step].progress({ whole } as StationFacts).state;
}

test.each(CHECK_POINTS.map(({ id }) => id))('%s counts for its own step and for no other', (point) => {
  const own = stepOfPoint(point);
  for (const step of Object.keys(STEPS) as (keyof typeof STEPS)[])
    expect([step, stateAfter(step, point)]).toEqual([step, step === own ? 'started' : 'empty']);
});

test('each point belongs to one step', () => {
  const all = (Object.keys(STEP_POINTS) as PointStep[]).flatMap((step) => STEP_POINTS[step].map(({ id }) => id));
  expect(new Set(all).size).toBe(all.length);
  expect(all.length).toBe(CHECK_POINTS.length);
});
