export { TrendChart } from './TrendChart';
