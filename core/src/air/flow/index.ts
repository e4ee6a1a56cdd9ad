export { type FlowEstimate, sigmasApart } from './estimate';
export { flowAfterPlan, type FlowSince } from './flowSince';
export { reconcile, type ReconciledFlow } from './reconcile';
export { splitOf, type Sureness } from './sureness';
export { FLOW_METHOD_IDS, type FlowMethodId } from './methods';
