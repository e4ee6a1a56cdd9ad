export { FullSheet } from './FullSheet';
export { Sheet } from './Sheet';
