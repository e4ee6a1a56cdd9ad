export { type ExplainContext, explainRequest } from './explainRequest';
export { nextByExplanation, outcomeWords } from './nextByExplanation';
