import type { StationPlan } from '../visitState/station';
import { VerifyStep } from './VerifyStep';

export const prove: StationPlan = {
  id: 'prove',
  progress: ({ parted: { plan, after }, assessment: { judgement } }) => {
    const provenAt = plan && judgement.tespInWc !== undefined;
    return {
      name: 'Verify',
      state: provenAt ? 'done' : plan && (after?.readings.length ?? 0) > 0 ? 'started' : 'empty',
      lacks: plan ? (provenAt ? undefined : 'not re-measured') : 'nothing to verify',
    };
  },
  Place: ({ wholeParted, width, acts, frame }) => (
    <VerifyStep
      parted={wholeParted}
      paneWidth={width}
      onPort={acts.askPort}
      onMethod={acts.askMethod}
      onFix={() => acts.goTo('fix')}
      onSave={acts.onSave}
      frame={frame}
    />
  ),
};
