export {
  crossing,
  type Crossing,
  crossingOf,
  type CrossingOffTable,
  innerDropInWc,
  operate,
  type Operation,
  resistancesOf,
} from './operate';
