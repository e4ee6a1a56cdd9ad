export { filterDropInWc } from './filterOut';
export {
  COIL_EXPONENT,
  dropAt,
  DUCT_EXPONENT,
  FILTER_EXPONENT,
  merged,
  pathDropAt,
  type Resistance,
  resistanceFromPoint,
} from './resistance';
