import { handedOver } from '@huff/core/call';
import type { StationPlan } from '../visitState/station';
import { HandOverPlace } from './HandOverPlace';

export const handOver: StationPlan = {
  id: 'handOver',
  progress: ({ whole }) => {
    const agreed = handedOver(whole.facts ?? []);
    const isDone = agreed?.returnOn !== undefined || agreed?.ownerName !== undefined || agreed?.signature !== undefined;
    return { name: 'Hand over', state: isDone ? 'done' : 'empty', lacks: isDone ? undefined : 'not handed over' };
  },
  Place: HandOverPlace,
};
