export * from './catalogue';
export * from './cause';
export { coilDirtyInside, withInnerLoss } from './coilDirtyInside';
