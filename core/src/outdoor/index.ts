export { OUTDOOR_POINTS } from './points';
export { outdoorUnit } from './scheme';
