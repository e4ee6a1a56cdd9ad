import { lazyPart } from '../features/lazyPage';
import { TodayPage } from '../features/today/TodayPage';
import type { Computing } from '../features/visitState/WithSummary';

const FirstMinutes = lazyPart('FirstMinutes');
const ComputedSummary: Computing = lazyPart('ComputedSummary');

export default function Today() {
  return <TodayPage computed={ComputedSummary} welcome={FirstMinutes} />;
}
