export { outdoorUnit } from './scheme';
