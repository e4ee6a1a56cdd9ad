import type { Assessment } from '@huff/contract';
import { Crossing } from '../../ui/crossing';
import type { Fix } from './useFix';

/** The Crossing with what is chosen: curves bend, where they were stays as a ghost. */
export function FixCrossing({
  fix,
  assessment,
  height = 290,
}: {
  readonly fix: Fix;
  readonly assessment: Assessment;
  readonly height?: number;
}) {
  const { request, planned, chosen } = fix;
  if (!request) return null;
  const then = planned?.ok && chosen.length > 0 ? planned.plan.prediction.system : undefined;
  return (
    <Crossing
      now={request.system}
      then={then}
      target={request.goal.target}
      maxTesp={request.goal.maxTesp}
      sigma={assessment.judgement.sigma}
      height={height}
    />
  );
}
