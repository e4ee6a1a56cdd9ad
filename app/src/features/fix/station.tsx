import type { StationPlan } from '../visitState/station';
import { FixPlace } from './FixPlace';

export const fix: StationPlan = {
  id: 'fix',
  progress: ({ parted: { plan }, assessment }) => ({
    name: 'Fix',
    state: plan ? 'done' : assessment.advice.kind === 'cantSay' ? 'empty' : 'started',
    lacks: plan ? undefined : 'nothing decided',
  }),
  Place: ({ wholeParted, acts, frame }) => (
    <FixPlace
      parted={wholeParted}
      onProve={() => acts.goTo('prove')}
      onMethod={acts.askMethod}
      onSave={acts.onSave}
      frame={frame}
    />
  ),
};
