import { handedOver } from '@huff/core/call';
import type { StationPlan } from '../visitState/station';
import { WrapUpStep } from './WrapUpStep';

export const handOver: StationPlan = {
  id: 'handOver',
  progress: ({ whole }) => {
    const agreed = handedOver(whole.facts ?? []);
    const isDone = agreed?.returnOn !== undefined || agreed?.ownerName !== undefined || agreed?.signature !== undefined;
    return { name: 'Wrap up', state: isDone ? 'done' : 'empty', lacks: isDone ? undefined : 'not wrapped up' };
  },
  Place: WrapUpStep,
};
