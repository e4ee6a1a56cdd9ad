export * from './catalogue';
export * from './cause';
export { withInnerLoss } from './coilDirtyInside';
