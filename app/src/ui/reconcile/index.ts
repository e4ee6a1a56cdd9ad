export { ReconcileChart, reconcileSentence } from './ReconcileChart';
