export { type Duct, ductAreaSqFt, straightRun, tapeText, traversePlan, type TraversePlan } from './plan';
