export { reconcileHeight, reconcileShapes } from './reconcileShapes';
export { ductSize, traverseShapes } from './traverseShapes';
export { type TrendPoint, trendShapes, type TrendSource } from './trendShapes';
