/**
 * What weighs and proves fixes: planning, the Drive bench, proof, words for changing a speed. An entry of its own, so that what
 * only judges a visit need not load it.
 */
export * from './advise/speedGuide';
export * from './driveBench';
export { CAUTIONS } from './moves/cautions';
export * from './plan';
export * from './prove/proof';
