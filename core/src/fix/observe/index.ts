export { type Observation, observe } from './observe';
