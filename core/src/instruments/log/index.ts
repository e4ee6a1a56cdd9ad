export { logFigureFault, logUnit } from './logUnits';
export { type SteadySpan, steadySpans } from './steadySpans';
