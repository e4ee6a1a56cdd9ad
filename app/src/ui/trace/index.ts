export { TraceChart } from './TraceChart';
