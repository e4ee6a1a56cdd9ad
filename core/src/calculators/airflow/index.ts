export { traverseDuct, traversePoints } from './traverse';
