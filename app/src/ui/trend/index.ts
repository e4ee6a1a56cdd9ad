export { TrendChart, type TrendPoint } from './TrendChart';
