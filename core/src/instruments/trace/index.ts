export { MOST_SECONDS, traceOf } from './trace';
export { TRACE_FORM } from './traceForm';
export { tracePairs } from './tracePairs';
