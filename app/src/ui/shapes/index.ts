export { Shapes } from './Shapes';
