export { Crossing } from './Crossing';
