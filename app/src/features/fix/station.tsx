import type { StationPlan } from '../visitState/station';
import { FixStep } from './FixStep';

export const fix: StationPlan = {
  id: 'fix',
  progress: ({ parted: { plan }, assessment }) => ({
    name: 'Fix',
    state: plan ? 'done' : assessment.advice.kind === 'cantSay' ? 'empty' : 'started',
    lacks: plan ? undefined : 'nothing decided',
  }),
  Place: ({ wholeParted, acts, frame }) => (
    <FixStep
      parted={wholeParted}
      onProve={() => acts.goTo('prove')}
      onMethod={acts.askMethod}
      onSave={acts.onSave}
      frame={frame}
    />
  ),
};
