import { lazyPart } from '../features/lazyPage';
import { TodayPage } from '../features/today/TodayPage';
import type { Computing } from '../features/visitState/WithSummary';

const ComputedSummary: Computing = lazyPart('ComputedSummary');

export default function Today() {
  return <TodayPage computed={ComputedSummary} />;
}
